package promedio.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.text.Normalizer;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.limit.Limit;
import promedio.core.message.Message;

/**
 * Numbers as people write them: {@code 12}, {@code -3.5}, {@code −3,5}, {@code +4}, {@code 1e3},
 * {@code 2/3}, {@code 84 2/3}, {@code 84⅔}, {@code 12 345.6}, {@code 1.234,5}, {@code 12%}.
 *
 * <p>Point and comma are told apart by what stands around them; where both readings make sense
 * ({@code 1,234} from someone whose decimal sign is the point) the text is refused with both.
 */
public final class NumberText {

  private static final int PLAIN_LENGTH = 18;
  private static final char MINUS = '−';
  private static final String GROUP_SPACE = "[ \u00A0\u2009\u202F'’]";
  private static final Pattern FRACTION =
      Pattern.compile("(?:(\\d+)[ \u00A0]+)?(\\d+) ?[/\u2044] ?(\\d+)");
  private static final Pattern DECIMAL =
      Pattern.compile("([\\d.,  \u00A0\u2009\u202F'’]*\\d[.,]?)(?:[eE]([+-]?\\d+))?");
  private static final Pattern SPACED =
      Pattern.compile("\\d{1,3}(?:" + GROUP_SPACE + "\\d{3})+(?:[.,]\\d*)?");

  private NumberText() {}

  /**
   * {@return the number that the text says, or why it says none}
   *
   * @param text as typed
   * @param sign the decimal sign of the one who typed it
   */
  public static Reading read(String text, DecimalSign sign) {
    String stripped = text.strip();
    if (isPlain(stripped, sign)) {
      BigDecimal value = new BigDecimal(stripped.replace(sign.sign(), '.'));
      return new Reading.Numeral(Exact.of(value), value.scale(), Reading.Form.DECIMAL);
    }
    if (stripped.length() > Limit.NUMBER_CHARACTERS.most()) {
      return beyond(Limit.NUMBER_CHARACTERS, stripped);
    }
    String body = plainCharacters(stripped);
    boolean percent = body.endsWith("%");
    if (percent) {
      body = body.substring(0, body.length() - 1).strip();
    }
    boolean negative = body.startsWith("-");
    if (negative || body.startsWith("+")) {
      body = body.substring(1).strip();
    }
    Reading reading = readUnsigned(body, stripped, sign);
    if (!(reading instanceof Reading.Numeral number)) {
      return reading;
    }
    Exact value = negative ? number.value().negate() : number.value();
    return percent
        ? new Reading.Numeral(value.over(100), number.places(), Reading.Form.PERCENT)
        : new Reading.Numeral(value, number.places(), number.form());
  }

  /**
   * {@return the text in every way in which its numbers can be meant}: {@code 1,234} of someone
   * whose decimal sign is the point is 1234 or 1.234; most texts can be meant in one way
   */
  public static List<String> meanings(String text, DecimalSign sign) {
    Pattern ambiguous =
        Pattern.compile(
            "(?<![\\d.,])([1-9]\\d{0,2})"
                + Pattern.quote(String.valueOf(sign.other()))
                + "(\\d{3})(?![\\d.,])");
    Matcher number = ambiguous.matcher(text);
    return number.find()
        ? List.of(number.replaceAll("$1$2"), number.replaceAll("$1" + sign.sign() + "$2"))
        : List.of(text);
  }

  /** {@return the number with a true minus and the decimal sign; digits and places are kept} */
  public static String write(BigDecimal value, DecimalSign sign) {
    String digits = sign.in(value.abs().toPlainString());
    return value.signum() < 0 ? MINUS + digits : digits;
  }

  /**
   * {@return whether the text is a number of digits alone with at most one decimal sign among
   * them}: nearly all numbers are, and that is seen at once
   */
  public static boolean isPlain(String text, DecimalSign sign) {
    int signs = 0;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == sign.sign() && i > 0 && i < text.length() - 1) {
        signs++;
      } else if (c < '0' || c > '9') {
        return false;
      }
    }
    return signs <= 1 && !text.isEmpty() && text.length() <= PLAIN_LENGTH;
  }

  private static Reading readUnsigned(String body, String original, DecimalSign sign) {
    Matcher fraction = FRACTION.matcher(body);
    if (fraction.matches()) {
      return readFraction(fraction, original);
    }
    Matcher decimal = DECIMAL.matcher(body);
    if (!decimal.matches()) {
      return unreadable(body.isEmpty() ? "number.empty" : "number.none", original);
    }
    String exponent = decimal.group(2) == null ? "0" : decimal.group(2);
    // The length is asked first, so that the exponent itself cannot overflow.
    if (exponent.length() > 6
        || Math.abs(Integer.parseInt(exponent)) > Limit.NUMBER_EXPONENT.most()) {
      return beyond(Limit.NUMBER_EXPONENT, original);
    }
    String mantissa = decimal.group(1);
    if (SPACED.matcher(mantissa).matches()) {
      mantissa = mantissa.replaceAll(GROUP_SPACE, "");
    }
    return readMantissa(mantissa, Integer.parseInt(exponent), original, sign);
  }

  private static Reading readFraction(Matcher fraction, String original) {
    BigInteger denominator = new BigInteger(fraction.group(3));
    if (denominator.signum() == 0) {
      return unreadable("number.zero-denominator", original);
    }
    Exact value = Exact.of(new BigInteger(fraction.group(2)), denominator);
    if (fraction.group(1) != null) {
      value = value.plus(Exact.of(new BigInteger(fraction.group(1))));
    }
    return new Reading.Numeral(value, 0, Reading.Form.FRACTION);
  }

  private static Reading readMantissa(
      String mantissa, int exponent, String original, DecimalSign sign) {
    long points = mantissa.chars().filter(c -> c == '.').count();
    long commas = mantissa.chars().filter(c -> c == ',').count();
    char decimal;
    if (points > 0 && commas > 0) {
      decimal = mantissa.lastIndexOf('.') > mantissa.lastIndexOf(',') ? '.' : ',';
    } else if (points + commas == 1) {
      char only = points == 1 ? '.' : ',';
      if (only == sign.other() && mantissa.matches("[1-9]\\d{0,2}[.,]\\d{3}")) {
        return unreadable(
            "number.ambiguous",
            original,
            mantissa.replaceAll("[.,]", ""),
            mantissa.replace(only, sign.sign()));
      }
      decimal = only;
    } else {
      // Several of one kind can only group; with none at all either sign will do.
      decimal = points > 0 ? ',' : '.';
    }
    String group = decimal == '.' ? "," : "\\.";
    String whole = "(?:\\d*|\\d{1,3}(?:" + group + "\\d{3})+)";
    if (!mantissa.matches(whole + "(?:" + Pattern.quote(String.valueOf(decimal)) + "\\d*)?")) {
      return unreadable("number.none", original);
    }
    String plain = mantissa.replaceAll(group, "").replace(decimal, '.');
    BigDecimal value = new BigDecimal(plain).scaleByPowerOfTen(exponent);
    return new Reading.Numeral(Exact.of(value), Math.max(0, value.scale()), Reading.Form.DECIMAL);
  }

  /** Any minus becomes a hyphen, any digit an ASCII one, and ½ becomes 1⁄2 with a space before. */
  private static String plainCharacters(String text) {
    StringBuilder plain = new StringBuilder(text.length());
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if ("−–‐‑﹣－".indexOf(c) >= 0) {
        plain.append('-');
      } else if (Character.isDigit(c)) {
        plain.append(Character.digit(c, 10));
      } else if (Character.getType(c) == Character.OTHER_NUMBER) {
        String spelled = Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFKD);
        // Superscript digits have no fraction slash; they stay, and are no number.
        boolean fraction = spelled.indexOf('\u2044') > 0;
        plain.append(fraction ? (plain.isEmpty() ? "" : " ") + spelled : c);
      } else {
        plain.append(c);
      }
    }
    return plain.toString();
  }

  private static Reading beyond(Limit limit, String original) {
    return new Reading.Unreadable(limit.beyond(shown(original)));
  }

  private static String shown(String text) {
    return text.length() > 40 ? text.substring(0, 40) + "…" : text;
  }

  private static Reading unreadable(String key, String... arguments) {
    String[] shown = arguments.clone();
    shown[0] = shown(shown[0]);
    return new Reading.Unreadable(Message.of(key, shown));
  }
}
