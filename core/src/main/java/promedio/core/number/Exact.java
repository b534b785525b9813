package promedio.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * A rational number, or the positive or negative square root of one; the numbers in which every
 * measure but the geometric mean comes out.
 *
 * <p>Products, quotients and negatives stay inside; sums do where both terms are rational. Nothing
 * is rounded until {@link #rounded} or {@link #significant} is asked. Immutable.
 */
public final class Exact implements Real, Comparable<Exact> {

  /** The number 0. */
  public static final Exact ZERO = of(0);

  /** The number 1. */
  public static final Exact ONE = of(1);

  /** The value itself where it is rational, otherwise its square carrying the sign of the value. */
  private final BigFraction part;

  /** Whether the value is irrational, so that {@link #part} is the square. */
  private final boolean root;

  private Exact(BigFraction part, boolean root) {
    // BigFraction leaves the sign on either part; here it is on the numerator, always.
    this.part =
        part.getDenominator().signum() < 0
            ? BigFraction.of(part.getNumerator().negate(), part.getDenominator().negate())
            : part;
    this.root = root;
  }

  /** {@return the whole number} */
  public static Exact of(long value) {
    return of(BigInteger.valueOf(value));
  }

  /** {@return the whole number} */
  public static Exact of(BigInteger value) {
    return new Exact(BigFraction.of(value), false);
  }

  /**
   * {@return numerator over denominator}
   *
   * @throws ArithmeticException if the denominator is 0
   */
  public static Exact of(BigInteger numerator, BigInteger denominator) {
    return new Exact(BigFraction.of(numerator, denominator), false);
  }

  /**
   * {@return numerator over denominator}
   *
   * @throws ArithmeticException if the denominator is 0
   */
  public static Exact of(long numerator, long denominator) {
    return of(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator));
  }

  /** {@return exactly the decimal number} */
  public static Exact of(BigDecimal value) {
    return value.scale() <= 0
        ? of(value.toBigIntegerExact())
        : of(value.unscaledValue(), BigInteger.TEN.pow(value.scale()));
  }

  /** {@return whether this number is a fraction of whole numbers} */
  public boolean isRational() {
    return !root;
  }

  /** {@return whether this number is whole} */
  public boolean isWhole() {
    return !root && part.getDenominator().equals(BigInteger.ONE);
  }

  /**
   * {@return the numerator in lowest terms, carrying the sign}
   *
   * @throws ArithmeticException if this number is irrational
   */
  public BigInteger numerator() {
    return rational().getNumerator();
  }

  /**
   * {@return the denominator in lowest terms, above 0}
   *
   * @throws ArithmeticException if this number is irrational
   */
  public BigInteger denominator() {
    return rational().getDenominator();
  }

  @Override
  public int signum() {
    return part.signum();
  }

  /** {@return −this} */
  public Exact negate() {
    return new Exact(part.negate(), root);
  }

  /** {@return |this|} */
  public Exact abs() {
    return signum() < 0 ? negate() : this;
  }

  /**
   * {@return this + other}
   *
   * @throws ArithmeticException if one of them is irrational and the other is not 0
   */
  public Exact plus(Exact other) {
    if (signum() == 0) {
      return other;
    }
    return other.signum() == 0 ? this : new Exact(rational().add(other.rational()), false);
  }

  /**
   * {@return this − other}
   *
   * @throws ArithmeticException as {@link #plus}
   */
  public Exact minus(Exact other) {
    return plus(other.negate());
  }

  /** {@return this · other} */
  public Exact times(Exact other) {
    return root || other.root
        ? ofSignedSquare(signedSquare().multiply(other.signedSquare()))
        : new Exact(part.multiply(other.part), false);
  }

  /**
   * {@return this ÷ other}
   *
   * @throws ArithmeticException if the other is 0
   */
  public Exact over(Exact other) {
    return root || other.root
        ? ofSignedSquare(signedSquare().divide(other.signedSquare()))
        : new Exact(part.divide(other.part), false);
  }

  /** {@return this · other} */
  public Exact times(long other) {
    return times(of(other));
  }

  /**
   * {@return this ÷ other}
   *
   * @throws ArithmeticException if the other is 0
   */
  public Exact over(long other) {
    return over(of(other));
  }

  /**
   * {@return this number to a whole power}
   *
   * @throws ArithmeticException if this is 0 and the exponent negative
   */
  public Exact pow(int exponent) {
    if (!root) {
      return new Exact(part.pow(exponent), false);
    }
    // (±√s)^e is s^(e/2) for even e, and that times the root again for odd e.
    Exact even = new Exact(part.abs().pow(Math.floorDiv(exponent, 2)), false);
    return exponent % 2 == 0 ? even : even.times(this);
  }

  /**
   * {@return the square root}
   *
   * @throws ArithmeticException if this number is negative or irrational
   */
  public Exact sqrt() {
    if (signum() < 0) {
      throw new ArithmeticException("no root of a negative number: " + this);
    }
    return ofSignedSquare(rational());
  }

  /**
   * {@return the largest whole number that is not above this one}
   *
   * @throws ArithmeticException if this number is irrational
   */
  public BigInteger floor() {
    BigInteger[] parts = numerator().divideAndRemainder(denominator());
    return parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
  }

  @Override
  public BigDecimal rounded(int places, Rounding rounding) {
    if (!root) {
      return new BigDecimal(part.getNumerator())
          .divide(new BigDecimal(part.getDenominator()), places, rounding.mode());
    }
    // ⌊2·|x|·10^places⌋ has one half step more than asked. An irrational number never lies on a
    // half, so that an odd count of half steps always goes up, by either tie rule.
    BigInteger square = part.getNumerator().abs().shiftLeft(2);
    BigInteger divisor = part.getDenominator();
    BigInteger shift = BigInteger.TEN.pow(Math.abs(2 * places));
    BigInteger halfSteps =
        (places >= 0
                ? square.multiply(shift).divide(divisor)
                : square.divide(divisor.multiply(shift)))
            .sqrt();
    BigInteger steps = halfSteps.add(BigInteger.ONE).shiftRight(1);
    return new BigDecimal(signum() < 0 ? steps.negate() : steps, places);
  }

  @Override
  public BigDecimal significant(int digits) {
    if (!root) {
      return new BigDecimal(part.getNumerator())
          .divide(
              new BigDecimal(part.getDenominator()),
              new MathContext(digits, RoundingMode.HALF_EVEN));
    }
    BigDecimal rough =
        new BigDecimal(part.getNumerator().abs())
            .divide(new BigDecimal(part.getDenominator()), MathContext.DECIMAL64)
            .sqrt(MathContext.DECIMAL64);
    int places = digits - rough.precision() + rough.scale();
    BigDecimal result = rounded(places, Rounding.HALF_EVEN);
    // The rough size can be one decade off beside a power of ten.
    while (result.precision() != digits) {
      places += digits - result.precision();
      result = rounded(places, Rounding.HALF_EVEN);
    }
    return result;
  }

  @Override
  public int compareTo(Exact other) {
    return root || other.root
        ? signedSquare().compareTo(other.signedSquare())
        : part.compareTo(other.part);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Exact that && root == that.root && part.equals(that.part);
  }

  @Override
  public int hashCode() {
    return 31 * part.hashCode() + Boolean.hashCode(root);
  }

  /**
   * {@return the number as {@code 7}, {@code -3/2}, or {@code sqrt(2)}, {@code -sqrt(1/3)} where it
   * is irrational; in lowest terms}
   */
  @Override
  public String toString() {
    String fraction =
        part.getDenominator().equals(BigInteger.ONE)
            ? part.getNumerator().abs().toString()
            : part.getNumerator().abs() + "/" + part.getDenominator();
    return (signum() < 0 ? "-" : "") + (root ? "sqrt(" + fraction + ")" : fraction);
  }

  private BigFraction rational() {
    if (root) {
      throw new ArithmeticException("not rational: " + this);
    }
    return part;
  }

  private BigFraction signedSquare() {
    return root ? part : part.multiply(part.abs());
  }

  /** A fraction in lowest terms has a rational root exactly where both its parts are squares. */
  private static Exact ofSignedSquare(BigFraction signedSquare) {
    Exact square = new Exact(signedSquare, false);
    BigInteger numerator = square.part.getNumerator();
    if (Squares.isNone(numerator.abs()) || Squares.isNone(square.part.getDenominator())) {
      return new Exact(square.part, true);
    }
    BigInteger[] top = numerator.abs().sqrtAndRemainder();
    BigInteger[] bottom = square.part.getDenominator().sqrtAndRemainder();
    if (top[1].signum() != 0 || bottom[1].signum() != 0) {
      return new Exact(square.part, true);
    }
    return of(numerator.signum() < 0 ? top[0].negate() : top[0], bottom[0]);
  }
}
