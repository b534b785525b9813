package promedio.core.catalogue;

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
 * The interquartile range Q₃ − Q₁. In the unit of the values, at least 0. Absent where a quartile
 * is.
 */
final class InterquartileRange extends BasicMeasure {

  InterquartileRange() {
    super("iqr", Family.SPREAD, Quantity.INTERQUARTILE_RANGE);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(
        Quantity.UPPER_QUARTILE.formula().minus(Quantity.LOWER_QUARTILE.formula()));
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return List.of(new Slip(Cause.IQR_HALVED, Quantity.QUARTILE_DEVIATION.formula()));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of("iqr");
  }
}
