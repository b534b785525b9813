package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;

/**
 * The kurtosis m₄/m₂² − 3, by how much it is above that of the normal distribution. A bare number,
 * at least −2. Absent where there is no spread.
 */
final class ExcessKurtosis extends BasicMeasure {

  ExcessKurtosis() {
    super("kurtosis_excess", Family.SHAPE, Quantity.EXCESS_KURTOSIS);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(MomentKurtosis.STANDARDIZED.minus(number(3)), Condition.spread());
  }
}
