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

  static final Pattern GROUPED =
      Pattern.compile("[-+−]?\\d{1,3}(?:([.,' ’\u00A0\u202F\u2009])\\d{3})+(?:[.,]\\d*)?");

  /** Lakhs and crores: 12,34,567. */
  static final Pattern INDIAN = Pattern.compile("[-+−]?\\d{1,2}(?:,\\d{2})+,\\d{3}(?:\\.\\d*)?");

  /** {@return the forms that the cells show} */
  static NumberForms find(List<String> cells, Separator separator) {
    NumberShapes shapes = NumberShapes.of(cells);
    DecimalSign sign = sign(shapes, separator);
    return new NumberForms(sign, grouping(shapes, sign));
  }

  private static DecimalSign sign(NumberShapes shapes, Separator separator) {
    long commas = shapes.commaDecimals() + shapes.groupedTwiceBy('.');
    long points = shapes.pointDecimals() + shapes.groupedTwiceBy(',') + shapes.indian();
    if (commas != points) {
      return commas > points ? DecimalSign.COMMA : DecimalSign.POINT;
    }
    if (commas > 0) {
      return DecimalSign.POINT;
    }
    // Only numbers like 1,234 are left to judge by.
    boolean decimals =
        shapes.threeAfter(',')
            && !shapes.threeAfter('.')
            && !separator.equals(Separator.COMMA)
            && (separator.equals(Separator.SEMICOLON) || !shapes.shortWhole());
    return decimals ? DecimalSign.COMMA : DecimalSign.POINT;
  }

  /** A mark groups where it stands in a number that can be read no other way. */
  private static Optional<Character> grouping(NumberShapes shapes, DecimalSign sign) {
    Optional<Character> blank = shapes.blankBetweenGroups();
    if (blank.isPresent()) {
      return blank;
    }
    boolean point = sign == DecimalSign.POINT;
    char other = point ? ',' : '.';
    long decimals = point ? shapes.pointDecimals() : shapes.commaDecimals();
    long others = point ? shapes.commaDecimals() : shapes.pointDecimals();
    boolean sure = shapes.groupedTwiceBy(other) > 0 || shapes.groupedBeforeDecimals(other);
    boolean likely =
        others == 0 && shapes.threeAfter(other) && (decimals > 0 || (point && shapes.shortWhole()));
    return sure || likely ? Optional.of(other) : Optional.empty();
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
    return NumberText.isPlain(cell, sign)
        || (mayBeNumber(cell) && read(cell) instanceof Reading.Numeral);
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
