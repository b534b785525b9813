package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;

/** The midrange (min + max)/2. In the unit of the values. Absent where an end is. */
final class Midrange extends BasicMeasure {

  Midrange() {
    super("midrange", Family.POSITION, Quantity.MIDRANGE);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(
        Quantity.SMALLEST.formula().plus(Quantity.LARGEST.formula()).over(number(2)));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of("midrange");
  }
}
