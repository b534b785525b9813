package promedio.core.working;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import promedio.core.measure.Measure;

/** A way of working a measure by hand. */
public enum Method {
  /** By the formula that defines the measure; of variance and sd, by the deviations. */
  DEFINITION(EnumSet.allOf(Measure.class)),
  /** Variance and sd by Σx² − (Σx)²/n, which needs no deviations. */
  SHORTCUT(EnumSet.of(Measure.VARIANCE, Measure.SD));

  @SuppressWarnings("ImmutableEnumChecker") // nobody changes it
  private final Set<Measure> measures;

  Method(Set<Measure> measures) {
    this.measures = measures;
  }

  /** {@return its name in files and on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** {@return the method of this code} */
  public static Optional<Method> ofCode(String code) {
    return Arrays.stream(values()).filter(method -> method.code().equals(code)).findFirst();
  }

  /** {@return the methods that there are for the measure} */
  public static List<Method> of(Measure measure) {
    return Arrays.stream(values()).filter(method -> method.measures.contains(measure)).toList();
  }
}
