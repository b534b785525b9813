package promedio.core.grouping;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.rules.ClassEnd;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.Tally;

/**
 * A sample in classes.
 *
 * @param table the classes with their frequencies; those without values too
 * @param below how many values lie below the first boundary
 * @param above how many lie above the last
 */
public record Grouping(ClassTable table, Exact below, Exact above) {

  /**
   * {@return the values in classes between boundaries}
   *
   * @param boundaries at least two, each above the one before
   * @param end which end of a class belongs to it
   * @throws IllegalArgumentException if the boundaries are not as said
   * @throws promedio.core.sample.UnusableDataException if no value lies between them
   */
  public static Grouping of(Data data, List<Exact> boundaries, ClassEnd end) {
    if (boundaries.size() < 2) {
      throw new IllegalArgumentException("two boundaries make a class");
    }
    Tally tally = data.tally();
    int[] ranks = new int[boundaries.size()];
    for (int i = 0; i < ranks.length; i++) {
      if (i > 0 && boundaries.get(i).compareTo(boundaries.get(i - 1)) <= 0) {
        throw new IllegalArgumentException(
            boundaries.get(i) + " is not above " + boundaries.get(i - 1));
      }
      ranks[i] = ranksBelow(tally, boundaries.get(i), end);
    }
    List<ClassTable.Row> rows = new ArrayList<>();
    for (int i = 1; i < ranks.length; i++) {
      Exact frequency = upTo(tally, ranks[i]).minus(upTo(tally, ranks[i - 1]));
      rows.add(ClassTable.Row.of(boundaries.get(i - 1), boundaries.get(i), frequency));
    }
    Exact above = tally.total().minus(upTo(tally, ranks[ranks.length - 1]));
    return new Grouping(new ClassTable(rows, data.missing()), upTo(tally, ranks[0]), above);
  }

  /** {@return the boundaries between the classes, in order; those that are open left out} */
  public List<Exact> boundaries() {
    List<Exact> boundaries = new ArrayList<>();
    for (ClassTable.Interval interval : table.intervals(false)) {
      interval.lower().filter(lower -> boundaries.isEmpty()).ifPresent(boundaries::add);
      interval.upper().ifPresent(boundaries::add);
    }
    return boundaries;
  }

  /** {@return the values in about so many classes with limits that a person would choose} */
  public static Optional<Grouping> intoAbout(Data data, int classes, CourseRules rules) {
    Tally tally = data.tally();
    if (tally.isEmpty() || classes < 1) {
      return Optional.empty();
    }
    Exact range = tally.value(tally.size() - 1).minus(tally.value(0));
    Exact proposed = range.signum() == 0 ? Exact.ONE : range.over(classes);
    return Optional.of(ofWidth(data, NiceLimits.width(proposed), rules));
  }

  /**
   * {@return the values in classes of one width, from a multiple of it}
   *
   * @throws IllegalArgumentException if that makes too many classes
   */
  public static Grouping ofWidth(Data data, Exact width, CourseRules rules) {
    Tally tally = data.tally();
    ClassEnd end = rules.get(Rule.CLASS_END);
    return of(data, NiceLimits.of(tally.value(0), tally.value(tally.size() - 1), width, end), end);
  }

  /** {@return the values grouped by a named rule, with limits that a person would choose} */
  public static Optional<Grouping> by(WidthRule rule, Data data, CourseRules rules) {
    return rule.advice(data).map(advice -> ofWidth(data, NiceLimits.width(advice.width()), rules));
  }

  /** {@return how many distinct values lie before the boundary} */
  private static int ranksBelow(Tally tally, Exact boundary, ClassEnd end) {
    int low = 0;
    int high = tally.size();
    while (low < high) {
      int middle = (low + high) >>> 1;
      int compared = tally.value(middle).compareTo(boundary);
      boolean before = compared < 0 || (compared == 0 && end == ClassEnd.UPPER);
      if (before) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }

  private static Exact upTo(Tally tally, int ranks) {
    return ranks == 0 ? Exact.ZERO : tally.cumulative(ranks - 1);
  }
}
