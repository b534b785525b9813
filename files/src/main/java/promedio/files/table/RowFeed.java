package promedio.files.table;

import java.io.IOException;
import promedio.files.RefusedFileException;

/** Something that gives its rows to a sink. */
@FunctionalInterface
interface RowFeed {

  /**
   * Gives all rows, or as many as are wanted.
   *
   * @throws RefusedFileException if it cannot be read as rows; the message says what to do
   */
  void into(RowSink sink) throws IOException, RefusedFileException;

  /** Gives a cell that is a text of its own. */
  static void cell(RowSink sink, String text) {
    char[] characters = text.toCharArray();
    sink.cell(characters, 0, characters.length);
  }
}
