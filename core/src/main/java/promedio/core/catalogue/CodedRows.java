package promedio.core.catalogue;

import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;

/**
 * What a method works with in the place of x: the distances d = x − A from an assumed mean, or the
 * same in steps, u = (x − A)/h.
 *
 * @param row what stands in each row
 * @param step h, where the rows are steps
 */
record CodedRows(Formula row, Optional<Formula> step) {

  /** {@return the rows of a method; none of one that works with x} */
  static Optional<CodedRows> of(Method method) {
    return switch (method) {
      case ASSUMED_MEAN ->
          Optional.of(
              new CodedRows(Quantity.DEVIATION_FROM_ASSUMED_MEAN.formula(), Optional.empty()));
      case STEP ->
          Optional.of(
              new CodedRows(Quantity.CODED_VALUE.formula(), Optional.of(Quantity.STEP.formula())));
      default -> Optional.empty();
    };
  }

  /** {@return the values as they are} */
  static CodedRows plain(MeasureContext context) {
    return new CodedRows(context.x(), Optional.empty());
  }

  /** {@return the rows of a method that sums squares as they are; none of one that does not} */
  static Optional<CodedRows> ofSquares(Method method, MeasureContext context) {
    return method == Method.SHORTCUT ? Optional.of(plain(context)) : of(method);
  }

  /** {@return Σu²−(Σu)²/n} */
  Formula squares(MeasureContext context) {
    return context.sum(row.power(2)).minus(context.sum(row).power(2).over(context.n()));
  }

  /** {@return the formula of rows, as one of x: times h to the power} */
  Formula scaled(Formula formula, int power) {
    return step.map(h -> power == 1 ? h.times(formula) : h.power(power).times(formula))
        .orElse(formula);
  }
}
