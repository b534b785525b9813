package promedio.files.table;

import java.io.Serial;

/** Says that the column to use is not clear, and which there are. */
public final class ColumnChoiceException extends Exception {

  @Serial private static final long serialVersionUID = 1;

  ColumnChoiceException(String message) {
    super(message);
  }
}
