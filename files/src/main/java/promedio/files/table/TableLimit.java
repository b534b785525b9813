package promedio.files.table;

import promedio.core.limit.Limit;

/** Passes rows on as long as they are no more, and no wider or longer, than a table can be. */
final class TableLimit implements RowSink {

  private final RowSink sink;
  private final long mostCharacters;
  private long line;
  private long cells;
  private long characters;

  /**
   * Makes one.
   *
   * @param size how many bytes the source has: what is not packed holds no more characters
   */
  TableLimit(RowSink sink, long size) {
    this.sink = sink;
    this.mostCharacters = Math.max(size, Limit.TABLE_CHARACTERS.most());
  }

  @Override
  public void begin(long at) {
    line = at;
    cells = 0;
    sink.begin(at);
  }

  @Override
  public void cell(char[] text, int start, int length) {
    characters += length;
    hold(++cells <= Limit.ROW_CELLS.most(), Limit.ROW_CELLS);
    hold(length <= Limit.CELL_CHARACTERS.most(), Limit.CELL_CHARACTERS);
    hold(characters <= mostCharacters, Limit.TABLE_CHARACTERS);
    sink.cell(text, start, length);
  }

  private void hold(boolean within, Limit limit) {
    if (!within) {
      throw new BeyondLimitException(limit, line);
    }
  }

  @Override
  public boolean end() {
    return sink.end();
  }
}
