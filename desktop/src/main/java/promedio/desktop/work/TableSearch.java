package promedio.desktop.work;

import java.util.Locale;
import java.util.Optional;
import promedio.core.message.Cancellation;
import promedio.core.table.Column;
import promedio.core.table.Table;
import promedio.files.table.Progress;

/**
 * Looks for a text in the cells of a table, row by row from a cell on, and from the top again at
 * the end. Capitals are as good as small letters.
 */
public final class TableSearch {

  private static final int ROWS_AT_ONCE = 1024;

  private final Table table;
  private final String sought;

  /**
   * Makes a search.
   *
   * @param text what is looked for; not empty
   */
  public TableSearch(Table table, String text) {
    this.table = table;
    this.sought = text.toLowerCase(Locale.ROOT);
  }

  /**
   * A cell.
   *
   * @param row from 0
   * @param column from 0
   */
  public record Cell(int row, int column) {}

  /**
   * {@return the first cell after this one that holds the text; the last one looked at is itself}
   *
   * @param from where to begin; none at the top
   */
  public Optional<Cell> after(Optional<Cell> from, Progress progress) {
    int rows = table.rows();
    int start = from.map(Cell::row).orElse(0);
    int column = from.map(cell -> cell.column() + 1).orElse(0);
    for (int done = 0; done <= rows && rows > 0; done++) {
      if (done % ROWS_AT_ONCE == 0) {
        Cancellation.check();
        progress.at(done, rows);
      }
      int row = (start + done) % rows;
      // The row where it began is looked at twice: after the cell, and at last up to it.
      int first = done == 0 ? column : 0;
      int end = done == rows ? column : table.columns().size();
      for (int at = first; at < end; at++) {
        if (holds(table.columns().get(at), row)) {
          return Optional.of(new Cell(row, at));
        }
      }
    }
    return Optional.empty();
  }

  private boolean holds(Column column, int row) {
    return column.text(row).toLowerCase(Locale.ROOT).contains(sought);
  }
}
