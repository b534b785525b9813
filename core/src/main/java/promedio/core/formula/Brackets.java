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

  /** {@return whether it is bracketed before a factor: what a sum goes over must be plain} */
  static boolean areNeededBeforeFactor(Formula formula) {
    return areNeededForFactor(formula)
        || formula instanceof Formula.Sum
        || formula instanceof Formula.Product;
  }

  /**
   * {@return whether it is bracketed where it is raised}: all is but a symbol without a power of
   * its own, a number that is no fraction, and what has its own bars or place
   *
   * @param text the formula as it is written
   */
  static boolean areNeededForBase(Formula formula, String text) {
    if (formula instanceof Formula.Named) {
      return text.indexOf('^') >= 0 || text.indexOf('²') >= 0 || text.contains("<msup>");
    }
    if (formula instanceof Formula.Absolute || formula instanceof Formula.Ordered) {
      return false;
    }
    boolean fraction =
        text.contains("\\frac") || text.contains("<mfrac>") || text.indexOf('/') >= 0;
    return !(formula instanceof Numeral) || isNegative(formula) || (fraction && !isTag(text));
  }

  /** The slash of a closing tag is no fraction. */
  private static boolean isTag(String text) {
    return text.startsWith("<") && !text.contains("<mfrac>");
  }

  /** {@return whether it is bracketed as a factor: sums, differences and numbers below 0 are} */
  static boolean areNeededForFactor(Formula formula) {
    boolean loose =
        formula instanceof Operation operation
            && (operation.operator() == Operator.PLUS || operation.operator() == Operator.MINUS);
    return loose || isNegative(formula);
  }
}
