package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import promedio.core.entry.Entry;

/** Edits of a typed list that change one entry and leave every other character as it is. */
public final class TextEdits {

  private TextEdits() {}

  /** {@return the text without one of the values of the entry} */
  public static String without(String text, Entry entry) {
    if (entry.content() instanceof Entry.Figure figure && figure.times() > 1) {
      String written = text.substring(entry.start(), entry.end());
      int sign =
          Math.max(written.lastIndexOf('×'), written.toLowerCase(Locale.ROOT).lastIndexOf('x'));
      String number = written.substring(0, sign);
      int left = figure.times() - 1;
      return replaced(text, entry, left == 1 ? number : number + '×' + left);
    }
    int from = tokenStart(text, entry.start());
    int to = tokenEnd(text, entry.end());
    List<String> list = new ArrayList<>(List.of(text.substring(from, to).split(",")));
    boolean within = entry.start() > from || entry.end() < to;
    if (within && list.stream().filter(piece -> !piece.isEmpty()).count() > 1) {
      // Of 8,10,11 there would be left 8,11, which could be one number; spaces keep it a list.
      list.remove((int) text.substring(from, entry.start()).chars().filter(c -> c == ',').count());
      return text.substring(0, from) + String.join(", ", list) + text.substring(to);
    }
    int end = entry.end();
    // The mark that parts it from the next goes with it, so that no gap counts as missing.
    while (end < text.length() && (text.charAt(end) == ',' || text.charAt(end) == ';')) {
      end++;
    }
    while (end < text.length() && text.charAt(end) == ' ') {
      end++;
    }
    return text.substring(0, entry.start()) + text.substring(end);
  }

  /**
   * {@return the text of pairs without the pair of these entries}: its line, or its place in the
   * line of x and in that of y
   */
  public static String withoutPair(String text, Entry x, Entry y) {
    int lineStart = text.lastIndexOf('\n', x.start()) + 1;
    int lineEnd = text.indexOf('\n', y.end());
    if (text.substring(x.end(), y.start()).indexOf('\n') < 0) {
      return lineEnd < 0
          ? text.substring(0, Math.max(0, lineStart - 1))
          : text.substring(0, lineStart) + text.substring(lineEnd + 1);
    }
    return without(without(text, y), x);
  }

  private static int tokenStart(String text, int place) {
    int start = place;
    while (start > 0 && !isGap(text.charAt(start - 1))) {
      start--;
    }
    return start;
  }

  private static int tokenEnd(String text, int place) {
    int end = place;
    while (end < text.length() && !isGap(text.charAt(end))) {
      end++;
    }
    return end;
  }

  private static boolean isGap(char c) {
    return c <= ' ' || c == ';';
  }

  /** {@return the text with another entry in the place of this one} */
  public static String replaced(String text, Entry entry, String other) {
    return text.substring(0, entry.start()) + other + text.substring(entry.end());
  }

  /** {@return the text with more entries at its end} */
  public static String appended(String text, String more) {
    String stripped = text.stripTrailing();
    return stripped.isEmpty() ? more : stripped + " " + more;
  }

  /** {@return the entry that covers the place in the text, or the last one before it} */
  public static int entryAt(List<Entry> entries, int place) {
    int found = -1;
    for (int i = 0; i < entries.size() && entries.get(i).start() <= place; i++) {
      found = i;
    }
    return found;
  }
}
