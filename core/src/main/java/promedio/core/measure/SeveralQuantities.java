package promedio.core.measure;

import java.util.Map;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;

/** What rows of data of more than one variable give to formulas. */
public final class SeveralQuantities {

  /** The second number of a pair. */
  public static final Quantity Y = Quantity.ofRow("y", "y", "y");

  /** x − y. */
  public static final Quantity DIFFERENCE = Quantity.ofRow("difference", "d", "d");

  /** The rank of x, equal values sharing the mean of theirs. */
  public static final Quantity RANK_X = Quantity.ofRow("rank_x", "R_x", "Rₓ");

  public static final Quantity RANK_Y = Quantity.ofRow("rank_y", "R_y", "Rᵧ");

  /** How many values a group has. */
  public static final Quantity SIZE_OF_GROUP = Quantity.ofRow("n_j", "n_j", "nⱼ");

  /** What the values of a group add up to. */
  public static final Quantity TOTAL_OF_GROUP = Quantity.ofRow("total_j", "\\Sigma x_j", "Σxⱼ");

  public static final Quantity MEAN_OF_GROUP = Quantity.ofRow("mean_j", "\\bar{x}_j", "x̄ⱼ");

  /** By n − 1. */
  public static final Quantity VARIANCE_OF_GROUP = Quantity.ofRow("variance_j", "s_j^2", "sⱼ²");

  /** By n. */
  public static final Quantity POPULATION_VARIANCE_OF_GROUP =
      Quantity.ofRow("population_variance_j", "\\sigma_j^2", "σⱼ²");

  /** A count as it is. */
  public static final Quantity OBSERVED = Quantity.ofRow("observed", "O", "O");

  /** The totals of the row and of the column that a cell stands in. */
  public static final Quantity ROW_TOTAL = Quantity.ofRow("row_total", "R_i", "Rᵢ");

  public static final Quantity COLUMN_TOTAL = Quantity.ofRow("column_total", "C_j", "Cⱼ");

  /** How many were counted. */
  public static final Quantity COUNTED = Quantity.of("n_of_counts", "n", "n");

  /**
   * A count as it would be expected of rows and columns that have nothing to do with each other.
   */
  public static final Quantity EXPECTED = Quantity.ofRow("expected", "E", "E");

  /** The proportion that is expected of a category. */
  public static final Quantity SHARE = Quantity.ofRow("share", "p_0", "p₀");

  /** A count as the expected proportion would have it. */
  public static final Quantity EXPECTED_BY_SHARE = Quantity.ofRow("expected_by_share", "E", "E");

  /** |O − E| less ½, at least 0 (Yates 1934). */
  public static final Quantity CORRECTED_DISTANCE =
      Quantity.ofRow("corrected_distance", "(|O-E|-\\tfrac12)", "(|O − E| − ½)");

  /** Rₓ − Rᵧ. */
  public static final Quantity RANK_DIFFERENCE = Quantity.ofRow("rank_difference", "d", "d");

  private static final Map<Quantity, Formula> MADE =
      Map.of(
          DIFFERENCE, Quantity.X.formula().minus(Y.formula()),
          RANK_DIFFERENCE, RANK_X.formula().minus(RANK_Y.formula()),
          MEAN_OF_GROUP, TOTAL_OF_GROUP.formula().over(SIZE_OF_GROUP.formula()),
          EXPECTED, ROW_TOTAL.formula().times(COLUMN_TOTAL.formula()).over(COUNTED.formula()),
          EXPECTED_BY_SHARE, COUNTED.formula().times(SHARE.formula()));

  private SeveralQuantities() {}

  /**
   * {@return how the hand makes a quantity of a row of others of the row}; none where it is read or
   * looked up
   */
  public static Optional<Formula> made(Quantity quantity) {
    return Optional.ofNullable(MADE.get(quantity));
  }
}
