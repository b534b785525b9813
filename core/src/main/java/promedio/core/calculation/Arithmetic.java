package promedio.core.calculation;

import ch.obermuhlner.math.big.BigDecimalMath;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;

/**
 * Arithmetic of formulas: exact where the result is a fraction or the root of one, otherwise to
 * {@value #WORKING} significant digits. {@code null} where there is no result.
 */
final class Arithmetic {

  /** Significant digits of what is no fraction and goes on being computed with. */
  static final int WORKING = 50;

  private static final MathContext CONTEXT = new MathContext(WORKING, RoundingMode.HALF_EVEN);

  /**
   * What would fill more than this many bits, some 1000 digits before or behind the decimal sign,
   * is no result of any assignment.
   */
  private static final long LARGEST_BITS = 3_400;

  private Arithmetic() {}

  static @Nullable Exact plus(Exact a, Exact b) {
    return held(a.isRational() && b.isRational() ? a.plus(b) : digits(a).plus(digits(b)));
  }

  static @Nullable Exact times(Exact a, Exact b) {
    return held(a.times(b));
  }

  static @Nullable Exact over(Exact a, Exact b) {
    return b.signum() == 0 ? null : held(a.over(b));
  }

  /** {@return the number, or nothing where nobody could write it down} */
  private static @Nullable Exact held(Exact a) {
    return bits(a) <= LARGEST_BITS ? a : null;
  }

  private static long bits(Exact a) {
    Exact fraction = a.isRational() ? a : a.times(a);
    return Math.max(fraction.numerator().bitLength(), fraction.denominator().bitLength());
  }

  static @Nullable Exact root(Exact a) {
    if (a.signum() < 0) {
      return null;
    }
    return a.isRational() ? a.sqrt() : digits(a).sqrt();
  }

  /** {@return a to the power of b} */
  static @Nullable Exact power(Exact a, Exact b) {
    if (b.equals(Exact.of(1, 2))) {
      return root(a);
    }
    if (!b.isWhole()) {
      return a.signum() <= 0 || isOutOfReach(a, b)
          ? null
          : ofDigits(BigDecimalMath.pow(decimal(a), decimal(b), CONTEXT));
    }
    if (b.numerator().bitLength() > 30) {
      return null;
    }
    int exponent = b.numerator().intValueExact();
    if (exponent < 0 && a.signum() == 0) {
      return null;
    }
    Exact base = a.isRational() ? a : digits(a);
    // A number of b bits to the power of e has between (b − 1)e and be bits.
    boolean small = (bits(base) - 1) * Math.abs((long) exponent) <= LARGEST_BITS;
    return small ? held(base.pow(exponent)) : null;
  }

  /** Whether a to the power of b has more digits, or zeros before them, than are written down. */
  private static boolean isOutOfReach(Exact a, Exact b) {
    BigDecimal exponent = decimal(b).abs();
    return exponent
            .multiply(BigDecimal.valueOf(bits(a)))
            .compareTo(BigDecimal.valueOf(LARGEST_BITS))
        > 0;
  }

  /** {@return the logarithm to the base 10, exact for the powers of 10} */
  static @Nullable Exact log10(Exact a) {
    return a.signum() <= 0 ? null : ofDigits(BigDecimalMath.log10(decimal(a), CONTEXT));
  }

  /** {@return the natural logarithm} */
  static @Nullable Exact ln(Exact a) {
    return a.signum() <= 0 ? null : ofDigits(BigDecimalMath.log(decimal(a), CONTEXT));
  }

  static Exact rounded(Exact a, int places) {
    return Exact.of(a.rounded(places, Rounding.HALF_UP));
  }

  /** {@return a itself where it is a fraction, otherwise a decimal number very near to it} */
  static Exact digits(Exact a) {
    return a.isRational() ? a : Exact.of(a.significant(WORKING));
  }

  private static BigDecimal decimal(Exact a) {
    return a.significant(WORKING);
  }

  private static Exact ofDigits(BigDecimal value) {
    return Exact.of(value.stripTrailingZeros());
  }
}
