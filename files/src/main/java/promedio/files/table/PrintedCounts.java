package promedio.files.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.CrossTable;
import promedio.core.sample.PrintedTotals;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;

/** A two-way table as it is printed: names in its first row and column, totals perhaps beside. */
public final class PrintedCounts {

  private PrintedCounts() {}

  /**
   * {@return the counts of the table, without its totals, which are checked}
   *
   * @throws BadInputException if they are no counts, or a total is wrong; the message says which
   */
  public static CrossTable read(Table table) throws BadInputException {
    List<Column> columns = table.columns();
    if (columns.size() < 3) {
      throw Texts.refusal("counts.few", columns.size());
    }
    List<String> names = new ArrayList<>();
    List<NumberColumn> counts = new ArrayList<>();
    for (Column column : columns.subList(1, columns.size())) {
      if (!(column instanceof NumberColumn numbers)) {
        throw Texts.refusal("counts.words", column.name());
      }
      names.add(column.name());
      counts.add(numbers);
    }
    Column rows = columns.get(0);
    List<List<Optional<Exact>>> lines =
        IntStream.range(0, rows.size())
            .mapToObj(row -> counts.stream().map(column -> column.number(row)).toList())
            .toList();
    return PrintedTotals.read(
        IntStream.range(0, rows.size()).mapToObj(rows::text).toList(), names, lines);
  }
}
