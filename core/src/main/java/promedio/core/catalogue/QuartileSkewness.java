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
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The skewness (Q₃ + Q₁ − 2·Md)/(Q₃ − Q₁) of the quartiles (Bowley 1901). A bare number, from −1 to
 * 1 where the median lies between the quartiles. Absent where the quartiles are equal.
 */
final class QuartileSkewness extends BasicMeasure {

  QuartileSkewness() {
    super("skewness_quartile", Family.SHAPE, Quantity.QUARTILE_SKEWNESS);
  }

  @Override
  public Definition definition(MeasureContext context) {
    Formula lower = Quantity.LOWER_QUARTILE.formula();
    Formula upper = Quantity.UPPER_QUARTILE.formula();
    return Definition.of(
        upper
            .plus(lower)
            .minus(number(2).times(Quantity.MEDIAN.formula()))
            .over(upper.minus(lower)),
        Condition.exists(upper),
        Condition.exists(Quantity.MEDIAN.formula()),
        Condition.notZero(upper.minus(lower), "equal-quartiles"));
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return List.of(new Slip(Cause.SIGN_REVERSED, number(-1).times(quantity(context).formula())));
  }
}
