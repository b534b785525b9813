package promedio.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.measure.Grouped;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.Tally;

/**
 * One row of the data of a working.
 *
 * @param interval the class by its boundaries, where the data are classes
 * @param printed the class as it was printed, where the data are classes
 * @param x the value, or the midpoint
 * @param f how often it stands
 * @param cumulative F up to this row
 */
record WorkRow(
    Optional<Interval> interval,
    Optional<ClassTable.Row> printed,
    Exact x,
    Exact f,
    Exact cumulative) {

  /** {@return how wide the class is; it is no open one} */
  Exact width() {
    return interval.flatMap(Interval::width).orElseThrow();
  }

  /** {@return a row for each distinct value} */
  static List<WorkRow> of(Tally tally) {
    List<WorkRow> rows = new ArrayList<>();
    for (int i = 0; i < tally.size(); i++) {
      rows.add(
          new WorkRow(
              Optional.empty(),
              Optional.empty(),
              tally.value(i),
              tally.frequency(i),
              tally.cumulative(i)));
    }
    return rows;
  }

  /**
   * {@return a row for each class}; one without frequency needs none where it is open, or where its
   * midpoint is 0, of which there is no reciprocal
   */
  static List<WorkRow> of(Grouped grouped, List<ClassTable.Row> printed) {
    List<WorkRow> rows = new ArrayList<>();
    Exact cumulative = Exact.ZERO;
    for (int i = 0; i < grouped.intervals().size(); i++) {
      Interval interval = grouped.intervals().get(i);
      cumulative = cumulative.plus(interval.frequency());
      boolean without = interval.midpoint().orElse(Exact.ZERO).signum() == 0;
      if (without && interval.frequency().signum() == 0) {
        continue;
      }
      rows.add(
          new WorkRow(
              Optional.of(interval),
              Optional.of(printed.get(i)),
              interval.midpoint().orElse(Exact.ZERO),
              interval.frequency(),
              cumulative));
    }
    return rows;
  }
}
