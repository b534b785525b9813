package promedio.files;

import java.io.Serial;

/** Says in one line what was found in a file, where, and what to do. */
public final class RefusedFileException extends Exception {

  @Serial private static final long serialVersionUID = 1;

  /** Makes one with the line for the person. */
  public RefusedFileException(String message) {
    super(message);
  }

  /** Makes one with the line for the person, and what was behind it for the log. */
  public RefusedFileException(String message, Throwable cause) {
    super(message, cause);
  }
}
