package promedio.core.catalogue;

import java.util.List;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Parameter;

/**
 * The value that lies so many standard deviations above the mean, x = x̄ + z·s. In the unit of the
 * values. Absent where s is.
 */
final class ValueOfZ extends BasicMeasure {

  ValueOfZ() {
    super("value_of_z", Family.POSITION, Quantity.ONE_VALUE);
  }

  @Override
  public List<Parameter> parameters() {
    return List.of(Parameter.any(Quantity.SCORE));
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(
        context.mean().formula().plus(Quantity.SCORE.formula().times(context.sd().formula())));
  }
}
