package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;

/**
 * The kurtosis (n−1)/((n−2)(n−3)) · ((n+1)·(m₄/m₂² − 3) + 6), adjusted for the size of the sample
 * (Joanes and Gill, The Statistician 47, 1998). A bare number. Absent where there is no spread, and
 * for n below 4.
 */
final class AdjustedKurtosis extends BasicMeasure {

  AdjustedKurtosis() {
    super("kurtosis_adjusted", Family.SHAPE, Quantity.ADJUSTED_KURTOSIS);
  }

  @Override
  public Definition definition(MeasureContext context) {
    Formula n = context.n();
    Formula factor = n.minus(number(1)).over(n.minus(number(2)).times(n.minus(number(3))));
    Formula excess = Quantity.EXCESS_KURTOSIS.formula();
    return Definition.of(
        factor.times(n.plus(number(1)).times(excess).plus(number(6))),
        Condition.spread(),
        Condition.atLeast(4, context));
  }
}
