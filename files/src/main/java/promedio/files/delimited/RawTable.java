package promedio.files.delimited;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.number.DecimalSign;

/**
 * A table as it stands in a file, nothing converted.
 *
 * @param source the name of the file
 * @param columns the names of the columns, each different
 * @param rows the rows below the header
 * @param sign the decimal sign its numbers are written with
 */
public record RawTable(String source, List<String> columns, List<Row> rows, DecimalSign sign) {

  public RawTable {
    columns = List.copyOf(columns);
    rows = List.copyOf(rows);
  }

  /**
   * One row.
   *
   * @param line the line of the file it begins in, from 1
   * @param cells its cells, as many as it has
   */
  public record Row(long line, List<String> cells) {

    public Row {
      cells = List.copyOf(cells);
    }

    /** {@return the cell of the column from 0, empty where the row is too short} */
    public String cell(int column) {
      return column < cells.size() ? cells.get(column) : "";
    }
  }

  /** {@return the column, from 0, of this name, or of this number from 1} */
  public Optional<Integer> column(String nameOrNumber) {
    int named = columns.indexOf(nameOrNumber);
    if (named >= 0) {
      return Optional.of(named);
    }
    return IntStream.range(0, columns.size())
        .filter(i -> String.valueOf(i + 1).equals(nameOrNumber.strip()))
        .boxed()
        .findFirst();
  }
}
