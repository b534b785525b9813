package promedio.core.question;

import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A text in which a line that goes on in the next one is joined with it, since both are one
 * sentence.
 */
final class JoinedLines {

  private static final Pattern GOES_ON =
      Pattern.compile("(?<![.?!:;])[ \\t]*\\n(?=[ \\t]*[\\p{Ll}\\d(])");

  private final String text;

  /** Of each letter where it stood before, and where the text ended. */
  private final int[] places;

  private JoinedLines(String text, int[] places) {
    this.text = text;
    this.places = places;
  }

  static JoinedLines of(String text) {
    StringBuilder joined = new StringBuilder(text.length());
    int[] places = new int[text.length() + 1];
    Matcher ends = GOES_ON.matcher(text);
    int from = 0;
    while (ends.find()) {
      copy(text, from, ends.start(), joined, places);
      places[joined.length()] = ends.start();
      joined.append(' ');
      from = ends.end();
    }
    copy(text, from, text.length(), joined, places);
    places[joined.length()] = text.length();
    return new JoinedLines(joined.toString(), Arrays.copyOf(places, joined.length() + 1));
  }

  private static void copy(String text, int from, int to, StringBuilder joined, int[] places) {
    for (int i = from; i < to; i++) {
      places[joined.length()] = i;
      joined.append(text.charAt(i));
    }
  }

  /** {@return the joined text} */
  String text() {
    return text;
  }

  /** {@return where in the text before a place of the joined text is} */
  int at(int place) {
    return places[place];
  }
}
