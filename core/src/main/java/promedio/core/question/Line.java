package promedio.core.question;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.regex.Pattern;

/**
 * A line of a text.
 *
 * @param text its words
 * @param start where it begins in the whole text
 */
record Line(String text, int start) {

  private static final int LONGEST_ROW = 600;

  /** What a rule below a head or between rows is drawn with. */
  private static final String RULE = "|+:=_–—-";

  private static final Pattern EDGES = Pattern.compile("^\\||\\|$");
  private static final Pattern WIDE = Pattern.compile("\\s*\\|\\s*|\\t|\\s{2,}|\\s*;\\s*");

  /** {@return the lines of the text} */
  static List<Line> of(String text) {
    List<Line> lines = new ArrayList<>();
    int start = 0;
    for (String each : text.split("\n", -1)) {
      lines.add(new Line(each, start));
      start += each.length() + 1;
    }
    return lines;
  }

  /** {@return whether it can be a row of a table: those are short} */
  boolean isShort() {
    return text.length() <= LONGEST_ROW;
  }

  int end() {
    return start + text.length();
  }

  /** {@return whether nothing stands there, or a rule of dashes} */
  boolean isIdle() {
    return isShort() && !has(c -> !Character.isWhitespace(c) && RULE.indexOf(c) < 0);
  }

  boolean hasLetters() {
    return has(Character::isLetter);
  }

  boolean hasDigits() {
    return has(Character::isDigit);
  }

  /** Asked of every line of a long text, more than once: a plain loop takes a third of the time. */
  private boolean has(IntPredicate kind) {
    for (int i = 0; i < text.length(); i++) {
      if (kind.test(text.charAt(i))) {
        return true;
      }
    }
    return false;
  }

  /** {@return how often digits follow on what is none: as many numbers at the most} */
  int numbers() {
    int numbers = 0;
    for (int i = 0; i < text.length(); i++) {
      boolean begins = i == 0 || !Character.isDigit(text.charAt(i - 1));
      numbers += begins && Character.isDigit(text.charAt(i)) ? 1 : 0;
    }
    return numbers;
  }

  /**
   * {@return how many classes, from one limit to the other, stand there at the most}: a bracket
   * opens each, or a dash or a word stands behind its first number
   */
  int classes() {
    int classes = 0;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      classes += c == '(' || c == '[' || (Character.isDigit(c) && hasMoreBehind(i + 1)) ? 1 : 0;
    }
    return classes;
  }

  private boolean hasMoreBehind(int end) {
    int next = end < text.length() && Character.isWhitespace(text.charAt(end)) ? end + 1 : end;
    return next < text.length()
        && (Character.isLetter(text.charAt(next)) || "–—-−".indexOf(text.charAt(next)) >= 0);
  }

  /** {@return how many words stand in a text, apart by blanks} */
  static int words(String text) {
    int words = 0;
    boolean blank = true;
    for (int i = 0; i < text.length(); i++) {
      boolean now = Character.isWhitespace(text.charAt(i));
      words += blank && !now ? 1 : 0;
      blank = now;
    }
    return words;
  }

  /** {@return whether whole numbers stand there, with blanks, pipes or semicolons between them} */
  boolean isOfWholeNumbers() {
    boolean begun = false;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      boolean digit = c >= '0' && c <= '9';
      if (!digit && c != ' ' && c != '|' && !(begun && c == ';')) {
        return false;
      }
      begun |= digit;
    }
    return begun;
  }

  /** {@return whether only numbers, blanks and rules stand in it, no sign and no word} */
  boolean isOnlyNumbers() {
    return text.chars()
        .allMatch(c -> Character.isDigit(c) || Character.isWhitespace(c) || ".,;|".indexOf(c) >= 0);
  }

  /** {@return whether words end as every row of numbers does, in a digit or a dash for none} */
  static boolean endsAsRow(String text) {
    int last = text.length() - 1;
    while (last >= 0 && (Character.isWhitespace(text.charAt(last)) || isEnd(text.charAt(last)))) {
      last--;
    }
    return last >= 0
        && (Character.isDigit(text.charAt(last)) || "-–—".indexOf(text.charAt(last)) >= 0);
  }

  private static boolean isEnd(char c) {
    return c == '|' || c == '.' || c == ';';
  }

  /** {@return whether it can have more cells than one} */
  boolean hasCells() {
    return text.indexOf('|') >= 0
        || text.indexOf(';') >= 0
        || text.indexOf('\t') >= 0
        || text.indexOf("  ") >= 0;
  }

  /** {@return its cells: apart by pipes, tabs, semicolons or several spaces} */
  List<String> cells() {
    List<String> cells = new ArrayList<>();
    for (String cell : WIDE.split(EDGES.matcher(text.strip()).replaceAll("").strip(), -1)) {
      if (!cell.isBlank()) {
        cells.add(cell.strip());
      }
    }
    return cells;
  }
}
