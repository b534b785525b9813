package promedio.core.catalogue;

import java.util.List;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Parameter;
import promedio.core.measure.RankInClasses;
import promedio.core.measure.RankOfValue;
import promedio.core.number.Exact;

/**
 * How many of the values lie below a value, those equal to it counted half: 100·(b + e/2)/n. In
 * percent, 0 to 100. Of a class table 100/N·(F₋ + f·(x−L)/h) in the class that it falls into;
 * absent there in an open class that has a frequency.
 */
final class PercentileRank extends BasicMeasure {

  PercentileRank() {
    super("percentile_rank", Family.POSITION, Quantity.RANK);
  }

  @Override
  public List<Parameter> parameters() {
    return List.of(Parameter.any(Quantity.ONE_VALUE));
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(
        context.classes().isPresent()
            ? new RankInClasses(context.argument(0))
            : new RankOfValue(context.argument(0)));
  }

  @Override
  public Dimension dimension(List<Exact> arguments) {
    return Dimension.PERCENT;
  }
}
