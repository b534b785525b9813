package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.number.Exact;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The skewness m₃/m₂^(3/2) of the moments. A bare number, 0 where the values lie evenly about the
 * mean. Absent where there is no spread.
 */
final class MomentSkewness extends BasicMeasure {

  /** m₃/m₂^(3/2). */
  static final Formula STANDARDIZED =
      Quantity.THIRD_MOMENT
          .formula()
          .over(
              new Formula.Power(
                  Quantity.SECOND_MOMENT.formula(), new Formula.Numeral(Exact.of(3, 2))));

  MomentSkewness() {
    super("skewness_moment", Family.SHAPE, Quantity.MOMENT_SKEWNESS);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(STANDARDIZED, Condition.spread());
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return List.of(new Slip(Cause.SIGN_REVERSED, number(-1).times(quantity(context).formula())));
  }
}
