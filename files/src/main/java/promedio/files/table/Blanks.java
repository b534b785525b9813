package promedio.files.table;

/** Blanks around a cell, the no-break space among them. */
final class Blanks {

  private static final char NO_BREAK_SPACE = '\u00A0';

  private Blanks() {}

  static boolean is(char c) {
    return c <= ' ' || c == NO_BREAK_SPACE;
  }

  static String strip(String text) {
    int start = 0;
    int end = text.length();
    while (start < end && is(text.charAt(start))) {
      start++;
    }
    while (end > start && is(text.charAt(end - 1))) {
      end--;
    }
    return text.substring(start, end);
  }
}
