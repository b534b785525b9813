package promedio.core.sample;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import promedio.core.message.Message;
import promedio.core.number.Exact;

/**
 * A table of values with their frequencies; it stands for the sample in which each occurs so often.
 */
public final class FrequencyTable implements Data {

  private final List<Row> rows;
  private final int missing;
  private final Tally tally;

  /**
   * Makes the table of these rows, in any order; a value may stand in several of them.
   *
   * @param rows the readable rows
   * @param missing how many rows lack their value or frequency and were left out
   * @throws UnusableDataException if a frequency is negative, or rows are there and all have 0
   */
  public FrequencyTable(List<Row> rows, int missing) {
    this.rows = List.copyOf(rows);
    this.missing = missing;
    TreeMap<Exact, Exact> merged = new TreeMap<>();
    for (Row row : rows) {
      if (row.frequency().signum() < 0) {
        throw new UnusableDataException(
            Message.of("table.negative", row.value().toString(), row.frequency().toString()));
      }
      if (row.frequency().signum() > 0) {
        merged.merge(row.value(), row.frequency(), Exact::plus);
      }
    }
    if (merged.isEmpty() && !rows.isEmpty()) {
      throw new UnusableDataException(Message.of("table.all-zero"));
    }
    this.tally =
        new Tally(Values.of(List.copyOf(merged.keySet())), Values.of(List.copyOf(merged.values())));
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
