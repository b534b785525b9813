package promedio.core.formula;

import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Operation;
import promedio.core.formula.Formula.Operator;

/** Where the reading of a formula needs brackets, however it is written. */
final class Brackets {

  private Brackets() {}

  /** {@return whether it is a number below 0} */
  static boolean isNegative(Formula formula) {
    return formula instanceof Numeral numeral && numeral.value().signum() < 0;
  }

  /** {@return whether it is bracketed as a factor: sums, differences and numbers below 0 are} */
  static boolean areNeededForFactor(Formula formula) {
    boolean loose =
        formula instanceof Operation operation
            && (operation.operator() == Operator.PLUS || operation.operator() == Operator.MINUS);
    return loose || isNegative(formula);
  }
}
