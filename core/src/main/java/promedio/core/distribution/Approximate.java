package promedio.core.distribution;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.number.Rounding;

/**
 * A number of which only the first digits are known: a p-value, or a value of a table.
 *
 * @param value the number to {@link #DIGITS} significant digits
 */
public record Approximate(BigDecimal value) {

  /** So many significant digits are told. */
  public static final int DIGITS = 15;

  /** So many of them are right. */
  public static final int SURE_DIGITS = 12;

  /** {@return the number near a binary one} */
  static Approximate of(double number) {
    return new Approximate(
        new BigDecimal(number).round(new MathContext(DIGITS, RoundingMode.HALF_EVEN)));
  }

  /** {@return the first digits of a number that such a number went into} */
  public static Approximate of(Real number) {
    return new Approximate(
        number.significant(2 * DIGITS).round(new MathContext(DIGITS, RoundingMode.HALF_EVEN)));
  }

  /** {@return this decimal number as an exact one, to go on with} */
  public Exact decimal() {
    return Exact.of(value);
  }

  /** {@return the number to so many places} */
  public BigDecimal rounded(int places, Rounding rounding) {
    return value.setScale(places, rounding.mode());
  }
}
