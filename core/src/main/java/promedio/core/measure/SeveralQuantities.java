package promedio.core.measure;

import promedio.core.formula.Quantity;

/** What rows of data of more than one variable give to formulas. */
public final class SeveralQuantities {

  /** The second number of a pair. */
  public static final Quantity Y = Quantity.ofRow("y", "y", "y");

  /** x − y. */
  public static final Quantity DIFFERENCE = Quantity.ofRow("difference", "u", "u");

  public static final Quantity RANK_X = Quantity.ofRow("rank_x", "R_x", "Rₓ");
  public static final Quantity RANK_Y = Quantity.ofRow("rank_y", "R_y", "Rᵧ");

  /** How many values a group has. */
  public static final Quantity SIZE_OF_GROUP = Quantity.ofRow("n_j", "n_j", "nⱼ");

  public static final Quantity MEAN_OF_GROUP = Quantity.ofRow("mean_j", "\\bar{x}_j", "x̄ⱼ");

  /** By n − 1. */
  public static final Quantity VARIANCE_OF_GROUP = Quantity.ofRow("variance_j", "s_j^2", "sⱼ²");

  /** By n. */
  public static final Quantity POPULATION_VARIANCE_OF_GROUP =
      Quantity.ofRow("population_variance_j", "\\sigma_j^2", "σⱼ²");

  /** A count as it is. */
  public static final Quantity OBSERVED = Quantity.ofRow("observed", "O", "O");

  /** A count as it would be expected. */
  public static final Quantity EXPECTED = Quantity.ofRow("expected", "E", "E");

  /** |O − E| less ½, at least 0 (Yates 1934). */
  public static final Quantity CORRECTED_DISTANCE =
      Quantity.ofRow("corrected_distance", "(|O-E|-\\tfrac12)", "(|O − E| − ½)");

  private SeveralQuantities() {}
}
