package promedio.core.grouping;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.message.BadInputException;
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
   * @throws BadInputException if the boundaries are not as said, or no value lies between them
   */
  public static Grouping of(Data data, List<Exact> boundaries, ClassEnd end)
      throws BadInputException {
    if (boundaries.size() < 2) {
      throw BadInputException.of("grouping.one-boundary");
    }
    Tally tally = data.tally();
    int[] ranks = new int[boundaries.size()];
    for (int i = 0; i < ranks.length; i++) {
      if (i > 0 && boundaries.get(i).compareTo(boundaries.get(i - 1)) <= 0) {
        throw BadInputException.of(
            "grouping.not-above", boundaries.get(i).toString(), boundaries.get(i - 1).toString());
      }
      ranks[i] = ranksBelow(tally, boundaries.get(i), end);
    }
    List<ClassTable.Row> rows = new ArrayList<>();
    for (int i = 1; i < ranks.length; i++) {
      Exact frequency = upTo(tally, ranks[i]).minus(upTo(tally, ranks[i - 1]));
      rows.add(ClassTable.Row.of(boundaries.get(i - 1), boundaries.get(i), frequency));
    }
    if (ranks[0] == ranks[ranks.length - 1]) {
      throw BadInputException.of(
          "grouping.nothing-inside",
          boundaries.get(0).toString(),
          boundaries.get(boundaries.size() - 1).toString());
    }
    Exact above = tally.total().minus(upTo(tally, ranks[ranks.length - 1]));
    return new Grouping(ClassTable.read(rows, data.missing()), upTo(tally, ranks[0]), above);
  }

  /**
   * {@return values in the classes of another table}, with more as wide as its first and last where
   * values lie beyond, so that both can be compared
   *
   * @param table classes of which at least one has both limits
   * @throws BadInputException if that makes too many classes, or no value lies in them
   */
  public static Grouping alike(Data data, ClassTable table, ClassEnd end) throws BadInputException {
    List<Exact> boundaries = new Grouping(table, Exact.ZERO, Exact.ZERO).boundaries();
    if (boundaries.size() < 2 || data.tally().isEmpty()) {
      return of(data, boundaries, end);
    }
    Exact first = boundaries.get(0);
    Exact last = boundaries.get(boundaries.size() - 1);
    Exact firstWidth = boundaries.get(1).minus(first);
    Exact lastWidth = last.minus(boundaries.get(boundaries.size() - 2));
    // Downwards is upwards with all signs turned, and the other end kept.
    ClassEnd turned = end == ClassEnd.LOWER ? ClassEnd.UPPER : ClassEnd.LOWER;
    Exact smallest = data.tally().value(0);
    List<Exact> all = new ArrayList<>();
    NiceLimits.beyond(first.negate(), smallest.negate(), firstWidth, turned)
        .forEach(each -> all.add(0, each.negate()));
    all.addAll(boundaries);
    all.addAll(
        NiceLimits.beyond(last, data.tally().value(data.tally().size() - 1), lastWidth, end));
    return of(data, all, end);
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

  /**
   * {@return the values in exactly so many classes of one width, with limits that a person would
   * choose}; values that are all equal in one
   *
   * @param data at least one value
   * @param classes from 1 to {@value NiceLimits#MOST}
   */
  public static Grouping into(Data data, int classes, CourseRules rules) {
    Tally tally = data.tally();
    ClassEnd end = rules.get(Rule.CLASS_END);
    List<Exact> limits =
        NiceLimits.into(
            tally.value(0), tally.value(tally.size() - 1), classes, end, NiceLimits.unit(tally));
    try {
      return of(data, limits, end);
    } catch (BadInputException e) {
      throw new IllegalStateException("limits that were chosen for the data hold them", e);
    }
  }

  /**
   * {@return the values in classes of one width, from a multiple of it}
   *
   * @throws BadInputException if that makes too many classes
   */
  public static Grouping ofWidth(Data data, Exact width, CourseRules rules)
      throws BadInputException {
    Tally tally = data.tally();
    ClassEnd end = rules.get(Rule.CLASS_END);
    return of(data, NiceLimits.of(tally.value(0), tally.value(tally.size() - 1), width, end), end);
  }

  /**
   * {@return the values in classes of one width from a start}; values may lie below it
   *
   * @throws BadInputException if that makes too many classes, or no value lies in them
   */
  public static Grouping ofWidth(Data data, Exact width, Exact start, CourseRules rules)
      throws BadInputException {
    Tally tally = data.tally();
    ClassEnd end = rules.get(Rule.CLASS_END);
    return of(data, NiceLimits.from(start, tally.value(tally.size() - 1), width, end), end);
  }

  /**
   * {@return the values grouped by a named rule, with limits that a person would choose}; none
   * where the rule comes to nothing
   *
   * @throws BadInputException if that makes too many classes
   */
  public static Optional<Grouping> by(WidthRule rule, Data data, CourseRules rules)
      throws BadInputException {
    Optional<Exact> width = rule.advice(data, rules).map(advice -> advice.width());
    return width.isEmpty()
        ? Optional.empty()
        : Optional.of(
            ofWidth(data, NiceLimits.width(width.get(), NiceLimits.unit(data.tally())), rules));
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
