package promedio.core.slip;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;

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
  /** A t test with pooled variances, or each its own. */
  VARIANCES(Kind.RULE),
  /** Another tail. */
  TAILS(Kind.RULE),
  /** Another correction for several comparisons. */
  CORRECTION(Kind.RULE),
  /** With Yates's correction, or without it. */
  YATES(Kind.RULE),
  /** The correlation of shared ranks, where the course takes 1 − 6Σd²/(n(n²−1)) all the same. */
  RANK_TIES(Kind.RULE),
  /** t in place of z for a large sample, or the other way round. */
  LARGE_SAMPLE(Kind.RULE),

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

  // Mistakes on the way, of any measure and method.
  /** A step was given as the result. */
  STOPPED_EARLY(Kind.SLIP),
  /** One operation was left out. */
  OPERATION_LEFT_OUT(Kind.SLIP),
  /** One operation too many. */
  OPERATION_ADDED(Kind.SLIP),
  /** One operation in the place of another. */
  OPERATION_EXCHANGED(Kind.SLIP),
  /** Divided the other way round. */
  TURNED_OVER(Kind.SLIP),
  /** A neighbour in the place of a quantity. */
  MIXED_UP(Kind.SLIP),
  /** Typed without its brackets. */
  BRACKETS_IGNORED(Kind.SLIP),
  /** Σx² for (Σx)², or the other way round. */
  SQUARES_MIXED_UP(Kind.SLIP),
  /** Pairs as two samples, or two samples as pairs. */
  WRONG_DESIGN(Kind.SLIP),
  /** 1 − p for p. */
  WRONG_TAIL(Kind.SLIP),
  /** The middle of the class in which the result lies. */
  MIDPOINT_GIVEN(Kind.SLIP),
  /** Equal values counted once. */
  REPEATS_DROPPED(Kind.SLIP, 40),
  /** Zeros left out as if they were nothing. */
  ZEROS_DROPPED(Kind.SLIP, 50),
  /** Each column of pairs sorted by itself. */
  COLUMNS_SORTED(Kind.SLIP, 70),
  /** A line through the first and the last point. */
  TWO_POINTS(Kind.SLIP, 70),
  /** r·c, or one less, for (r − 1)(c − 1). */
  DF_AS_PRODUCT(Kind.SLIP),
  /** A quarter of the range for the standard deviation. */
  RANGE_RULE(Kind.SLIP, 25),
  /** One of several modes. */
  ONE_OF_SEVERAL(Kind.SLIP),
  /** One term of a sum left out, while the number of values is right. */
  TERM_LEFT_OUT(Kind.SLIP),

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
  NEIGHBOUR_CLASS(Kind.SLIP),

  // Slips with data of more than one variable.
  /** Σxy over the divisor, without − x̄ȳ. */
  PRODUCTS_NOT_CENTRED(Kind.SLIP),
  /** Covariance by one divisor over standard deviations by the other. */
  DIVISORS_MIXED(Kind.SLIP),
  /** Regressed the other way. */
  AXES_SWAPPED(Kind.SLIP),
  /** Equal values ranked one after the other. */
  RANKS_NOT_SHARED(Kind.SLIP),
  /** 1 − 6Σd²/(n(n²−1)) in spite of shared ranks. */
  TIED_FORMULA(Kind.SLIP),
  /** One ranked upwards, the other downwards. */
  ONE_RANKING_TURNED(Kind.SLIP),
  /** The mean of the means of groups of unequal size. */
  MEANS_AVERAGED(Kind.SLIP),
  /** The mean of the variances. */
  VARIANCES_AVERAGED(Kind.SLIP),
  /** The mean of the standard deviations. */
  SDS_AVERAGED(Kind.SLIP),
  /** Without what lies between the groups. */
  BETWEEN_LEFT_OUT(Kind.SLIP),
  /** Divided by s or σ, not by its √n-th. */
  SD_FOR_STANDARD_ERROR(Kind.SLIP),
  /** Divided by s/n. */
  N_NOT_ROOTED(Kind.SLIP),
  /** A degree of freedom more or less. */
  DF_OFF_BY_ONE(Kind.SLIP, 250),
  /** The p-value of F or χ² halved or doubled. */
  TAILS_MIXED(Kind.SLIP),
  /** The ratio of the sums of squares. */
  SUMS_NOT_DIVIDED(Kind.SLIP),
  /** The ratio turned over. */
  F_TURNED(Kind.SLIP),
  /** (O−E)²/O. */
  DIVIDED_BY_OBSERVED(Kind.SLIP),
  /** Σ(O−E)². */
  NOT_DIVIDED(Kind.SLIP),
  /** Σ|O−E|/E. */
  NOT_SQUARED(Kind.SLIP),
  /** Percentages in the place of counts. */
  PERCENTAGES_USED(Kind.SLIP);

  private static final int USUAL = 100;
  private static final Set<Cause> OF_AN_ENTRY =
      Collections.unmodifiableSet(
          EnumSet.of(VALUE_LEFT_OUT, VALUE_TWICE, DIGITS_SWAPPED, POINT_MOVED));
  private static final Set<Cause> OF_THE_WAY =
      Collections.unmodifiableSet(
          EnumSet.of(
              STOPPED_EARLY,
              OPERATION_LEFT_OUT,
              OPERATION_ADDED,
              OPERATION_EXCHANGED,
              TURNED_OVER,
              MIXED_UP,
              BRACKETS_IGNORED,
              SQUARES_MIXED_UP));

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

  /**
   * {@return with how many digits an answer must be written to be explained by it}: fewer fit to
   * something else too easily
   */
  public int fewestDigits() {
    return OF_AN_ENTRY.contains(this) || this == LAST_DIGIT || this == TERM_LEFT_OUT
        ? 3
        : this == OTHER_MEASURE ? 2 : 1;
  }

  /** {@return whether it is made with one entry of the data} */
  public boolean isOfAnEntry() {
    return OF_AN_ENTRY.contains(this);
  }

  /** {@return whether it is made of a formula on the way, whatever the measure} */
  public boolean isOfTheWay() {
    return OF_THE_WAY.contains(this);
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
