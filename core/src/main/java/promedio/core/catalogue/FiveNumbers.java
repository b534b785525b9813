package promedio.core.catalogue;

import java.util.List;
import java.util.stream.Stream;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.Layout;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Request;
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
  public Definition definition(MeasureContext context) {
    List<Request> cells =
        Stream.of(Measures.MIN, Measures.Q1, Measures.MEDIAN, Measures.Q3, Measures.MAX)
            .map(Request::of)
            .toList();
    return new Definition.Together(Layout.ofRow(key(), cells));
  }

  @Override
  public Shape shape() {
    return Shape.ROW;
  }
}
