package promedio.core.working;

import java.math.BigInteger;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/**
 * What the hand assumes to have smaller numbers to work with.
 *
 * @param mean A, a value somewhere in the middle
 * @param step h, what the distances from A are divided by; above 0
 */
public record Assumed(Exact mean, Exact step) {

  /** For data of which no mean is assumed. */
  static final Assumed NONE = new Assumed(Exact.ZERO, Exact.ONE);

  public Assumed {
    if (step.signum() <= 0) {
      throw new IllegalArgumentException("a step is above 0, not " + step);
    }
  }

  /**
   * {@return what a person would choose: the value in the middle, and the largest step that leaves
   * whole numbers}
   *
   * @throws IllegalArgumentException if there are no values
   */
  public static Assumed of(Tally tally) {
    if (tally.isEmpty()) {
      throw new IllegalArgumentException("no values");
    }
    Exact half = tally.total().over(2);
    int middle = 0;
    while (tally.cumulative(middle).compareTo(half) < 0) {
      middle++;
    }
    BigInteger common = BigInteger.ZERO;
    for (int i = 0; i < tally.size(); i++) {
      common = common.gcd(tally.values().numerator(i).subtract(tally.values().numerator(middle)));
    }
    Exact step = common.signum() == 0 ? Exact.ONE : Exact.of(common, tally.values().denominator());
    return new Assumed(tally.value(middle), step);
  }
}
