package promedio.core.measure;

import promedio.core.number.Exact;
import promedio.core.sample.PowerSums;
import promedio.core.sample.Tally;

/**
 * Number, mean and the central moments m_k = Σf·(x−x̄)^k / n, each computed when asked for. With
 * a_k the moments about the shift c of the power sums and d = x̄ − c, the binomial theorem gives m2
 * = a2 − d², m3 = a3 − 3d·a2 + 2d³, m4 = a4 − 4d·a3 + 6d²·a2 − 3d⁴.
 */
public final class Moments {

  private final PowerSums sums;
  private final Exact n;
  private final Exact d;

  private Moments(PowerSums sums) {
    this.sums = sums;
    this.n = sums.sum(0);
    this.d = about(1);
  }

  /**
   * {@return the moments of the values}
   *
   * @throws IllegalArgumentException if there are none
   */
  public static Moments of(Tally tally) {
    return new Moments(tally.powerSums());
  }

  private Exact about(int power) {
    return sums.sum(power).over(n);
  }

  /** {@return how many values, or Σf} */
  public Exact n() {
    return n;
  }

  /** {@return x̄} */
  public Exact mean() {
    return sums.shift().plus(d);
  }

  /** {@return the second central moment} */
  public Exact m2() {
    return about(2).minus(d.pow(2));
  }

  /** {@return the third central moment} */
  public Exact m3() {
    return about(3).minus(d.times(about(2)).times(3)).plus(d.pow(3).times(2));
  }

  /** {@return the fourth central moment} */
  public Exact m4() {
    return about(4)
        .minus(d.times(about(3)).times(4))
        .plus(d.pow(2).times(about(2)).times(6))
        .minus(d.pow(4).times(3));
  }

  /** {@return Σf·x} */
  public Exact sum() {
    return mean().times(n);
  }

  /** {@return whether all values are equal} */
  public boolean isWithoutSpread() {
    return m2().signum() == 0;
  }

  /** {@return m3/m2^(3/2); only where there is spread} */
  public Exact standardizedThird() {
    return m3().over(m2().times(m2().sqrt()));
  }

  /** {@return m4/m2²; only where there is spread} */
  public Exact standardizedFourth() {
    return m4().over(m2().pow(2));
  }
}
