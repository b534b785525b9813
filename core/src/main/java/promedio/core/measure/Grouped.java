package promedio.core.measure;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.rules.OpenClass;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;

/**
 * The classes of a table by the rule for open ones.
 *
 * @param intervals the classes, from the lowest up
 */
public record Grouped(List<Interval> intervals) {

  public Grouped {
    intervals = List.copyOf(intervals);
  }

  /** {@return the classes of the table; open ones as wide as their neighbours where that is so} */
  public static Grouped of(ClassTable table, OpenClass open) {
    return new Grouped(table.intervals(open == OpenClass.AS_NEIGHBOUR));
  }

  /** {@return whether every class that needs a midpoint has one} */
  public boolean hasMidpoints() {
    return intervals.stream()
        .allMatch(i -> i.midpoint().isPresent() || i.frequency().signum() == 0);
  }

  /** {@return the width that all classes have, where they have one} */
  public Optional<Exact> commonWidth() {
    List<Exact> widths =
        intervals.stream().map(Interval::width).flatMap(Optional::stream).distinct().toList();
    return widths.size() == 1 ? Optional.of(widths.get(0)) : Optional.empty();
  }
}
