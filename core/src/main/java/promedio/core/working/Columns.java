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

  /** {@return what stands for a column in a row: x − A for d} */
  public static Formula inRow(Formula column) {
    return column instanceof Formula.Named named
        ? Definitions.inRow(named.quantity()).orElse(column)
        : column;
  }
}
