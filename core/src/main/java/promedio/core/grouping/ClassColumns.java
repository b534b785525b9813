package promedio.core.grouping;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;

/**
 * A class as its row of a printed table.
 *
 * @param interval the class
 * @param relative f/N
 * @param cumulative how many values lie up to its upper boundary
 * @param cumulativeAbove how many lie from its lower boundary on
 */
public record ClassColumns(
    Interval interval, Exact relative, Exact cumulative, Exact cumulativeAbove) {

  private static final Exact HUNDRED = Exact.of(100);

  /** {@return the rows of the table, from the lowest class up} */
  public static List<ClassColumns> of(ClassTable table) {
    Exact total = table.tally().total();
    List<ClassColumns> rows = new ArrayList<>();
    Exact before = Exact.ZERO;
    for (Interval interval : table.intervals(false)) {
      Exact after = before.plus(interval.frequency());
      rows.add(
          new ClassColumns(interval, interval.frequency().over(total), after, total.minus(before)));
      before = after;
    }
    return rows;
  }

  /** {@return 100 f/N} */
  public Exact percentage() {
    return relative.times(HUNDRED);
  }

  /** {@return f/h; none in an open class} */
  public Optional<Exact> density() {
    return interval.density();
  }
}
