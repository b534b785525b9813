package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * Pearson's first skewness (x̄ − Mo)/s. A bare number. Absent where there is not just one mode, and
 * where there is no spread.
 */
final class PearsonSkewnessByMode extends BasicMeasure {

  PearsonSkewnessByMode() {
    super("skewness_pearson_mode", Family.SHAPE, Quantity.MODE_SKEWNESS);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(
        context.mean().formula().minus(Quantity.MODE.formula()).over(context.sd().formula()),
        // Without a mode there is nothing to compare the mean with in the first place.
        Condition.exists(Quantity.MODE.formula()),
        Condition.exists(context.mean().formula()),
        Condition.notZero(context.sd().formula(), "no-spread"));
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return List.of(new Slip(Cause.SIGN_REVERSED, number(-1).times(quantity(context).formula())));
  }
}
