package promedio.core.measure;

import java.util.List;

/**
 * A printed table whose every cell is something asked: each has its own result, working, answer and
 * mark. The five numbers are one row of five.
 *
 * @param rows what stands before the rows, as keys that texts name
 * @param columns what stands above the columns, as keys that texts name
 * @param cells what is asked in each row, from left to right
 */
public record Layout(List<String> rows, List<String> columns, List<List<Request>> cells) {

  public Layout {
    rows = List.copyOf(rows);
    columns = List.copyOf(columns);
    cells = cells.stream().map(List::copyOf).toList();
    int width = columns.size();
    if (cells.size() != rows.size() || cells.stream().anyMatch(row -> row.size() != width)) {
      throw new IllegalArgumentException("a cell for every row and column");
    }
  }

  /** {@return one row of these, each under its own name} */
  public static Layout ofRow(String name, List<Request> cells) {
    return new Layout(List.of(name), cells.stream().map(Request::key).toList(), List.of(cells));
  }

  /** {@return all that is asked in it, row by row} */
  public List<Request> requests() {
    return cells.stream().flatMap(List::stream).toList();
  }
}
