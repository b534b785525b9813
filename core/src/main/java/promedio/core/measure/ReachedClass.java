package promedio.core.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.GroupedPositionRule;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable.Interval;

/**
 * The class of a table that a share of the values reaches, and the interpolation within it.
 *
 * @param share which share of the values is cut off, from 0 to 1
 */
public record ReachedClass(Exact share) implements Inspection {

  private static final Formula L = Quantity.CLASS_LOWER.formula();

  /** L + (pos − F)/f · h. */
  public static final Formula INTERPOLATED =
      L.plus(
          Quantity.PLACE
              .formula()
              .minus(Quantity.CUMULATIVE_BEFORE.formula())
              .over(Quantity.CLASS_FREQUENCY.formula())
              .times(Quantity.CLASS_WIDTH.formula()));

  /** {@return the position sought: share · N, or share · (N + 1)} */
  public Exact position(CourseRules rules, Exact total) {
    boolean plusOne = rules.get(Rule.MEDIAN_POSITION) == GroupedPositionRule.HALF_N_PLUS_1;
    return share.times(plusOne ? total.plus(Exact.ONE) : total);
  }

  /** {@return where it lies among the classes of the setting} */
  public ClassPlace place(MeasureContext context) {
    return ClassPlace.of(
        context.classes().orElseThrow().intervals(),
        position(context.rules(), context.tally().total()));
  }

  @Override
  public Seen look(MeasureContext context) {
    return read(place(context))
        .<Seen>map(inspection -> new Numbers(List.of(inspection)))
        .orElseGet(() -> Inspection.nothing("in-open-class"));
  }

  /** {@return the numbers of the interpolation at a place}; none in an open class */
  public static Optional<InspectionResult> read(ClassPlace place) {
    Interval interval = place.interval();
    return interval
        .width()
        .map(
            width ->
                InspectionResult.of(
                    place.index(),
                    Map.of(
                        Quantity.PLACE, place.position(),
                        Quantity.CLASS_LOWER, interval.lower().orElseThrow(),
                        Quantity.CUMULATIVE_BEFORE, place.before(),
                        Quantity.CLASS_FREQUENCY, interval.frequency(),
                        Quantity.CLASS_WIDTH, width),
                    INTERPOLATED));
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.reachedClass(this);
  }
}
