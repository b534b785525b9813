package promedio.core.catalogue;

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

/**
 * The coefficient of quartile variation (Q₃ − Q₁)/(Q₃ + Q₁) (Bonett, "Confidence interval for a
 * coefficient of quartile variation", Computational Statistics and Data Analysis 50, 2006). A bare
 * number; absent where the quartiles cancel.
 */
final class QuartileVariation extends BasicMeasure {

  QuartileVariation() {
    super(
        "quartile_variation",
        Family.SPREAD,
        Quantity.of("quartile_variation", "\\mathrm{CQV}", "CQV"));
  }

  @Override
  public Definition definition(MeasureContext context) {
    Formula lower = Quantity.LOWER_QUARTILE.formula();
    Formula upper = Quantity.UPPER_QUARTILE.formula();
    return Definition.of(
        upper.minus(lower).over(upper.plus(lower)),
        Condition.notZero(upper.plus(lower), "quartiles-cancel"));
  }

  @Override
  public Dimension dimension(List<Exact> arguments) {
    return Dimension.NONE;
  }
}
