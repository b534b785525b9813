package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The skewness √(n(n−1))/(n−2) · m₃/m₂^(3/2), adjusted for the size of the sample (Joanes and Gill,
 * "Comparing measures of sample skewness and kurtosis", The Statistician 47, 1998). A bare number.
 * Absent where there is no spread, and for n below 3.
 */
final class AdjustedSkewness extends BasicMeasure {

  AdjustedSkewness() {
    super("skewness_adjusted", Family.SHAPE, Quantity.ADJUSTED_SKEWNESS);
  }

  @Override
  public Definition definition(MeasureContext context) {
    Formula n = context.n();
    return Definition.of(
        n.times(n.minus(number(1)))
            .root()
            .over(n.minus(number(2)))
            .times(MomentSkewness.STANDARDIZED),
        Condition.spread(),
        Condition.atLeast(3, context));
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return List.of(new Slip(Cause.SIGN_REVERSED, number(-1).times(quantity(context).formula())));
  }
}
