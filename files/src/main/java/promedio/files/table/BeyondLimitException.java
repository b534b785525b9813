package promedio.files.table;

import java.io.Serial;
import promedio.core.limit.Limit;
import promedio.core.message.Texts;
import promedio.files.RefusedFileException;

/** A file holds more of something than is taken; whoever knows its name refuses it in words. */
final class BeyondLimitException extends RuntimeException {

  @Serial private static final long serialVersionUID = 1;

  private final Limit limit;
  private final long line;

  /** Makes one of a line, from 1, or 0 where it is about no line. */
  BeyondLimitException(Limit limit, long line) {
    super(limit + " in line " + line);
    this.limit = limit;
    this.line = line;
  }

  /** {@return the refusal of the source} */
  RefusedFileException of(String source) {
    String where = line == 0 ? source : Texts.of("limit.at-line", source, line);
    return new RefusedFileException(limit.beyond(where).text(), this);
  }
}
