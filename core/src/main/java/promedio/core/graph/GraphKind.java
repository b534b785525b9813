package promedio.core.graph;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** The graphs there are. */
public enum GraphKind {
  HISTOGRAM,
  /** The frequency polygon, through the midpoints and down to 0 at both ends. */
  POLYGON,
  /** Cumulative frequencies from below, over the upper boundaries. */
  OGIVE,
  /** Cumulative frequencies from above, over the lower boundaries. */
  OGIVE_ABOVE,
  BOX,
  STEM_AND_LEAF,
  DOT,
  /** A line for each distinct value, as high as its frequency. */
  BAR;

  /** {@return its name in files and on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** {@return the kind of this code} */
  public static Optional<GraphKind> ofCode(String code) {
    return Arrays.stream(values()).filter(kind -> kind.code().equals(code)).findFirst();
  }

  /** {@return the codes of all kinds} */
  public static String codes() {
    return Arrays.stream(values()).map(GraphKind::code).collect(Collectors.joining(", "));
  }

  /** {@return whether it is drawn of classes} */
  public boolean needsClasses() {
    return this == HISTOGRAM || this == POLYGON || isCumulative();
  }

  /** {@return whether its height is a cumulative frequency, off which positions are read} */
  public boolean isCumulative() {
    return this == OGIVE || this == OGIVE_ABOVE;
  }
}
