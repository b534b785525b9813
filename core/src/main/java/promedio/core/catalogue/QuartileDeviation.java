package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The quartile deviation (Q₃ − Q₁)/2, half the interquartile range. In the unit of the values, at
 * least 0. Absent where a quartile is.
 */
final class QuartileDeviation extends BasicMeasure {

  QuartileDeviation() {
    super("quartile_deviation", Family.SPREAD, Quantity.QUARTILE_DEVIATION);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(Quantity.INTERQUARTILE_RANGE.formula().over(number(2)));
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return List.of(new Slip(Cause.IQR_NOT_HALVED, Quantity.INTERQUARTILE_RANGE.formula()));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of("quartile_deviation");
  }
}
