package promedio.files.table;

import java.io.Serial;
import promedio.core.message.Texts;

/** Passes rows on as long as they are no wider than a table can be. */
final class WidthLimit implements RowSink {

  /** A sheet of a workbook has 16,384 columns. */
  private static final int MOST_CELLS = 20_000;

  private final RowSink sink;
  private final String source;
  private long line;
  private int cells;

  WidthLimit(RowSink sink, String source) {
    this.sink = sink;
    this.source = source;
  }

  /** A row is wider than that; the message is for a person. */
  static final class TooWideException extends RuntimeException {

    @Serial private static final long serialVersionUID = 1;

    TooWideException(String message) {
      super(message);
    }
  }

  @Override
  public void begin(long at) {
    line = at;
    cells = 0;
    sink.begin(at);
  }

  @Override
  public void cell(char[] text, int start, int length) {
    if (++cells > MOST_CELLS) {
      throw new TooWideException(Texts.of("file.too-wide", source, line, MOST_CELLS));
    }
    sink.cell(text, start, length);
  }

  @Override
  public boolean end() {
    return sink.end();
  }
}
