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
  public Definition definition(MeasureContext setting) {
    return Definition.of(
        number(100).times(ratio(setting)),
        Condition.exists(setting.sd().formula()),
        Condition.notZero(setting.mean().formula(), "mean-zero"));
  }

  private static Formula ratio(MeasureContext setting) {
    return setting.sd().formula().over(new Formula.Absolute(setting.mean().formula()));
  }

  @Override
  public Dimension dimension(List<Exact> arguments) {
    return Dimension.PERCENT;
  }

  @Override
  public List<Slip> slips(MeasureContext setting) {
    return List.of(new Slip(Cause.PERCENT_LEFT_OUT, ratio(setting)));
  }
}
