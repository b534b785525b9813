package promedio.core.table;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Columns of the same length, each with a name of its own. Immutable. Every row remembers which row
 * of the original it was.
 */
public final class Table {

  private final List<Column> columns;
  private final int[] origins;

  private Table(List<Column> columns, int[] origins) {
    this.columns = List.copyOf(columns);
    this.origins = origins;
    for (Column column : columns) {
      if (column.size() != origins.length) {
        throw new IllegalArgumentException(
            "column " + column.name() + " has " + column.size() + " rows, not " + origins.length);
      }
    }
    if (columns.stream().map(Column::name).distinct().count() != columns.size()) {
      throw new IllegalArgumentException("two columns have the same name");
    }
  }

  /** {@return a table of these columns, whose rows count from 1} */
  public static Table of(List<Column> columns) {
    int rows = columns.isEmpty() ? 0 : columns.get(0).size();
    return new Table(columns, IntStream.rangeClosed(1, rows).toArray());
  }

  /** {@return the columns from left to right} */
  public List<Column> columns() {
    return columns;
  }

  /** {@return the names of the columns} */
  public List<String> names() {
    return columns.stream().map(Column::name).toList();
  }

  /** {@return how many rows there are} */
  public int rows() {
    return origins.length;
  }

  /** {@return the number from 1 that the row, from 0, has in the original; 0 if it is new} */
  public int origin(int row) {
    return origins[row];
  }

  /** {@return the column of this name} */
  public Optional<Column> column(String name) {
    return columns.stream().filter(column -> column.name().equals(name)).findFirst();
  }

  /** {@return the same rows with other columns} */
  public Table withColumns(List<Column> others) {
    return new Table(others, origins);
  }

  /** {@return this with the column in the place of the one of its name, or at the end} */
  public Table with(Column column) {
    if (column(column.name()).isEmpty()) {
      return withColumns(Stream.concat(columns.stream(), Stream.of(column)).toList());
    }
    return withColumns(
        columns.stream().map(old -> old.name().equals(column.name()) ? column : old).toList());
  }

  /** {@return these rows, in this order; −1 stands for a new row in which all is missing} */
  public Table pick(int[] rows) {
    return new Table(
        columns.stream().map(column -> column.pick(rows)).toList(),
        Arrays.stream(rows).map(row -> row < 0 ? 0 : origins[row]).toArray());
  }
}
