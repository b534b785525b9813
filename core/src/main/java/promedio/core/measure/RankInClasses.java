package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable.Interval;

/**
 * How much of a class table lies below a value, read in the class that it falls into as if the
 * values were spread evenly there: 100/N·(F₋ + f·(x−L)/h).
 *
 * @param value the value that is looked for
 */
public record RankInClasses(Exact value) implements Inspection {

  private static final Formula BEFORE = Quantity.CUMULATIVE_BEFORE.formula();

  @Override
  public Seen look(MeasureContext context) {
    Exact before = Exact.ZERO;
    Formula hundredth = number(100).over(context.n());
    List<Interval> intervals = context.classes().map(Grouped::intervals).orElse(List.of());
    for (int row = 0; row < intervals.size(); row++) {
      Interval interval = intervals.get(row);
      boolean under = interval.lower().filter(lower -> value.compareTo(lower) < 0).isPresent();
      boolean over = interval.upper().filter(upper -> value.compareTo(upper) >= 0).isPresent();
      if (!under && !over && interval.frequency().signum() > 0) {
        return in(row, interval, before, hundredth);
      }
      if (!over) {
        break;
      }
      before = before.plus(interval.frequency());
    }
    return new Numbers(
        List.of(
            InspectionResult.of(
                Map.of(Quantity.CUMULATIVE_BEFORE, before), hundredth.times(BEFORE))));
  }

  private Seen in(int row, Interval interval, Exact before, Formula hundredth) {
    Optional<Exact> width = interval.width();
    if (width.isEmpty()) {
      return Inspection.nothing("in-open-class");
    }
    Map<Quantity, Exact> found =
        Map.of(
            Quantity.CUMULATIVE_BEFORE, before,
            Quantity.CLASS_FREQUENCY, interval.frequency(),
            Quantity.ONE_VALUE, value,
            Quantity.CLASS_LOWER, interval.lower().orElseThrow(),
            Quantity.CLASS_WIDTH, width.get());
    Formula share =
        Quantity.ONE_VALUE
            .formula()
            .minus(Quantity.CLASS_LOWER.formula())
            .over(Quantity.CLASS_WIDTH.formula());
    Formula inside = Quantity.CLASS_FREQUENCY.formula().times(share);
    return new Numbers(
        List.of(InspectionResult.of(row, found, hundredth.times(BEFORE.plus(inside)))));
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.rankInClasses(this);
  }
}
