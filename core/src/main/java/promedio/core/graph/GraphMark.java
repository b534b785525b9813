package promedio.core.graph;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;

/** What is marked in a graph on request. */
public enum GraphMark {
  MEAN,
  MEDIAN,
  MODES,
  QUARTILES;

  /** {@return its name in files} */
  public String code() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** {@return the mark of this code} */
  public static Optional<GraphMark> ofCode(String code) {
    return Arrays.stream(values()).filter(mark -> mark.code().equals(code)).findFirst();
  }

  /** {@return what it marks} */
  public List<Measure> measures() {
    return switch (this) {
      case MEAN -> List.of(Measures.MEAN);
      case MEDIAN -> List.of(Measures.MEDIAN);
      case MODES -> List.of(Measures.MODES);
      case QUARTILES -> List.of(Measures.Q1, Measures.Q3);
    };
  }
}
