package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.number.Exact;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The coefficient of variation 100·s/|x̄|. In percent, at least 0. Absent where the mean is 0 and
 * where s is absent.
 */
final class CoefficientOfVariation extends BasicMeasure {

  CoefficientOfVariation() {
    super("cv", Family.SPREAD, Quantity.COEFFICIENT_OF_VARIATION);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(
        number(100).times(ratio(context)),
        Condition.exists(context.sd().formula()),
        Condition.notZero(context.mean().formula(), "mean-zero"));
  }

  private static Formula ratio(MeasureContext context) {
    return context.sd().formula().over(new Formula.Absolute(context.mean().formula()));
  }

  @Override
  public Dimension dimension(List<Exact> arguments) {
    return Dimension.PERCENT;
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return List.of(new Slip(Cause.PERCENT_LEFT_OUT, ratio(context)));
  }
}
