package promedio.core.catalogue;

import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;

/** The range max − min. In the unit of the values, at least 0. Absent where an end is. */
final class Range extends BasicMeasure {

  Range() {
    super("range", Family.SPREAD, Quantity.RANGE);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(Quantity.LARGEST.formula().minus(Quantity.SMALLEST.formula()));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of("range");
  }
}
