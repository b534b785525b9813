package promedio.core.tidy;

import promedio.core.message.BadInputException;
import promedio.core.table.Table;

/** How large steps may make a table. */
final class TableSizeLimit {

  /** Cells that any table may come to. */
  private static final long FREE_CELLS = 2_000_000;

  /** A larger one may grow to so many times its cells, which columns under each other need. */
  private static final long MOST_GROWTH = 8;

  private TableSizeLimit() {}

  /** {@return how many cells a table may come to that was made of this one} */
  static long of(Table original) {
    return Math.max(FREE_CELLS, MOST_GROWTH * cells(original));
  }

  static long cells(Table table) {
    return (long) table.rows() * table.columns().size();
  }

  /** Refuses what would fill the memory, as stacking again and again does. */
  static void require(Table before, long rows, long columns) throws BadInputException {
    if (rows * columns > of(before)) {
      throw BadInputException.of("misfit.too-large", String.valueOf(rows), String.valueOf(columns));
    }
  }
}
