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

  private static Formula distance(MeasureContext setting) {
    return setting.mean().formula().minus(Quantity.MEDIAN.formula());
  }

  @Override
  public Definition definition(MeasureContext setting) {
    return Definition.of(
        number(3).times(distance(setting)).over(setting.sd().formula()),
        Condition.exists(setting.mean().formula()),
        Condition.exists(Quantity.MEDIAN.formula()),
        Condition.notZero(setting.sd().formula(), "no-spread"));
  }

  @Override
  public List<Slip> slips(MeasureContext setting) {
    return List.of(
        new Slip(Cause.SIGN_REVERSED, number(-1).times(quantity(setting).formula())),
        new Slip(Cause.FACTOR_THREE_LEFT_OUT, distance(setting).over(setting.sd().formula())));
  }
}
