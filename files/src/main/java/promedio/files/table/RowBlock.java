package promedio.files.table;

import java.util.Arrays;

/** Rows kept one after the other in few arrays, so that they can be passed to another thread. */
final class RowBlock {

  /** Full with so many characters; the row that fills it is kept whole. */
  private static final int CHARACTERS = 1 << 16;

  private static final int ROWS = 1 << 12;

  private char[] text = new char[CHARACTERS];
  private int length;

  /** Where each cell ends in the text. */
  private int[] cellEnds = new int[1 << 12];

  private int cells;

  /** Where the cells of each whole row end. */
  private final int[] rowEnds = new int[ROWS];

  private final long[] lines = new long[ROWS];
  private int rows;
  private long line;

  void begin(long at) {
    line = at;
    cells = rows == 0 ? 0 : rowEnds[rows - 1];
    length = cells == 0 ? 0 : cellEnds[cells - 1];
  }

  void cell(char[] from, int start, int count) {
    if (length + count > text.length) {
      text = Arrays.copyOf(text, Math.max(2 * text.length, length + count));
    }
    System.arraycopy(from, start, text, length, count);
    length += count;
    if (cells == cellEnds.length) {
      cellEnds = Arrays.copyOf(cellEnds, 2 * cells);
    }
    cellEnds[cells++] = length;
  }

  void end() {
    lines[rows] = line;
    rowEnds[rows++] = cells;
  }

  /** {@return whether the rows should be passed on before another begins} */
  boolean isFull() {
    return rows == ROWS || length >= CHARACTERS;
  }

  /** Gives every row that has ended to the sink, and is empty then. */
  void empty(RowSink sink) {
    int cell = 0;
    int start = 0;
    for (int row = 0; row < rows; row++) {
      sink.begin(lines[row]);
      for (; cell < rowEnds[row]; cell++) {
        sink.cell(text, start, cellEnds[cell] - start);
        start = cellEnds[cell];
      }
      sink.end();
    }
    rows = 0;
    cells = 0;
    length = 0;
  }
}
