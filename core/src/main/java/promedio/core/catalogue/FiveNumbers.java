package promedio.core.catalogue;

import java.util.List;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.Setting;
import promedio.core.measure.Shape;

/**
 * Smallest value, quartiles, median and largest value, in that order (Tukey 1977). In the unit of
 * the values. Absent where one of them is.
 */
final class FiveNumbers extends BasicMeasure {

  FiveNumbers() {
    super("five_numbers", Family.POSITION, Quantity.of("five_numbers", "", ""));
  }

  @Override
  public Definition definition(Setting setting) {
    return new Definition.Together(
        List.of(
            Quantity.SMALLEST,
            Quantity.LOWER_QUARTILE,
            Quantity.MEDIAN,
            Quantity.UPPER_QUARTILE,
            Quantity.LARGEST));
  }

  @Override
  public Shape shape() {
    return Shape.ROW;
  }
}
