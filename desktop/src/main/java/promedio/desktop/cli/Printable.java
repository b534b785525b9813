package promedio.desktop.cli;

import java.io.FilterWriter;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.Writer;

/**
 * Writes signs that a terminal shows, and a question mark for those that it obeys: a name in a file
 * must not move the cursor or change the title of a window.
 */
final class Printable extends FilterWriter {

  private static final char UNSHOWN = '?';

  private Printable(Writer out) {
    super(out);
  }

  /** {@return what passes on all that can be shown} */
  static PrintWriter of(PrintWriter out) {
    return new PrintWriter(new Printable(out), true);
  }

  @Override
  public void write(int sign) throws IOException {
    out.write(isObeyed((char) sign) ? UNSHOWN : sign);
  }

  @Override
  public void write(char[] signs, int from, int length) throws IOException {
    write(new String(signs, from, length), 0, length);
  }

  @Override
  public void write(String text, int from, int length) throws IOException {
    int start = from;
    for (int at = from; at < from + length; at++) {
      if (isObeyed(text.charAt(at))) {
        out.write(text, start, at - start);
        out.write(UNSHOWN);
        start = at + 1;
      }
    }
    out.write(text, start, from + length - start);
  }

  private static boolean isObeyed(char sign) {
    return Character.isISOControl(sign) && sign != '\n' && sign != '\r' && sign != '\t';
  }
}
