package promedio.core.catalogue;

import java.util.List;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.OrderedPlace;
import promedio.core.measure.Parameter;
import promedio.core.measure.ReachedClass;
import promedio.core.measure.Setting;
import promedio.core.number.Exact;
import promedio.core.rules.Rule;

/** The value that so many percent of the values do not exceed. */
final class Percentile extends BasicMeasure {

  private static final Exact WHOLE = Exact.of(100);

  Percentile() {
    super("percentile", Family.POSITION, Quantity.PERCENTILE);
  }

  @Override
  public List<Parameter> parameters() {
    return List.of(Parameter.within(Quantity.PERCENT, Exact.ZERO, WHOLE));
  }

  @Override
  public Definition definition(Setting setting) {
    Exact share = setting.argument(0).over(WHOLE);
    return setting.classes().isPresent()
        ? Definition.of(new ReachedClass(share))
        : Definition.of(
            new OrderedPlace(
                OrderedPlace.Role.PERCENTILE, setting.rules().get(Rule.PERCENTILES), share));
  }
}
