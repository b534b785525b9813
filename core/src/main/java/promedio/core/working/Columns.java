package promedio.core.working;

import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;

/** How the columns of a working's table are made of each other. */
public final class Columns {

  private static final Formula F = Quantity.F.formula();

  private Columns() {}

  /** {@return the column that the hand makes this one of: x − x̄ of (x − x̄)²} */
  public static Optional<Formula> before(Formula column) {
    if (column instanceof Formula.Power power) {
      return Optional.of(power.base());
    }
    if (column instanceof Formula.Absolute absolute) {
      return Optional.of(absolute.body());
    }
    return column instanceof Formula.Operation operation
            && operation.operator() == Formula.Operator.TIMES
            && operation.left().equals(F)
        ? Optional.of(operation.right())
        : Optional.empty();
  }

  /** {@return the entry of a column, made of the entry of the column before it} */
  public static Formula made(Formula column, Formula entryBefore) {
    if (column instanceof Formula.Power power) {
      return new Formula.Power(entryBefore, power.exponent());
    }
    return column instanceof Formula.Absolute
        ? new Formula.Absolute(entryBefore)
        : F.times(entryBefore);
  }

  /**
   * {@return what stands for a column in a row: x − A for d}
   *
   * @param x the values of the rows, x or m
   */
  public static Formula inRow(Formula column, Formula x) {
    Formula distance = x.minus(Quantity.ASSUMED_MEAN.formula());
    if (column.equals(Quantity.DISTANCE.formula())) {
      return distance;
    }
    return column.equals(Quantity.STEPS.formula())
        ? distance.over(Quantity.STEP.formula())
        : column;
  }
}
