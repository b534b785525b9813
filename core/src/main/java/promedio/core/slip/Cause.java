package promedio.core.slip;

import java.util.Locale;

/** A single thing that turns a right result into another one. */
public enum Cause {
  // Right by another course rule.
  /** Divided by n in place of n − 1, or the other way round. */
  DIVISOR(Kind.RULE),
  /** Another skewness than the one the course calls so. */
  SKEWNESS(Kind.RULE, 200),
  /** None told, or all, where every value is equally frequent. */
  MODE(Kind.RULE),
  /** N + 1 in place of N, or the other way round, for positions in classes. */
  MEDIAN_POSITION(Kind.RULE),
  /** The mode of classes found in another way. */
  GROUPED_MODE(Kind.RULE),
  /** An open class closed as its neighbour, or not. */
  OPEN_CLASS(Kind.RULE),
  /** With Sheppard's correction, or without it. */
  SHEPPARD(Kind.RULE),
  /** A tie rounded by the other rule. */
  ROUNDING(Kind.RULE),
  /** Quartiles by another rule. */
  QUARTILES(Kind.RULE, 130),
  /** A percentile by another rule. */
  PERCENTILES(Kind.RULE, 130),

  // Rounded too early, or otherwise.
  /** A step was rounded before the next used it. */
  ROUNDED_EARLY(Kind.ROUNDING),
  /** Cut off, not rounded. */
  TRUNCATED(Kind.ROUNDING, 60),
  /** One unit off in the last place. */
  LAST_DIGIT(Kind.ROUNDING, 40),

  // Given instead of what was asked.
  /** The last root was left out: s² for s. */
  ROOT_NOT_TAKEN(Kind.SLIP),
  /** A root too much: s for s². */
  ROOT_TAKEN(Kind.SLIP),
  /** Σ|x−x̄|/n in place of Σ(x−x̄)² over its divisor. */
  DEVIATIONS_NOT_SQUARED(Kind.SLIP),
  /** Another measure of the same data. */
  OTHER_MEASURE(Kind.SLIP, 60),
  /** Q₃ − Q₁ for its half. */
  IQR_NOT_HALVED(Kind.SLIP),
  /** Half of Q₃ − Q₁ for it. */
  IQR_HALVED(Kind.SLIP),
  /** s/|x̄| without the 100. */
  PERCENT_LEFT_OUT(Kind.SLIP),
  /** The sign turned. */
  SIGN_REVERSED(Kind.SLIP),
  /** (x̄ − Md)/s without the 3. */
  FACTOR_THREE_LEFT_OUT(Kind.SLIP),
  /** Where the value stands, not the value. */
  POSITION_GIVEN(Kind.SLIP),
  /** How often the mode occurs, not the mode. */
  FREQUENCY_GIVEN(Kind.SLIP),

  // Slips with the order and the count.
  /** Positions counted in the values as they came. */
  NOT_SORTED(Kind.SLIP),
  /** One of the two middle values. */
  MIDDLE_NOT_AVERAGED(Kind.SLIP),
  /** Σx over n − 1 or n + 1. */
  COUNT_OFF_BY_ONE(Kind.SLIP),
  /** Σx² over the divisor, without − n·x̄². */
  MEAN_SQUARE_NOT_SUBTRACTED(Kind.SLIP),

  // Slips with one value.
  /** One value, or one row, left out. */
  VALUE_LEFT_OUT(Kind.SLIP, 54),
  /** One value, or one row, counted twice. */
  VALUE_TWICE(Kind.SLIP, 60),
  /** Two neighbouring digits of a value swapped. */
  DIGITS_SWAPPED(Kind.SLIP, 50),
  /** The decimal point of a value moved by one place. */
  POINT_MOVED(Kind.SLIP, 50),

  // Slips with frequencies.
  /** Each value or midpoint as if it stood once. */
  FREQUENCIES_IGNORED(Kind.SLIP, 50),
  /** Divided by the number of rows in place of Σf. */
  DIVIDED_BY_CLASSES(Kind.SLIP),
  /** Σ(x−x̄)² without f. */
  SQUARES_NOT_WEIGHTED(Kind.SLIP),
  /** Σ(fx)² for Σfx². */
  FREQUENCY_SQUARED(Kind.SLIP),

  // Slips with classes.
  /** Lower limits for midpoints. */
  LOWER_LIMITS_USED(Kind.SLIP),
  /** Upper limits for midpoints. */
  UPPER_LIMITS_USED(Kind.SLIP),
  /** 10–19 taken for 10–20. */
  GAP_IGNORED(Kind.SLIP, 200),
  /** The lower limit where the boundary is due. */
  LIMIT_NOT_BOUNDARY(Kind.SLIP),
  /** u − l for the width. */
  WIDTH_FROM_LIMITS(Kind.SLIP),
  /** F with the class itself. */
  OWN_CLASS_CUMULATED(Kind.SLIP),
  /** Read in the class before or after. */
  NEIGHBOUR_CLASS(Kind.SLIP);

  private static final int USUAL = 100;

  private final Kind kind;
  private final int weight;

  Cause(Kind kind) {
    this(kind, USUAL);
  }

  Cause(Kind kind, int weight) {
    this.kind = kind;
    this.weight = weight;
  }

  /**
   * {@return how likely this is beside the others, of which the usual one has 100, where a measure
   * is asked that it can change}: what concerns few measures or data is likelier there than what
   * can befall any
   */
  public int weight() {
    return weight;
  }

  /** {@return what sort of thing it is} */
  public Kind kind() {
    return kind;
  }

  /** {@return the code by which files and the command line know it} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
