package promedio.core.slip;

import java.util.Locale;

/** A single thing that turns a right result into another one. */
public enum Cause {
  // Right by another course rule.
  DIVISOR(Kind.RULE),
  SKEWNESS(Kind.RULE, 200),
  MODE(Kind.RULE),
  MEDIAN_POSITION(Kind.RULE),
  GROUPED_MODE(Kind.RULE),
  OPEN_CLASS(Kind.RULE),
  SHEPPARD(Kind.RULE),
  ROUNDING(Kind.RULE),
  QUARTILES(Kind.RULE, 130),
  PERCENTILES(Kind.RULE, 130),

  // Rounded too early, or otherwise.
  ROUNDED_EARLY(Kind.ROUNDING),
  TRUNCATED(Kind.ROUNDING, 60),
  LAST_DIGIT(Kind.ROUNDING, 40),

  // Given instead of what was asked.
  ROOT_NOT_TAKEN(Kind.SLIP),
  ROOT_TAKEN(Kind.SLIP),
  DEVIATIONS_NOT_SQUARED(Kind.SLIP),
  OTHER_MEASURE(Kind.SLIP, 60),
  IQR_NOT_HALVED(Kind.SLIP),
  IQR_HALVED(Kind.SLIP),
  PERCENT_LEFT_OUT(Kind.SLIP),
  SIGN_REVERSED(Kind.SLIP),
  FACTOR_THREE_LEFT_OUT(Kind.SLIP),
  POSITION_GIVEN(Kind.SLIP),
  FREQUENCY_GIVEN(Kind.SLIP),

  // Slips with the order and the count.
  NOT_SORTED(Kind.SLIP),
  MIDDLE_NOT_AVERAGED(Kind.SLIP),
  COUNT_OFF_BY_ONE(Kind.SLIP),
  MEAN_SQUARE_NOT_SUBTRACTED(Kind.SLIP),

  // Slips with one value.
  VALUE_LEFT_OUT(Kind.SLIP, 54),
  VALUE_TWICE(Kind.SLIP, 60),
  DIGITS_SWAPPED(Kind.SLIP, 50),
  POINT_MOVED(Kind.SLIP, 50),

  // Slips with frequencies.
  FREQUENCIES_IGNORED(Kind.SLIP, 50),
  DIVIDED_BY_CLASSES(Kind.SLIP),
  SQUARES_NOT_WEIGHTED(Kind.SLIP),
  FREQUENCY_SQUARED(Kind.SLIP),

  // Slips with classes.
  LOWER_LIMITS_USED(Kind.SLIP),
  UPPER_LIMITS_USED(Kind.SLIP),
  GAP_IGNORED(Kind.SLIP, 200),
  LIMIT_NOT_BOUNDARY(Kind.SLIP),
  WIDTH_FROM_LIMITS(Kind.SLIP),
  OWN_CLASS_CUMULATED(Kind.SLIP),
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
