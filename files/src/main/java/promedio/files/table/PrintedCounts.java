package promedio.files.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.sample.CrossTable;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.files.Texts;

/** A two-way table as it is printed: names in its first row and column, totals perhaps beside. */
public final class PrintedCounts {

  /** What a row or column of totals is called. */
  private static final Set<String> TOTALS =
      Set.of("total", "totals", "sum", "sums", "all", "σ", "Σ", "suma", "sumas", "totales");

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
    Optional<NumberColumn> totals = Optional.empty();
    for (Column column : columns.subList(1, columns.size())) {
      if (!(column instanceof NumberColumn numbers)) {
        throw Texts.refusal("counts.words", column.name());
      }
      if (isTotal(column.name())) {
        totals = Optional.of(numbers);
      } else {
        names.add(column.name());
        counts.add(numbers);
      }
    }
    return read(columns.get(0), names, counts, totals);
  }

  private static CrossTable read(
      Column rowNames,
      List<String> columnNames,
      List<NumberColumn> counts,
      Optional<NumberColumn> totals)
      throws BadInputException {
    List<String> rows = new ArrayList<>();
    List<List<Exact>> lines = new ArrayList<>();
    int totalRow = -1;
    for (int row = 0; row < rowNames.size(); row++) {
      if (isTotal(rowNames.text(row))) {
        totalRow = row;
        continue;
      }
      List<Exact> line = new ArrayList<>();
      for (NumberColumn column : counts) {
        line.add(count(column, row, rowNames.text(row)));
      }
      rows.add(rowNames.text(row));
      lines.add(line);
      if (totals.isPresent()) {
        check(rowNames.text(row), line, totals.get().number(row));
      }
    }
    CrossTable table = CrossTable.read(rows, columnNames, lines, 0);
    if (totalRow >= 0) {
      for (int column = 0; column < counts.size(); column++) {
        List<Exact> down = new ArrayList<>();
        for (List<Exact> line : lines) {
          down.add(line.get(column));
        }
        check(columnNames.get(column), down, counts.get(column).number(totalRow));
      }
      if (totals.isPresent()) {
        List<Exact> all = lines.stream().flatMap(List::stream).toList();
        check(rowNames.text(totalRow), all, totals.get().number(totalRow));
      }
    }
    return table;
  }

  private static Exact count(NumberColumn column, int row, String name) throws BadInputException {
    return column
        .number(row)
        .orElseThrow(() -> Texts.refusal("counts.missing", name, column.name()));
  }

  private static void check(String name, List<Exact> counts, Optional<Exact> printed)
      throws BadInputException {
    Exact sum = counts.stream().reduce(Exact.ZERO, Exact::plus);
    if (printed.isPresent() && !printed.get().equals(sum)) {
      throw Texts.refusal("counts.wrong-total", name, printed.get(), sum);
    }
  }

  private static boolean isTotal(String name) {
    return TOTALS.contains(name.strip().toLowerCase(Locale.ROOT));
  }
}
