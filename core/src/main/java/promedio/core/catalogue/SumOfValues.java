package promedio.core.catalogue;

import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Moments;

/**
 * The sum Σx of all values; Σfx of a table, Σfm of classes. In the unit of the values; any number.
 * Absent of classes of which one that is open needs a midpoint.
 */
final class SumOfValues extends BasicMeasure {

  SumOfValues() {
    super("sum", Family.POSITION, Quantity.TOTAL);
  }

  @Override
  public Quantity quantity(MeasureContext context) {
    return context.classes().isPresent()
        ? Quantity.CLASS_TOTAL
        : context.isTable() ? Quantity.TABLE_TOTAL : Quantity.TOTAL;
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(context.sum(context.x()));
  }

  @Override
  public Optional<FastPath> fast(MeasureContext context) {
    return Optional.of(FastPath.ofMoments(Moments::sum));
  }
}
