package promedio.core.number;

import java.math.BigDecimal;

/** A real number whose decimal digits are known to any length. */
public sealed interface Real permits Exact, BracketedReal {

  /** {@return −1, 0 or 1, the sign of this number} */
  int signum();

  /**
   * {@return the decimal number with this scale that is nearest to this number}
   *
   * @param places decimals to keep; negative for tens, hundreds, …
   * @param rounding what happens to a number exactly in the middle
   */
  BigDecimal rounded(int places, Rounding rounding);

  /**
   * {@return this number to so many significant digits, half-even}
   *
   * @param digits at least 1
   */
  BigDecimal significant(int digits);
}
