package promedio.core.measure;

import java.util.List;
import promedio.core.measure.Result.Found;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.MedianPosition;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable.Interval;

/** Positions in a class table, by interpolation within the class. */
public final class ClassPositions implements Positions {

  private static final Exact HALF = Exact.of(1, 2);
  private static final Exact QUARTER = Exact.of(1, 4);

  private final List<Interval> intervals;
  private final Exact total;

  ClassPositions(List<Interval> intervals, Exact total) {
    this.intervals = intervals;
    this.total = total;
  }

  /** {@return the position sought for a share of the values: share · N, or share · (N + 1)} */
  public static Exact position(CourseRules rules, Exact total, Exact share) {
    boolean plusOne = rules.get(Rule.MEDIAN_POSITION) == MedianPosition.HALF_N_PLUS_1;
    return share.times(plusOne ? total.plus(Exact.ONE) : total);
  }

  @Override
  public Result median(CourseRules rules) {
    return percentile(rules, HALF);
  }

  @Override
  public Result lowerQuartile(CourseRules rules) {
    return percentile(rules, QUARTER);
  }

  @Override
  public Result upperQuartile(CourseRules rules) {
    return percentile(rules, Exact.ONE.minus(QUARTER));
  }

  @Override
  public Result percentile(CourseRules rules, Exact share) {
    return ClassPlace.of(intervals, position(rules, total, share))
        .value()
        .<Result>map(Found::new)
        .orElseGet(() -> Result.absent("in-open-class"));
  }

  @Override
  public Result smallest() {
    return intervals
        .get(0)
        .lower()
        .<Result>map(Found::new)
        .orElseGet(() -> Result.absent("first-class-open"));
  }

  @Override
  public Result largest() {
    return intervals
        .get(intervals.size() - 1)
        .upper()
        .<Result>map(Found::new)
        .orElseGet(() -> Result.absent("last-class-open"));
  }
}
