package promedio.files.table;

import java.util.regex.Pattern;

/**
 * Cells of CSV that other programs open: text that they would run as a formula is marked as text.
 */
public final class HarmlessCell {

  /** A word that begins so would be run as a formula where the file is opened. */
  private static final String RUNS = "=+-@\t\r'";

  /** A number with its sign is no formula. */
  private static final Pattern NUMBER =
      Pattern.compile("[-+]?\\d+(?:[.,]\\d+)?(?:[eE][-+]?\\d+)?(?:/\\d+)?\\s?%?");

  private HarmlessCell() {}

  /** {@return the text, with a mark before it that the reader of tables takes away again} */
  public static String of(String text) {
    boolean runs = !text.isEmpty() && RUNS.indexOf(text.charAt(0)) >= 0;
    return runs && !NUMBER.matcher(text).matches() ? "'" + text : text;
  }
}
