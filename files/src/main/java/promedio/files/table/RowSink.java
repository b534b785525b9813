package promedio.files.table;

/** Takes the rows of a table one after the other, cell by cell. */
interface RowSink {

  /** Begins a row that stands in this line. */
  void begin(long line);

  /** Takes the next cell of the row; the characters are only lent. */
  void cell(char[] text, int start, int length);

  /** {@return whether more rows are wanted, now that the row has ended} */
  boolean end();
}
