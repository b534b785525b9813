package promedio.core.sample;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.TypedWords;
import promedio.core.number.Exact;

/**
 * Counts as they are printed, perhaps with a row and a column of totals. The totals are known by
 * their names; they are checked, and are no counts of their own.
 */
public final class PrintedTotals {

  private PrintedTotals() {}

  /** {@return whether a row or column of this name holds totals} */
  public static boolean isTotal(String name) {
    return TypedWords.says("printed-total", name);
  }

  /**
   * {@return the counts without their totals}
   *
   * @param rows what the rows are called
   * @param columns what the columns are called; as many as each line has entries
   * @param lines the entries row by row, none where one is missing
   * @throws BadInputException if they are no counts, one is missing, or a total is wrong; the
   *     message says which
   */
  public static CrossTable read(
      List<String> rows, List<String> columns, List<List<Optional<Exact>>> lines)
      throws BadInputException {
    List<Integer> down = others(rows);
    List<Integer> across = others(columns);
    List<List<Exact>> counts = new ArrayList<>();
    for (int row : down) {
      List<Exact> line = new ArrayList<>();
      for (int column : across) {
        line.add(
            lines
                .get(row)
                .get(column)
                .orElseThrow(() -> refused("cross.missing", rows.get(row), columns.get(column))));
      }
      counts.add(line);
    }
    CrossTable table =
        CrossTable.read(
            down.stream().map(rows::get).toList(),
            across.stream().map(columns::get).toList(),
            counts,
            0);
    for (int row = 0; row < rows.size(); row++) {
      for (int column = 0; column < columns.size(); column++) {
        if (!down.contains(row) || !across.contains(column)) {
          check(
              table,
              down.indexOf(row),
              across.indexOf(column),
              lines.get(row).get(column),
              down.contains(row)
                  ? rows.get(row)
                  : across.contains(column) ? columns.get(column) : rows.get(row));
        }
      }
    }
    return table;
  }

  private static List<Integer> others(List<String> names) {
    List<Integer> others = new ArrayList<>();
    for (int i = 0; i < names.size(); i++) {
      if (!isTotal(names.get(i))) {
        others.add(i);
      }
    }
    return others;
  }

  /** A total that is not printed is not wrong. */
  private static void check(
      CrossTable table, int row, int column, Optional<Exact> printed, String name)
      throws BadInputException {
    Exact sum =
        row >= 0 ? table.rowTotal(row) : column >= 0 ? table.columnTotal(column) : table.total();
    if (printed.isPresent() && !printed.get().equals(sum)) {
      throw refused("cross.wrong-total", name, printed.get().toString(), sum.toString());
    }
  }

  private static BadInputException refused(String key, String... arguments) {
    return new BadInputException(Message.of(key, arguments));
  }
}
