package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.MeasureContext;

/**
 * The harmonic mean n/Σ(1/x). In the unit of the values, above 0. Absent where a value is 0 or
 * below.
 */
final class HarmonicMean extends BasicMeasure {

  HarmonicMean() {
    super("harmonic_mean", Family.POSITION, Quantity.HARMONIC_MEAN);
  }

  @Override
  public Definition definition(MeasureContext context) {
    Formula once = context.isTable() ? Quantity.F.formula() : number(1);
    return Definition.of(context.n().over(new Formula.Sum(once.over(context.x()))));
  }

  @Override
  public Optional<FastPath> fast(MeasureContext context) {
    return Optional.of(known -> known.summary().harmonicMean());
  }
}
