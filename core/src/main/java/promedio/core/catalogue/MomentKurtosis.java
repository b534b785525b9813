package promedio.core.catalogue;

import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;

/**
 * The kurtosis m₄/m₂² of the moments. A bare number, at least 1. Absent where there is no spread.
 */
final class MomentKurtosis extends BasicMeasure {

  /** m₄/m₂². */
  static final Formula STANDARDIZED =
      Quantity.FOURTH_MOMENT.formula().over(Quantity.SECOND_MOMENT.formula().power(2));

  MomentKurtosis() {
    super("kurtosis_moment", Family.SHAPE, Quantity.MOMENT_KURTOSIS);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(STANDARDIZED, Condition.spread());
  }
}
