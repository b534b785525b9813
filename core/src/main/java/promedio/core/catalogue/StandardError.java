package promedio.core.catalogue;

import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;

/**
 * The standard error s/√n of the mean, s by n − 1 whatever the rule says. In the unit of the
 * values, at least 0. Absent where s is.
 */
final class StandardError extends BasicMeasure {

  StandardError() {
    super("standard_error", Family.SPREAD, Quantity.STANDARD_ERROR);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(Quantity.STANDARD_DEVIATION.formula().over(context.n().root()));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of("standard_error");
  }
}
