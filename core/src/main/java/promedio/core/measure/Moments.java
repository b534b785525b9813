package promedio.core.measure;

import promedio.core.number.Exact;
import promedio.core.sample.PowerSums;
import promedio.core.sample.Tally;

/**
 * Number, mean and the central moments m_k = Σf·(x−x̄)^k / n.
 *
 * @param n how many values, or Σf
 * @param mean x̄
 * @param m2 the second central moment
 * @param m3 the third
 * @param m4 the fourth
 */
public record Moments(Exact n, Exact mean, Exact m2, Exact m3, Exact m4) {

  /**
   * {@return the moments of the values}
   *
   * @throws IllegalArgumentException if there are none
   */
  public static Moments of(Tally tally) {
    PowerSums sums = tally.powerSums();
    Exact n = sums.sum(0);
    // With a_k the moments about the shift c and d = x̄ − c, the binomial theorem gives
    // m2 = a2 − d², m3 = a3 − 3d·a2 + 2d³, m4 = a4 − 4d·a3 + 6d²·a2 − 3d⁴.
    Exact d = sums.sum(1).over(n);
    Exact a2 = sums.sum(2).over(n);
    Exact a3 = sums.sum(3).over(n);
    Exact a4 = sums.sum(4).over(n);
    Exact m2 = a2.minus(d.pow(2));
    Exact m3 = a3.minus(d.times(a2).times(3)).plus(d.pow(3).times(2));
    Exact m4 =
        a4.minus(d.times(a3).times(4)).plus(d.pow(2).times(a2).times(6)).minus(d.pow(4).times(3));
    return new Moments(n, sums.shift().plus(d), m2, m3, m4);
  }

  /** {@return Σf·x} */
  public Exact sum() {
    return mean.times(n);
  }

  /** {@return whether all values are equal} */
  public boolean isWithoutSpread() {
    return m2.signum() == 0;
  }

  /** {@return m3/m2^(3/2); only where there is spread} */
  public Exact standardizedThird() {
    return m3.over(m2.times(m2.sqrt()));
  }

  /** {@return m4/m2²; only where there is spread} */
  public Exact standardizedFourth() {
    return m4.over(m2.pow(2));
  }
}
