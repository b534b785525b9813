package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Equation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The skewness m₃/s³, s by n − 1 and without Sheppard's correction, which leaves moments and what
 * is made of them alone (Joanes and Gill, The Statistician 47, 1998). A bare number. Absent where
 * there is no spread.
 */
final class SkewnessByDeviation extends BasicMeasure {

  SkewnessByDeviation() {
    super("skewness_moment_s", Family.SHAPE, Quantity.SKEWNESS_BY_S);
  }

  @Override
  public Definition definition(MeasureContext context) {
    Formula s =
        context.sheppardWidth().isPresent()
            ? context.varianceOfSample().root()
            : Quantity.STANDARD_DEVIATION.formula();
    return Definition.of(
        Quantity.THIRD_MOMENT.formula().over(s.power(3)),
        Condition.spread(),
        Condition.moreThanOne(context));
  }

  /** s = √(n/(n − 1) · m₂), since the second moment is there anyhow. */
  @Override
  public Optional<Definition.ByFormula> way(Method method, MeasureContext context) {
    if (method != Method.RAW_MOMENTS) {
      return Optional.empty();
    }
    Formula n = context.n();
    Formula m2 = Quantity.SECOND_MOMENT.formula();
    Quantity s = Quantity.STANDARD_DEVIATION;
    return Optional.of(
        Definition.of(
            List.of(new Equation(s, n.over(n.minus(number(1))).times(m2).root())),
            Quantity.THIRD_MOMENT.formula().over(s.formula().power(3))));
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return List.of(new Slip(Cause.SIGN_REVERSED, number(-1).times(quantity(context).formula())));
  }
}
