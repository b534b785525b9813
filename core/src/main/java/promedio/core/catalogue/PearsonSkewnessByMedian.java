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
 * Pearson's second skewness 3(x̄ − Md)/s. A bare number from −3 to 3 where s is divided by n.
 * Absent where there is no spread and where the median is absent.
 */
final class PearsonSkewnessByMedian extends BasicMeasure {

  PearsonSkewnessByMedian() {
    super("skewness_pearson_median", Family.SHAPE, Quantity.MEDIAN_SKEWNESS);
  }

  private static Formula distance(MeasureContext context) {
    return context.mean().formula().minus(Quantity.MEDIAN.formula());
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(
        number(3).times(distance(context)).over(context.sd().formula()),
        Condition.exists(context.mean().formula()),
        Condition.exists(Quantity.MEDIAN.formula()),
        Condition.notZero(context.sd().formula(), "no-spread"));
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return List.of(
        new Slip(Cause.SIGN_REVERSED, number(-1).times(quantity(context).formula())),
        new Slip(Cause.FACTOR_THREE_LEFT_OUT, distance(context).over(context.sd().formula())));
  }
}
