package promedio.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;

/** Rational numbers as text that reads back as the same number. */
public final class PlainText {

  /** Longer decimals than this are given as a fraction. */
  private static final int MOST_PLACES = 400;

  private PlainText() {}

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
