package promedio.files;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import promedio.core.limit.Limit;
import promedio.core.message.Texts;

/**
 * The lines of UTF-8 that comes bit by bit, each read on its own: one that is no UTF-8, or longer
 * than any line, says so and costs no other.
 */
public final class ByteLines {

  private static final char MARK = '\uFEFF';

  private final InputStream in;
  private long number;

  /** Reads from the stream, which stays open. */
  public ByteLines(InputStream in) {
    this.in = new BufferedInputStream(in, 1 << 16);
  }

  /**
   * A line.
   *
   * @param number its number, from 1
   * @param text what it says, without its end; empty where that cannot be told
   * @param problem why it cannot be read, for a person
   */
  public record Line(long number, String text, Optional<String> problem) {

    /** {@return a line by itself, which can be read} */
    public static Line of(String text) {
      return new Line(1, text, Optional.empty());
    }

    /** {@return whether nothing is asked in it} */
    public boolean isBlank() {
      return text.isBlank() && problem.isEmpty();
    }
  }

  /** {@return the next line, none after the last one} */
  public Optional<Line> next() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    long length = 0;
    int one = in.read();
    if (one < 0) {
      return Optional.empty();
    }
    for (; one >= 0 && one != '\n'; one = in.read()) {
      if (++length <= Limit.LINE_BYTES.most()) {
        bytes.write(one);
      }
    }
    number++;
    if (length > Limit.LINE_BYTES.most()) {
      String why = Limit.LINE_BYTES.beyond(String.valueOf(number)).text();
      return Optional.of(new Line(number, "", Optional.of(why)));
    }
    try {
      return Optional.of(new Line(number, decoded(bytes.toByteArray()), Optional.empty()));
    } catch (CharacterCodingException e) {
      return Optional.of(new Line(number, "", Optional.of(Texts.of("line.no-utf8", number))));
    }
  }

  private String decoded(byte[] line) throws CharacterCodingException {
    String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(line)).toString();
    // Some programs begin a file with a mark of its encoding.
    String marked =
        number == 1 && !text.isEmpty() && text.charAt(0) == MARK ? text.substring(1) : text;
    return marked.endsWith("\r") ? marked.substring(0, marked.length() - 1) : marked;
  }

  /** {@return whether the next line has yet to come} */
  public boolean isWaiting() throws IOException {
    return in.available() == 0;
  }
}
