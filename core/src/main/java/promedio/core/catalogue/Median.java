package promedio.core.catalogue;

import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.OrderedPlace;
import promedio.core.measure.ReachedClass;
import promedio.core.number.Exact;
import promedio.core.rules.Rule;

/**
 * The median: the middle value, or the mean of the two middle ones; in classes the value that half
 * of them do not exceed, by interpolation. In the unit of the values. Absent of frequencies that
 * are not whole, and where it falls into an open class.
 */
final class Median extends BasicMeasure {

  private static final Exact HALF = Exact.of(1, 2);

  Median() {
    super("median", Family.POSITION, Quantity.MEDIAN);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return context.classes().isPresent()
        ? Definition.of(new ReachedClass(HALF))
        : Definition.of(
            new OrderedPlace(OrderedPlace.Role.MEDIAN, context.rules().get(Rule.QUARTILES), HALF));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of("median");
  }
}
