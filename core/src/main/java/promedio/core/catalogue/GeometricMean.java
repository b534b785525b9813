package promedio.core.catalogue;

import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.MeasureContext;

/**
 * The geometric mean, the n-th root of the product of all values. In the unit of the values, above
 * 0. Absent where a value is 0 or below.
 */
final class GeometricMean extends BasicMeasure {

  GeometricMean() {
    super("geometric_mean", Family.POSITION, Quantity.GEOMETRIC_MEAN);
  }

  @Override
  public Definition definition(MeasureContext context) {
    Formula x = context.x();
    Formula factor = context.isTable() ? new Formula.Power(x, Quantity.F.formula()) : x;
    return Definition.of(new Formula.Root(context.n(), new Formula.Product(factor)));
  }

  @Override
  public Optional<FastPath> fast(MeasureContext context) {
    return Optional.of(known -> known.summary().geometricMean());
  }
}
