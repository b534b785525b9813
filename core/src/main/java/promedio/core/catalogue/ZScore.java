package promedio.core.catalogue;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Parameter;
import promedio.core.number.Exact;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * How many standard deviations a value lies above the mean, z = (x − x̄)/s. A bare number. Absent
 * where there is no spread.
 */
final class ZScore extends BasicMeasure {

  ZScore() {
    super("z_score", Family.POSITION, Quantity.SCORE);
  }

  @Override
  public List<Parameter> parameters() {
    return List.of(Parameter.any(Quantity.ONE_VALUE));
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(
        Quantity.ONE_VALUE.formula().minus(context.mean().formula()).over(context.sd().formula()),
        Condition.notZero(context.sd().formula(), "no-spread"));
  }

  @Override
  public Dimension dimension(List<Exact> arguments) {
    return Dimension.NONE;
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    Formula x = Quantity.ONE_VALUE.formula();
    Formula mean = context.mean().formula();
    return List.of(
        new Slip(Cause.SIGN_REVERSED, mean.minus(x).over(context.sd().formula())),
        new Slip(Cause.ROOT_NOT_TAKEN, x.minus(mean).over(context.variance().formula())));
  }
}
