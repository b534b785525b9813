package promedio.core.sample;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;

/**
 * A table of classes with their frequencies. Adjoining classes have their limits as boundaries;
 * where one equal gap lies between them, as in 10–19, 20–29, the boundaries lie in its middle.
 */
public final class ClassTable implements Data {

  /** A class that is open below comes first, also before one that begins at its upper limit. */
  private static final Comparator<Row> UPWARDS =
      Comparator.comparing((Row row) -> row.lower().isPresent()).thenComparing(ClassTable::place);

  /** A table without classes. */
  public static final ClassTable NONE = of(List.of(), 0);

  private final List<Row> rows;
  private final int missing;
  private final Exact gap;
  private final Tally tally;

  /**
   * One class as it is printed.
   *
   * @param lower its lower limit; none where the first class is open
   * @param upper its upper limit; none where the last class is open
   * @param frequency how many values lie in it, at least 0
   */
  public record Row(Optional<Exact> lower, Optional<Exact> upper, Exact frequency) {

    /** {@return a class with both limits} */
    public static Row of(Exact lower, Exact upper, Exact frequency) {
      return new Row(Optional.of(lower), Optional.of(upper), frequency);
    }

    /** {@return whether a limit is missing} */
    public boolean isOpen() {
      return lower.isEmpty() || upper.isEmpty();
    }

    @Override
    public String toString() {
      return lower.map(Exact::toString).orElse("") + "–" + upper.map(Exact::toString).orElse("");
    }
  }

  /**
   * {@return the table of these classes from outside}
   *
   * @param rows the readable rows, in any order
   * @param missing how many rows lack something and were left out
   * @throws BadInputException if classes overlap or leave gaps of different sizes, if another than
   *     the first or last is open, if limits are in the wrong order, if a frequency is negative, or
   *     if rows are there and all have 0
   */
  public static ClassTable read(List<Row> rows, int missing) throws BadInputException {
    return new ClassTable(rows, missing);
  }

  /**
   * {@return the table of classes that are known to make one}
   *
   * @throws IllegalArgumentException if they make none
   */
  public static ClassTable of(List<Row> rows, int missing) {
    try {
      return read(rows, missing);
    } catch (BadInputException e) {
      throw new IllegalArgumentException(e);
    }
  }

  private ClassTable(List<Row> rows, int missing) throws BadInputException {
    for (Row row : rows) {
      if (row.lower().isEmpty() && row.upper().isEmpty()) {
        throw BadInputException.of("classes.no-limits", "–");
      }
    }
    this.rows = rows.stream().sorted(UPWARDS).toList();
    this.missing = missing;
    checkRows();
    this.gap = commonGap();
    this.tally = midpoints();
  }

  private static Exact place(Row row) {
    return row.lower().or(row::upper).orElseThrow();
  }

  private void checkRows() throws BadInputException {
    boolean any = rows.isEmpty();
    for (int i = 0; i < rows.size(); i++) {
      Row row = rows.get(i);
      boolean turned =
          !row.isOpen() && row.lower().orElseThrow().compareTo(row.upper().orElseThrow()) >= 0;
      if (turned) {
        throw BadInputException.of("classes.turned", row.toString());
      }
      if (row.frequency().signum() < 0) {
        throw BadInputException.of("classes.negative", row.toString(), row.frequency().toString());
      }
      boolean openWithin =
          (row.lower().isEmpty() && i > 0) || (row.upper().isEmpty() && i < rows.size() - 1);
      if (openWithin) {
        throw BadInputException.of("classes.open-within", row.toString());
      }
      any |= row.frequency().signum() > 0;
    }
    if (!any) {
      throw BadInputException.of("table.all-zero");
    }
  }

  private Exact commonGap() throws BadInputException {
    Exact common = Exact.ZERO;
    for (int i = 1; i < rows.size(); i++) {
      Row row = rows.get(i);
      Exact before = rows.get(i - 1).upper().orElseThrow();
      Exact distance = row.lower().orElseThrow().minus(before);
      if (distance.signum() < 0) {
        throw BadInputException.of("classes.overlap", row.toString(), rows.get(i - 1).toString());
      }
      if (i > 1 && !distance.equals(common)) {
        throw BadInputException.of(
            "classes.uneven-gap", row.toString(), distance.toString(), common.toString());
      }
      common = distance;
    }
    return common;
  }

  /** Classes with their midpoints as values; an open class where its neighbour would put it. */
  private Tally midpoints() throws BadInputException {
    TreeMap<Exact, Exact> merged = new TreeMap<>();
    List<Interval> intervals = intervals(true);
    for (Interval interval : intervals) {
      if (interval.frequency().signum() > 0) {
        Exact value = interval.midpoint().or(interval::lower).or(interval::upper).orElseThrow();
        merged.merge(value, interval.frequency(), Exact::plus);
      }
    }
    return new Tally(Values.read(merged.keySet()), Values.read(merged.values()));
  }

  /** {@return the classes as they are printed, from the lowest up} */
  public List<Row> rows() {
    return rows;
  }

  /** {@return what lies between the upper limit of a class and the lower limit of the next} */
  public Exact gap() {
    return gap;
  }

  /** {@return whether the first or the last class is open} */
  public boolean isOpen() {
    return rows.stream().anyMatch(Row::isOpen);
  }

  /**
   * {@return the classes by their boundaries}
   *
   * @param closed whether an open class is taken as wide as its neighbour, if that has a width
   */
  public List<Interval> intervals(boolean closed) {
    Exact half = gap.over(2);
    List<Interval> found = new ArrayList<>();
    for (Row row : rows) {
      found.add(
          new Interval(
              row.lower().map(l -> l.minus(half)),
              row.upper().map(u -> u.plus(half)),
              row.frequency()));
    }
    if (closed && found.size() > 1) {
      int last = found.size() - 1;
      Interval first = found.get(0);
      Interval end = found.get(last);
      Optional<Exact> besideFirst = found.get(1).width();
      Optional<Exact> besideLast = found.get(last - 1).width();
      found.set(0, first.closedBy(besideFirst));
      found.set(last, end.closedBy(besideLast));
    }
    return found;
  }

  /**
   * {@return the midpoints with their frequencies}; an open class stands where it would if it were
   * as wide as its neighbour, or at its limit where that has no width
   */
  @Override
  public Tally tally() {
    return tally;
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.classes(this);
  }

  @Override
  public Optional<ClassTable> classes() {
    return Optional.of(this);
  }

  @Override
  public int missing() {
    return missing;
  }

  /** {@return the classes with other frequencies} */
  public ClassTable withFrequencies(List<Exact> frequencies) {
    return of(
        IntStream.range(0, rows.size())
            .mapToObj(i -> new Row(rows.get(i).lower(), rows.get(i).upper(), frequencies.get(i)))
            .toList(),
        missing);
  }

  /**
   * A class by its boundaries.
   *
   * @param lower L; none where the class is open
   * @param upper U; none where the class is open
   * @param frequency f
   */
  public record Interval(Optional<Exact> lower, Optional<Exact> upper, Exact frequency) {

    /** {@return h = U − L} */
    public Optional<Exact> width() {
      return upper.flatMap(u -> lower.map(u::minus));
    }

    /** {@return m = (L + U)/2} */
    public Optional<Exact> midpoint() {
      return upper.flatMap(u -> lower.map(l -> l.plus(u).over(2)));
    }

    /** {@return f/h} */
    public Optional<Exact> density() {
      return width().map(frequency::over);
    }

    private Interval closedBy(Optional<Exact> width) {
      if (width.isEmpty() || (lower.isPresent() && upper.isPresent())) {
        return this;
      }
      return new Interval(
          lower.or(() -> upper.map(u -> u.minus(width.get()))),
          upper.or(() -> lower.map(l -> l.plus(width.get()))),
          frequency);
    }
  }
}
