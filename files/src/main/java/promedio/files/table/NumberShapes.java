package promedio.files.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The shapes of what may be numbers among the first cells of a table, by which points and commas
 * are told apart. Each shape is looked for only in cells that have its marks.
 *
 * @param withoutMark cells of nothing but digits and signs
 * @param withPoint cells with a point among digits
 * @param withComma cells with a comma among digits
 * @param severalMarks cells with more than one point or comma
 * @param withBlank cells with a mark among digits that is neither, most often a blank
 */
record NumberShapes(
    List<String> withoutMark,
    List<String> withPoint,
    List<String> withComma,
    List<String> severalMarks,
    List<String> withBlank) {

  private static final String BLANKS = "' ’\u00A0\u202F\u2009";

  private static final Pattern COMMA_DECIMALS =
      Pattern.compile(
          "[-+−]?(?:\\d*,(?:\\d{1,2}|\\d{4,})|0,\\d+|\\d{4,},\\d+|\\d{1,3}(?:\\.\\d{3})+,\\d*)");
  private static final Pattern POINT_DECIMALS =
      Pattern.compile(
          "[-+−]?(?:\\d*\\.(?:\\d{1,2}|\\d{4,})|0\\.\\d+|\\d{4,}\\.\\d+|\\d{1,3}(?:,\\d{3})+\\.\\d*)");
  private static final Pattern TWICE_GROUPED =
      Pattern.compile("[-+−]?\\d{1,3}(?:([.,])\\d{3}){2,}(?:[.,]\\d*)?");
  private static final Pattern GROUPED_AND_DECIMAL =
      Pattern.compile("[-+−]?\\d{1,3}(?:([.,])\\d{3})+([.,])\\d+");
  private static final Pattern THREE_AFTER_MARK = Pattern.compile("[-+−]?[1-9]\\d{0,2}[.,]\\d{3}");
  private static final Pattern SHORT_WHOLE = Pattern.compile("[-+−]?\\d{1,3}");

  /** {@return what of the cells may be numbers, by their marks} */
  static NumberShapes of(List<String> cells) {
    NumberShapes shapes =
        new NumberShapes(
            new ArrayList<>(),
            new ArrayList<>(),
            new ArrayList<>(),
            new ArrayList<>(),
            new ArrayList<>());
    cells.forEach(shapes::add);
    return shapes;
  }

  private void add(String cell) {
    int points = 0;
    int commas = 0;
    int blanks = 0;
    for (int i = 0; i < cell.length(); i++) {
      char c = cell.charAt(i);
      if (c == '.') {
        points++;
      } else if (c == ',') {
        commas++;
      } else if (c < '0' || c > '9') {
        if (BLANKS.indexOf(c) >= 0) {
          blanks++;
        } else if ("-+−".indexOf(c) < 0) {
          return;
        }
      }
    }
    addTo(withoutMark, cell, points + commas + blanks == 0);
    addTo(withPoint, cell, points > 0);
    addTo(withComma, cell, commas > 0);
    addTo(severalMarks, cell, points + commas > 1);
    addTo(withBlank, cell, blanks > 0);
  }

  private static void addTo(List<String> cells, String cell, boolean fits) {
    if (fits) {
      cells.add(cell);
    }
  }

  private static long count(List<String> cells, Pattern pattern) {
    return cells.stream().filter(cell -> pattern.matcher(cell).matches()).count();
  }

  private static Stream<Matcher> matches(List<String> cells, Pattern pattern) {
    return cells.stream().map(pattern::matcher).filter(Matcher::matches);
  }

  /** {@return how many numbers have a comma that can only stand before decimals} */
  long commaDecimals() {
    return count(withComma, COMMA_DECIMALS);
  }

  /** {@return how many numbers have a point that can only stand before decimals} */
  long pointDecimals() {
    return count(withPoint, POINT_DECIMALS);
  }

  /** {@return how many numbers have this mark more than once before groups of three digits} */
  long groupedTwiceBy(char mark) {
    return matches(severalMarks, TWICE_GROUPED).filter(m -> m.group(1).charAt(0) == mark).count();
  }

  /** {@return how many numbers are grouped in lakhs and crores} */
  long indian() {
    return count(withComma, NumberForms.INDIAN);
  }

  /** {@return whether a number has this mark before three digits, so that it may be either} */
  boolean threeAfter(char mark) {
    return count(mark == '.' ? withPoint : withComma, THREE_AFTER_MARK) > 0;
  }

  /** {@return whether there is a whole number of at most three digits} */
  boolean shortWhole() {
    return count(withoutMark, SHORT_WHOLE) > 0;
  }

  /** {@return whether this mark stands before three digits, and the other one before decimals} */
  boolean groupedBeforeDecimals(char mark) {
    return matches(severalMarks, GROUPED_AND_DECIMAL)
        .anyMatch(m -> m.group(1).charAt(0) == mark && m.group(2).charAt(0) != mark);
  }

  /** {@return the first mark between groups that is neither point nor comma} */
  Optional<Character> blankBetweenGroups() {
    return matches(withBlank, NumberForms.GROUPED)
        .map(m -> m.group(1).charAt(0))
        .filter(mark -> mark != '.' && mark != ',')
        .findFirst();
  }
}
