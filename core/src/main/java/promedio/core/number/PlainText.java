package promedio.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.limit.Limit;

/** Rational numbers as text that reads back as the same number. */
public final class PlainText {

  /** Longer decimals than this are given as a fraction. */
  private static final int MOST_PLACES = 400;

  private static final Pattern NUMBER = Pattern.compile("(-?\\d+)(?:\\.(\\d+)|/(\\d+))?");

  private PlainText() {}

  /**
   * {@return the number that the text says, as {@link #of} or {@link Exact#toString} wrote it};
   * none where it says none, or one longer than any that is computed
   */
  public static Optional<Exact> read(String text) {
    Matcher number = NUMBER.matcher(text);
    if (text.length() > Limit.EXACT_CHARACTERS.most() || !number.matches()) {
      return Optional.empty();
    }
    if (number.group(2) != null) {
      return Optional.of(Exact.of(new BigDecimal(text)));
    }
    BigInteger denominator =
        number.group(3) == null ? BigInteger.ONE : new BigInteger(number.group(3));
    return denominator.signum() == 0
        ? Optional.empty()
        : Optional.of(Exact.of(new BigInteger(number.group(1)), denominator));
  }

  /** {@return the decimal text where decimals end, otherwise p/q} */
  public static String of(Exact value) {
    BigInteger denominator = value.denominator();
    int twos = denominator.getLowestSetBit();
    BigInteger odd = denominator.shiftRight(twos);
    int fives = 0;
    BigInteger five = BigInteger.valueOf(5);
    for (BigInteger[] next = odd.divideAndRemainder(five);
        next[1].signum() == 0 && odd.signum() != 0 && fives <= MOST_PLACES;
        next = odd.divideAndRemainder(five)) {
      odd = next[0];
      fives++;
    }
    int places = Math.max(twos, fives);
    if (!odd.equals(BigInteger.ONE) || places > MOST_PLACES) {
      return value.toString();
    }
    BigInteger unscaled =
        value.numerator().multiply(BigInteger.TEN.pow(places)).divide(denominator);
    return new BigDecimal(unscaled, places).toPlainString();
  }
}
