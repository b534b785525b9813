package promedio.core.sample;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.Exact;

/**
 * Counts of one category by another: at least two rows and two columns of whole numbers from 0,
 * which are not all 0.
 *
 * @param rows what the rows are called
 * @param columns what the columns are called
 * @param counts row by row
 * @param missing how many entries were left out since one of both was missing
 */
public record CrossTable(
    List<String> rows, List<String> columns, List<List<Exact>> counts, int missing)
    implements Data {

  public CrossTable {
    rows = List.copyOf(rows);
    columns = List.copyOf(columns);
    counts = counts.stream().map(List::copyOf).toList();
  }

  /**
   * {@return the table as somebody else gives it}
   *
   * @param rows what the rows are called; empty for 1, 2, …
   * @param columns what the columns are called; empty for 1, 2, …
   * @throws BadInputException if it is no such table; the message says why
   */
  public static CrossTable read(
      List<String> rows, List<String> columns, List<List<Exact>> counts, int missing)
      throws BadInputException {
    int wide = counts.isEmpty() ? 0 : counts.get(0).size();
    if (counts.size() < 2 || wide < 2) {
      throw refused("cross.too-small", String.valueOf(counts.size()), String.valueOf(wide));
    }
    for (List<Exact> row : counts) {
      if (row.size() != wide) {
        throw refused("cross.ragged", String.valueOf(row.size()), String.valueOf(wide));
      }
      for (Exact count : row) {
        if (!count.isWhole() || count.signum() < 0) {
          throw refused("cross.no-count", count.toString());
        }
      }
    }
    if (counts.stream().allMatch(row -> row.stream().allMatch(count -> count.signum() == 0))) {
      throw refused("cross.all-zero");
    }
    return new CrossTable(named(rows, counts.size()), named(columns, wide), counts, missing);
  }

  private static List<String> named(List<String> names, int wanted) throws BadInputException {
    if (names.isEmpty()) {
      return IntStream.rangeClosed(1, wanted).mapToObj(String::valueOf).toList();
    }
    if (names.size() != wanted) {
      throw refused("cross.names", String.valueOf(names.size()), String.valueOf(wanted));
    }
    if (new HashSet<>(names).size() != names.size()) {
      throw refused("cross.names-twice");
    }
    return names;
  }

  private static BadInputException refused(String key, String... arguments) {
    return new BadInputException(Message.of(key, arguments));
  }

  /** {@return how often both categories came together} */
  public Exact count(int row, int column) {
    return counts.get(row).get(column);
  }

  /** {@return the sum of a row} */
  public Exact rowTotal(int row) {
    return counts.get(row).stream().reduce(Exact.ZERO, Exact::plus);
  }

  /** {@return the sum of a column} */
  public Exact columnTotal(int column) {
    return counts.stream().map(row -> row.get(column)).reduce(Exact.ZERO, Exact::plus);
  }

  /** {@return whether a row or a column sums to 0} */
  public boolean hasEmptyLine() {
    return IntStream.range(0, rows.size()).anyMatch(row -> rowTotal(row).signum() == 0)
        || IntStream.range(0, columns.size()).anyMatch(c -> columnTotal(c).signum() == 0);
  }

  /** {@return the count that would be expected if neither category told of the other} */
  public Exact expected(int row, int column) {
    return rowTotal(row).times(columnTotal(column)).over(total());
  }

  @Override
  public Subject subject() {
    return Subject.CROSS;
  }

  @Override
  public Exact total() {
    return IntStream.range(0, rows.size()).mapToObj(this::rowTotal).reduce(Exact.ZERO, Exact::plus);
  }

  @Override
  public List<Entry> entries() {
    List<Entry> entries = new ArrayList<>();
    for (int row = 0; row < rows.size(); row++) {
      int of = row;
      List<Exact> own = counts.get(row);
      for (int column = 0; column < columns.size(); column++) {
        int at = column;
        entries.add(
            Entry.fixed(
                own.get(at), count -> changed(Entry.with(counts, of, Entry.with(own, at, count)))));
      }
    }
    return entries;
  }

  private Optional<Data> changed(List<List<Exact>> other) {
    try {
      return Optional.of(read(rows, columns, other, missing));
    } catch (BadInputException e) {
      // No table of counts comes of it.
      return Optional.empty();
    }
  }

  @Override
  public Optional<CrossTable> cross() {
    return Optional.of(this);
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.cross(this);
  }
}
