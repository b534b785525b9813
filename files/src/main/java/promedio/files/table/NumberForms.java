package promedio.files.table;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;

/**
 * How the numbers of a table are written.
 *
 * @param sign the sign before the decimals
 * @param grouping the sign between groups of three digits, where there is one
 */
record NumberForms(DecimalSign sign, Optional<Character> grouping) {

  private static final Pattern COMMA_DECIMALS =
      Pattern.compile(
          "[-+−]?(?:\\d*,(?:\\d{1,2}|\\d{4,})|0,\\d+|\\d{4,},\\d+|\\d{1,3}(?:\\.\\d{3})+,\\d*)");
  private static final Pattern POINT_DECIMALS =
      Pattern.compile(
          "[-+−]?(?:\\d*\\.(?:\\d{1,2}|\\d{4,})|0\\.\\d+|\\d{4,}\\.\\d+|\\d{1,3}(?:,\\d{3})+\\.\\d*)");
  private static final Pattern GROUPED =
      Pattern.compile("[-+−]?\\d{1,3}(?:([.,' ’\u00A0\u202F\u2009])\\d{3})+(?:[.,]\\d*)?");
  private static final Pattern TWICE_GROUPED =
      Pattern.compile("[-+−]?\\d{1,3}(?:([.,])\\d{3}){2,}(?:[.,]\\d*)?");
  private static final Pattern GROUPED_AND_DECIMAL =
      Pattern.compile("[-+−]?\\d{1,3}(?:([.,])\\d{3})+([.,])\\d+");
  private static final Pattern THREE_AFTER_COMMA = Pattern.compile("[-+−]?[1-9]\\d{0,2},\\d{3}");
  private static final Pattern THREE_AFTER_POINT = Pattern.compile("[-+−]?[1-9]\\d{0,2}\\.\\d{3}");

  /** Lakhs and crores: 12,34,567. */
  private static final Pattern INDIAN =
      Pattern.compile("[-+−]?\\d{1,2}(?:,\\d{2})+,\\d{3}(?:\\.\\d*)?");

  private static final Pattern SHORT_WHOLE = Pattern.compile("[-+−]?\\d{1,3}");

  /** {@return the forms that the cells show} */
  static NumberForms find(List<String> cells, Separator separator) {
    DecimalSign sign = sign(cells, separator);
    return new NumberForms(sign, grouping(cells, sign));
  }

  private static long count(List<String> cells, Pattern pattern) {
    return cells.stream().filter(cell -> pattern.matcher(cell).matches()).count();
  }

  private static DecimalSign sign(List<String> cells, Separator separator) {
    long commas = count(cells, COMMA_DECIMALS) + groupedTwiceBy(cells, '.');
    long points = count(cells, POINT_DECIMALS) + groupedTwiceBy(cells, ',') + count(cells, INDIAN);
    if (commas != points) {
      return commas > points ? DecimalSign.COMMA : DecimalSign.POINT;
    }
    if (commas > 0) {
      return DecimalSign.POINT;
    }
    // Only numbers like 1,234 are left to judge by.
    long either = count(cells, THREE_AFTER_COMMA);
    boolean decimals =
        either > 0
            && count(cells, THREE_AFTER_POINT) == 0
            && !separator.equals(Separator.COMMA)
            && (separator.equals(Separator.SEMICOLON) || count(cells, SHORT_WHOLE) == 0);
    return decimals ? DecimalSign.COMMA : DecimalSign.POINT;
  }

  private static long groupedTwiceBy(List<String> cells, char group) {
    return cells.stream()
        .map(TWICE_GROUPED::matcher)
        .filter(m -> m.matches() && m.group(1).charAt(0) == group)
        .count();
  }

  /** A mark groups where it stands in a number that can be read no other way. */
  private static Optional<Character> grouping(List<String> cells, DecimalSign sign) {
    for (String cell : cells) {
      Matcher grouped = GROUPED.matcher(cell);
      if (grouped.matches()) {
        char mark = grouped.group(1).charAt(0);
        if (mark != '.' && mark != ',') {
          return Optional.of(mark);
        }
      }
    }
    char other = sign == DecimalSign.POINT ? ',' : '.';
    boolean sure =
        groupedTwiceBy(cells, other) > 0
            || cells.stream()
                .map(GROUPED_AND_DECIMAL::matcher)
                .anyMatch(
                    m ->
                        m.matches()
                            && m.group(1).charAt(0) == other
                            && m.group(2).charAt(0) != other);
    Pattern decimals = sign == DecimalSign.POINT ? POINT_DECIMALS : COMMA_DECIMALS;
    Pattern others = sign == DecimalSign.POINT ? COMMA_DECIMALS : POINT_DECIMALS;
    Pattern three = sign == DecimalSign.POINT ? THREE_AFTER_COMMA : THREE_AFTER_POINT;
    boolean likely =
        count(cells, three) > 0 && count(cells, decimals) > 0 && count(cells, others) == 0;
    boolean whole =
        sign == DecimalSign.POINT
            && count(cells, three) > 0
            && count(cells, SHORT_WHOLE) > 0
            && count(cells, others) == 0;
    return sure || likely || whole ? Optional.of(other) : Optional.empty();
  }

  /** {@return the number that the cell says, or why it says none} */
  Reading read(String written) {
    String cell = ColumnUnit.visible(written);
    if (sign == DecimalSign.POINT && INDIAN.matcher(cell).matches()) {
      return NumberText.read(cell.replace(",", ""), sign);
    }
    if (grouping.isPresent() && cell.indexOf(grouping.get()) > 0) {
      Matcher grouped = GROUPED.matcher(cell);
      if (grouped.matches() && grouped.group(1).charAt(0) == grouping.get()) {
        return NumberText.read(cell.replace(String.valueOf(grouping.get()), ""), sign);
      }
    }
    return NumberText.read(cell, sign);
  }

  /** {@return whether the cell says a number} */
  boolean isNumber(String cell) {
    return mayBeNumber(cell) && read(cell) instanceof Reading.Numeral;
  }

  /** A cheap look: numbers have a digit, or a fraction in one character, and no other letters. */
  private static boolean mayBeNumber(String cell) {
    boolean digit = false;
    for (int i = 0; i < cell.length(); i++) {
      char c = cell.charAt(i);
      digit |= Character.isDigit(c) || Character.getType(c) == Character.OTHER_NUMBER;
      if (c == ':' || (c < 128 && Character.isLetter(c) && c != 'e' && c != 'E')) {
        return false;
      }
    }
    return digit;
  }

  /** {@return all cells of the rows} */
  static List<String> cells(List<RawRow> rows) {
    return rows.stream().flatMap(row -> row.cells().stream()).toList();
  }
}
