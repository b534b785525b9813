package promedio.core.practice;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import promedio.core.message.Cancellation;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/**
 * Samples that were drawn by chance, one after the other, with a number of each: the same draws
 * give the same numbers on every machine.
 *
 * @param draws how they were drawn
 * @param numbers the mean, or the standard deviation, of each, in the order of drawing
 * @param last the sample that was drawn last
 */
public record SamplingDistribution(Draws draws, Sample numbers, Sample last) {

  /** Standard deviations are roots; so many decimals of them are more than anyone sees. */
  private static final int DIGITS = 15;

  /** Twice the digits go into a root, and some to spare. */
  private static final MathContext ROOTED = new MathContext(2 * DIGITS + 4);

  /** Which number of each sample piles up. */
  public enum Of {
    MEANS,
    /** By n − 1. */
    STANDARD_DEVIATIONS
  }

  /**
   * How samples are drawn.
   *
   * @param from what they are drawn from, with at least one value
   * @param size how many values each has, above 0; without putting back at most as many as there
   *     are; of standard deviations at least 2
   * @param times how many samples, above 0
   * @param seed what the chance begins with
   * @param replacing whether each value is put back before the next is drawn
   * @param of which number of each piles up
   */
  public record Draws(Sample from, int size, int times, long seed, boolean replacing, Of of) {}

  /** {@return the samples that are drawn so}; it stops where nobody waits for them any more */
  public static SamplingDistribution of(Draws draws) {
    RandomSamples samples = new RandomSamples(draws.from(), draws.seed(), draws.replacing());
    List<Exact> numbers = new ArrayList<>();
    Values last = samples.drawValues(draws.size());
    numbers.add(number(last, draws.of()));
    for (int i = 1; i < draws.times(); i++) {
      Cancellation.check(i);
      last = samples.drawValues(draws.size());
      numbers.add(number(last, draws.of()));
    }
    return new SamplingDistribution(draws, new Sample(Values.of(numbers)), new Sample(last));
  }

  private static Exact number(Values drawn, Of of) {
    Exact n = Exact.of(drawn.size());
    Exact sum = drawn.sum();
    if (of == Of.MEANS) {
      return sum.over(n);
    }
    // With p/d for each value, s² = (n·Σp² − (Σp)²)/(n(n − 1)d²); its root is wanted to few digits.
    BigInteger all = BigInteger.ZERO;
    BigInteger squares = BigInteger.ZERO;
    for (int i = 0; i < drawn.size(); i++) {
      BigInteger value = drawn.numerator(i);
      all = all.add(value);
      squares = squares.add(value.multiply(value));
    }
    BigInteger size = BigInteger.valueOf(drawn.size());
    BigInteger above = size.multiply(squares).subtract(all.multiply(all));
    BigInteger below =
        size.multiply(size.subtract(BigInteger.ONE)).multiply(drawn.denominator().pow(2));
    BigDecimal variance = new BigDecimal(above).divide(new BigDecimal(below), ROOTED);
    return Exact.of(variance.sqrt(new MathContext(DIGITS)));
  }

  /**
   * {@return what theory gives for the standard deviation of the means}: σ/√n, and without putting
   * back times √((N − n)/(N − 1)), with σ of what is drawn from by its number N of values
   */
  public Exact expectedSpread() {
    Values all = draws.from().values().present();
    Exact total = Exact.of(all.size());
    Exact n = Exact.of(draws.size());
    Exact squares = Exact.ZERO;
    for (int i = 0; i < all.size(); i++) {
      squares = squares.plus(all.get(i).pow(2));
    }
    Exact variance = squares.over(total).minus(all.sum().over(total).pow(2));
    Exact left =
        draws.replacing() || total.equals(Exact.ONE)
            ? Exact.ONE
            : total.minus(n).over(total.minus(Exact.ONE));
    return variance.over(n).times(left).sqrt();
  }
}
