package promedio.core.measure;

import java.math.BigInteger;
import promedio.core.number.Exact;
import promedio.core.sample.PowerSums;
import promedio.core.sample.Tally;

/**
 * Number, mean and the central moments m_k = Σf·(x−x̄)^k / n, each computed when asked for. With
 * S_k = Σf·(x−c)^k the power sums about the shift c, the binomial theorem gives
 *
 * <pre>
 * m2 = (S2·S0 − S1²) / S0²
 * m3 = (S3·S0² − 3·S1·S2·S0 + 2·S1³) / S0³
 * m4 = (S4·S0³ − 4·S1·S3·S0² + 6·S1²·S2·S0 − 3·S1⁴) / S0⁴
 * </pre>
 *
 * <p>in whole numbers until the one division.
 */
public final class Moments {

  private final PowerSums sums;

  private Moments(PowerSums sums) {
    this.sums = sums;
  }

  /**
   * {@return the moments of the values}
   *
   * @throws IllegalArgumentException if there are none
   */
  public static Moments of(Tally tally) {
    return new Moments(tally.powerSums());
  }

  /** S_k in the units of the sums. */
  private BigInteger s(int power) {
    return sums.whole().get(power);
  }

  private Exact over(BigInteger numerator, int power) {
    return Exact.of(numerator, sums.valueUnits().multiply(s(0)).pow(power));
  }

  /** {@return how many values, or Σf} */
  public Exact n() {
    return sums.sum(0);
  }

  /** {@return x̄} */
  public Exact mean() {
    return sums.shift().plus(over(s(1), 1));
  }

  /** {@return the second central moment} */
  public Exact m2() {
    return over(s(2).multiply(s(0)).subtract(s(1).pow(2)), 2);
  }

  /** {@return Σ(x − x̄)²/(n − 1); only where there is more than one value} */
  public Exact sampleVariance() {
    return m2().times(n()).over(n().minus(Exact.ONE));
  }

  /** {@return the third central moment} */
  public Exact m3() {
    BigInteger mixed = s(1).multiply(s(2)).multiply(s(0)).multiply(BigInteger.valueOf(3));
    return over(s(3).multiply(s(0).pow(2)).subtract(mixed).add(s(1).pow(3).shiftLeft(1)), 3);
  }

  /** {@return the fourth central moment} */
  public Exact m4() {
    BigInteger outer = s(1).multiply(s(3)).multiply(s(0).pow(2)).shiftLeft(2);
    BigInteger inner = s(1).pow(2).multiply(s(2)).multiply(s(0)).multiply(BigInteger.valueOf(6));
    BigInteger last = s(1).pow(4).multiply(BigInteger.valueOf(3));
    return over(s(4).multiply(s(0).pow(3)).subtract(outer).add(inner).subtract(last), 4);
  }

  /** {@return Σf·x} */
  public Exact sum() {
    return mean().times(n());
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
