package promedio.core.number;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/**
 * A number other than 0 that is known by brackets as narrow as one likes; its digits are still
 * right, since the bracket is narrowed until both its ends round to the same.
 */
public final class BracketedReal implements Real {

  private static final int FIRST_DIGITS = 50;

  /** A number this close to a rounding border is decided exactly. */
  private static final int LAST_DIGITS = 1600;

  private final int signum;
  private final IntFunction<Bracket> bracketOfDigits;
  private final Supplier<Exact> exact;

  private BracketedReal(int signum, IntFunction<Bracket> bracketOfDigits, Supplier<Exact> exact) {
    this.signum = signum;
    this.bracketOfDigits = bracketOfDigits;
    this.exact = exact;
  }

  /**
   * {@return the number above 0 in the brackets}
   *
   * @param bracketOfDigits gives a bracket whose ends agree in about so many significant digits
   * @param exact the number itself, for the rare case that it lies on a rounding border; may be
   *     slow
   */
  public static BracketedReal of(IntFunction<Bracket> bracketOfDigits, Supplier<Exact> exact) {
    return new BracketedReal(1, bracketOfDigits, exact);
  }

  /**
   * {@return the sum of a fraction and a root that is no fraction}
   *
   * @throws IllegalArgumentException if they are not
   */
  public static BracketedReal sum(Exact fraction, Exact root) {
    if (!fraction.isRational() || root.isRational()) {
      throw new IllegalArgumentException("no fraction and irrational root: " + fraction + root);
    }
    int signum = fraction.abs().compareTo(root.abs()) > 0 ? fraction.signum() : root.signum();
    return new BracketedReal(
        signum,
        digits -> {
          // Both terms are within one unit of the last of so many decimals.
          BigDecimal near =
              fraction
                  .rounded(digits, Rounding.HALF_EVEN)
                  .add(root.rounded(digits, Rounding.HALF_EVEN));
          BigDecimal margin = BigDecimal.ONE.movePointLeft(digits);
          return new Bracket(near.subtract(margin), near.add(margin));
        },
        () -> {
          throw new ArithmeticException("an irrational number lies on no rounding border");
        });
  }

  @Override
  public int signum() {
    return signum;
  }

  @Override
  public BigDecimal rounded(int places, Rounding rounding) {
    return narrow(
        end -> end.setScale(places, rounding.mode()), () -> exact.get().rounded(places, rounding));
  }

  @Override
  public BigDecimal significant(int digits) {
    MathContext context = new MathContext(digits, RoundingMode.HALF_EVEN);
    return narrow(end -> end.round(context), () -> exact.get().significant(digits));
  }

  private BigDecimal narrow(UnaryOperator<BigDecimal> round, Supplier<BigDecimal> decided) {
    for (int digits = FIRST_DIGITS; digits <= LAST_DIGITS; digits *= 2) {
      Bracket bracket = bracketOfDigits.apply(digits);
      BigDecimal low = round.apply(bracket.low());
      if (low.compareTo(round.apply(bracket.high())) == 0) {
        return low;
      }
    }
    return decided.get();
  }

  /**
   * Two decimal numbers with the number between them, ends included.
   *
   * @param low not above the number
   * @param high not below the number
   */
  public record Bracket(BigDecimal low, BigDecimal high) {}
}
