package promedio.files.table;

import java.util.List;

/**
 * A row as it stands in a file, nothing converted.
 *
 * @param line the line of the file it begins in, or the row of the sheet, from 1
 * @param cells its cells, without blanks around them
 */
public record RawRow(long line, List<String> cells) {

  public RawRow {
    cells = List.copyOf(cells);
  }

  /** {@return the cell of the column from 0, empty where the row is too short} */
  public String cell(int column) {
    return column < cells.size() ? cells.get(column) : "";
  }

  /** {@return how many cells hold anything} */
  long filled() {
    return cells.stream().filter(cell -> !cell.isEmpty()).count();
  }
}
