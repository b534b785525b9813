package promedio.core.question;

import java.util.Optional;
import java.util.regex.Pattern;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;
import promedio.core.number.PlainText;
import promedio.core.number.Reading;

/** The numbers of a text, by the decimal sign that it uses. */
final class Numerals {

  private static final String WITH_POINT =
      "(?:\\d{1,3}(?:,\\d{3})+(?!\\d)(?:\\.\\d+)?|\\d+(?:\\.\\d+)?|\\.\\d+)";
  private static final String WITH_COMMA =
      "(?:\\d{1,3}(?:\\.\\d{3})+(?!\\d)(?:,\\d+)?|\\d+(?:,\\d+)?|\\d+\\.\\d+)";
  private static final Pattern COMMA_BEFORE_SEMICOLON =
      Pattern.compile("\\d,\\d{1,4}\\s*;\\s*[-−]?\\d");
  private static final Pattern NO_GROUP =
      Pattern.compile("\\d{4}\\.\\d|\\.\\d{1,2}(?!\\d)|\\.\\d{4}");
  private static final Pattern POINT = Pattern.compile("\\d\\.\\d");
  private static final Pattern COMMA = Pattern.compile("\\d,\\d");

  private static final Pattern GROUPED = Pattern.compile("-?\\d{1,3}(\\.\\d{3})+(,\\d+)?");
  private static final Pattern DECIMAL = Pattern.compile("-?(\\d+(\\.\\d+)?|\\.\\d+)");

  private final boolean comma;
  private final String number;

  private Numerals(boolean comma) {
    this.comma = comma;
    // A fraction is one number: 3/4.
    this.number = "[-−]?" + (comma ? WITH_COMMA : WITH_POINT) + "(?:\\s?/\\s?\\d{1,4}(?![\\d/.]))?";
  }

  /** {@return how numbers are written in the text} */
  static Numerals of(String text, Words words) {
    boolean semicolons = COMMA_BEFORE_SEMICOLON.matcher(text).find();
    boolean points = POINT.matcher(text).find();
    boolean commas = COMMA.matcher(text).find();
    // Where points only group thousands, 1.200 is no decimal.
    boolean grouping = points && !NO_GROUP.matcher(text).find();
    return new Numerals(semicolons || (words.usesComma() && (commas || !points || grouping)));
  }

  /** {@return the pattern of a number, without groups} */
  String pattern() {
    return number;
  }

  /** {@return the number as decimal text with a point, or p/q; none where it is none} */
  Optional<String> plain(String written) {
    String text = written.replace('−', '-').replace(" ", "");
    if (text.indexOf('/') >= 0) {
      return read(text);
    }
    String decimal =
        comma
            ? (GROUPED.matcher(text).matches() ? text.replace(".", "") : text).replace(',', '.')
            : text.replace(",", "");
    return DECIMAL.matcher(decimal).matches()
        ? Optional.of(decimal.startsWith(".") ? "0" + decimal : decimal)
        : Optional.empty();
  }

  private static Optional<String> read(String text) {
    return NumberText.read(text, DecimalSign.POINT) instanceof Reading.Numeral numeral
        ? Optional.of(PlainText.of(numeral.value()))
        : Optional.empty();
  }
}
