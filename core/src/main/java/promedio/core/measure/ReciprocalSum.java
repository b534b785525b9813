package promedio.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import promedio.core.number.BracketedReal;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/** The harmonic mean Σf / Σ(f/x). */
final class ReciprocalSum {

  /**
   * The exact fraction of a sample with many distinct values has about as many digits as all of
   * them together, and lowest terms take time by the square of it. Above this it is enclosed.
   */
  private static final long MOST_EXACT_BITS = 1 << 15;

  private final Tally tally;

  private ReciprocalSum(Tally tally) {
    this.tally = tally;
  }

  static Result of(Tally tally) {
    ReciprocalSum mean = new ReciprocalSum(tally);
    long bits = 0;
    for (int i = 0; i < tally.size(); i++) {
      bits += tally.values().numerator(i).bitLength();
    }
    return bits <= MOST_EXACT_BITS
        ? new Result.Found(mean.exact())
        : new Result.Bracketed(BracketedReal.of(mean::bracket, mean::exact));
  }

  /** One fraction of the whole, since each time lowest terms are sought takes long. */
  private Exact exact() {
    Fraction sum = reciprocals(0, tally.size());
    Exact scale = scaled();
    return Exact.of(
        scale.numerator().multiply(sum.denominator()),
        scale.denominator().multiply(sum.numerator()));
  }

  /** Σf over the units of the values: what Σ(f/u), u the numerators, divides to give the mean. */
  private Exact scaled() {
    return tally
        .total()
        .times(Exact.of(tally.frequencies().denominator(), tally.values().denominator()));
  }

  /** The sum of f/u over a range of ranks, halved until it is one: numbers stay short for long. */
  private Fraction reciprocals(int from, int to) {
    if (to - from == 1) {
      return new Fraction(tally.frequencies().numerator(from), tally.values().numerator(from));
    }
    int middle = (from + to) >>> 1;
    Fraction left = reciprocals(from, middle);
    Fraction right = reciprocals(middle, to);
    return new Fraction(
        left.numerator()
            .multiply(right.denominator())
            .add(right.numerator().multiply(left.denominator())),
        left.denominator().multiply(right.denominator()));
  }

  /**
   * Each reciprocal is cut off at so many bits, which makes the sum too small by less than n of
   * them.
   */
  private BracketedReal.Bracket bracket(int digits) {
    int bits = 4 * digits + tally.values().numerator(tally.size() - 1).bitLength();
    BigInteger sum = BigInteger.ZERO;
    for (int i = 0; i < tally.size(); i++) {
      sum =
          sum.add(
              tally.frequencies().numerator(i).shiftLeft(bits).divide(tally.values().numerator(i)));
    }
    Exact top = scaled().times(Exact.of(BigInteger.ONE.shiftLeft(bits)));
    BigInteger most = sum.add(BigInteger.valueOf(tally.size()));
    return new BracketedReal.Bracket(
        decimal(top, most, digits, RoundingMode.FLOOR),
        decimal(top, sum, digits, RoundingMode.CEILING));
  }

  private static BigDecimal decimal(Exact top, BigInteger bottom, int digits, RoundingMode mode) {
    return new BigDecimal(top.numerator())
        .divide(new BigDecimal(top.denominator().multiply(bottom)), new MathContext(digits, mode));
  }

  private record Fraction(BigInteger numerator, BigInteger denominator) {}
}
