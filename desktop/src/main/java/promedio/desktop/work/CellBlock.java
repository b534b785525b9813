package promedio.desktop.work;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Sample;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;

/**
 * A block of cells of a table; rows and columns count from 0, and the ends belong to it.
 *
 * @param firstRow the uppermost row
 * @param lastRow the lowermost row
 * @param firstColumn the leftmost column
 * @param lastColumn the rightmost column
 */
public record CellBlock(int firstRow, int lastRow, int firstColumn, int lastColumn) {

  /** {@return the block with two cells at opposite corners} */
  public static CellBlock between(int row, int column, int otherRow, int otherColumn) {
    return new CellBlock(
        Math.min(row, otherRow),
        Math.max(row, otherRow),
        Math.min(column, otherColumn),
        Math.max(column, otherColumn));
  }

  /** {@return whether the cell belongs to it} */
  public boolean contains(int row, int column) {
    return row >= firstRow && row <= lastRow && column >= firstColumn && column <= lastColumn;
  }

  /** {@return how many cells it has} */
  public long cells() {
    return (lastRow - firstRow + 1L) * (lastColumn - firstColumn + 1L);
  }

  /** {@return its columns} */
  public List<Column> columns(Table table) {
    return table.columns().subList(firstColumn, Math.min(lastColumn + 1, table.columns().size()));
  }

  /**
   * What a block comes to.
   *
   * @param cells how many cells it has
   * @param missing how many are missing or cannot be read
   * @param computation what is known of its numbers
   */
  public record Told(long cells, long missing, Computation computation) {

    /** {@return the measure of the numbers in the block} */
    public Result get(Measure measure) {
      return computation.result(measure);
    }
  }

  /**
   * {@return what the block comes to, by these rules}
   *
   * @throws BadInputException if its numbers cannot be kept together
   */
  public Told tell(Table table, CourseRules rules) throws BadInputException {
    ValuesBuilder values = new ValuesBuilder();
    long missing = 0;
    int last = Math.min(lastRow, table.rows() - 1);
    for (Column column : columns(table)) {
      for (int row = firstRow; row <= last; row++) {
        if (column.isMissing(row)) {
          missing++;
        } else if (column instanceof NumberColumn numbers) {
          values.add(numbers.values().get(row));
        }
      }
    }
    return new Told(cells(), missing, Computation.of(new Sample(values.build()), rules));
  }

  /** {@return the block as text that pastes as a table: tabs between cells, a line a row} */
  public String text(Table table) {
    List<String> lines = new ArrayList<>();
    for (int row = firstRow; row <= Math.min(lastRow, table.rows() - 1); row++) {
      int at = row;
      lines.add(String.join("\t", columns(table).stream().map(c -> c.text(at)).toList()));
    }
    return String.join("\n", lines);
  }

  /** {@return the numbers, in the original, of its rows} */
  public List<Integer> origins(Table table) {
    return IntStream.rangeClosed(firstRow, Math.min(lastRow, table.rows() - 1))
        .map(table::origin)
        .boxed()
        .toList();
  }
}
