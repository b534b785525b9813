package promedio.core.sample;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;

/**
 * A table of values with their frequencies; it stands for the sample in which each occurs so often.
 */
public final class FrequencyTable implements Data {

  /** A table without rows. */
  public static final FrequencyTable NONE = of(List.of(), 0);

  private final List<Row> rows;
  private final int missing;
  private final Tally tally;

  /**
   * {@return the table of these rows from outside}
   *
   * @param rows the readable rows, in any order; a value may stand in several of them
   * @param missing how many rows lack their value or frequency and were left out
   * @throws BadInputException if a frequency is negative, or rows are there and all have 0
   */
  public static FrequencyTable read(List<Row> rows, int missing) throws BadInputException {
    return new FrequencyTable(rows, missing);
  }

  /**
   * {@return the table of rows that are known to make one}
   *
   * @throws IllegalArgumentException if they make none
   */
  public static FrequencyTable of(List<Row> rows, int missing) {
    try {
      return read(rows, missing);
    } catch (BadInputException e) {
      throw new IllegalArgumentException(e);
    }
  }

  private FrequencyTable(List<Row> rows, int missing) throws BadInputException {
    this.rows = List.copyOf(rows);
    this.missing = missing;
    TreeMap<Exact, Exact> merged = new TreeMap<>();
    for (Row row : rows) {
      if (row.frequency().signum() < 0) {
        throw BadInputException.of(
            "table.negative", row.value().toString(), row.frequency().toString());
      }
      if (row.frequency().signum() > 0) {
        merged.merge(row.value(), row.frequency(), Exact::plus);
      }
    }
    if (merged.isEmpty() && !rows.isEmpty()) {
      throw BadInputException.of("table.all-zero");
    }
    this.tally = new Tally(Values.read(merged.keySet()), Values.read(merged.values()));
  }

  /** {@return the rows as they were given} */
  public List<Row> rows() {
    return rows;
  }

  @Override
  public Tally tally() {
    return tally;
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.frequencies(this);
  }

  @Override
  public Optional<FrequencyTable> frequencies() {
    return Optional.of(this);
  }

  @Override
  public List<Entry> entries() {
    return IntStream.range(0, rows.size())
        .mapToObj(
            i ->
                new Entry(
                    List.of(rows.get(i).value()),
                    times -> changed(Entry.times(rows, i, times)),
                    value -> changed(Entry.with(rows, i, new Row(value, rows.get(i).frequency())))))
        .toList();
  }

  private static Optional<Data> changed(List<Row> rows) {
    boolean counted = rows.stream().anyMatch(row -> row.frequency().signum() > 0);
    return counted ? Optional.of(of(rows, 0)) : Optional.empty();
  }

  @Override
  public int missing() {
    return missing;
  }

  /**
   * One row.
   *
   * @param value the value
   * @param frequency how often it occurs
   */
  public record Row(Exact value, Exact frequency) {}
}
