package promedio.core.catalogue.counts;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Absolute;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.FormulaMeasure;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.SeveralQuantities;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Subject;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/** What the formulas of counts O beside expected ones E share; n was counted in all. */
final class CountParts {

  static final Formula O = SeveralQuantities.OBSERVED.formula();
  static final Formula E = SeveralQuantities.EXPECTED.formula();
  static final Formula N = SeveralQuantities.COUNTED.formula();

  private CountParts() {}

  static FormulaMeasure cross(
      String key, Quantity quantity, Function<MeasureContext, Definition> by) {
    return FormulaMeasure.of(key, Subject.CROSS, quantity, by);
  }

  static CrossTable table(MeasureContext context) {
    return context.data().cross().orElseThrow();
  }

  /** {@return that no row and no column is empty} */
  static Condition full(MeasureContext context) {
    return Condition.that(!table(context).hasEmptyLine(), "empty-line");
  }

  /** {@return whether there are two rows and two columns} */
  static boolean isTwoByTwo(MeasureContext context) {
    return table(context).rows().size() == 2 && table(context).columns().size() == 2;
  }

  /** {@return how many were counted, of data of this kind} */
  static Measure counted(Subject subject) {
    return FormulaMeasure.of(
        "n", subject, SeveralQuantities.COUNTED, s -> Definition.of(new Numeral(s.data().total())));
  }

  /** {@return Σ(O−E)²/E} */
  static Formula chiSquared(Formula expected) {
    return new Sum(O.minus(expected).power(2).over(expected));
  }

  /** {@return ΣO²/E − n, the same by another formula} */
  static Formula bySquares(Formula expected) {
    return new Sum(O.power(2).over(expected)).minus(N);
  }

  /** {@return what is done in its place} */
  static List<Slip> slips(Formula expected, Quantity statistic) {
    Formula apart = O.minus(expected);
    return List.of(
        new Slip(Cause.DIVIDED_BY_OBSERVED, new Sum(apart.power(2).over(O))),
        new Slip(Cause.NOT_DIVIDED, new Sum(apart.power(2))),
        new Slip(Cause.NOT_SQUARED, new Sum(new Absolute(apart).over(expected))),
        new Slip(Cause.PERCENTAGES_USED, statistic.formula().times(number(100)).over(N)));
  }
}
