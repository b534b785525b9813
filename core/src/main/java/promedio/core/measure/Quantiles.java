package promedio.core.measure;

import java.math.BigInteger;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.rules.QuantileRule;
import promedio.core.sample.Tally;

/** Median, quartiles and percentiles of values in order, by every rule. */
public final class Quantiles {

  private final Tally tally;
  private final BigInteger n;

  /**
   * Takes the values in order.
   *
   * @throws IllegalArgumentException if there are none, or frequencies are not whole
   */
  public Quantiles(Tally tally) {
    if (tally.isEmpty() || !tally.hasPositions()) {
      throw new IllegalArgumentException("the values have no positions");
    }
    this.tally = tally;
    this.n = tally.total().numerator();
  }

  /** {@return how many values there are} */
  public BigInteger n() {
    return n;
  }

  /** {@return where the median lies: at the middle value, or half way between the two} */
  public QuantilePosition median() {
    return QuantilePosition.middle(BigInteger.ONE, n);
  }

  /** {@return where the lower quartile lies; nowhere for one value that has no halves} */
  public Optional<QuantilePosition> lower(QuantileRule rule) {
    return half(rule)
        .map(
            half ->
                half.signum() == 0
                    ? Optional.<QuantilePosition>empty()
                    : Optional.of(QuantilePosition.middle(BigInteger.ONE, half)))
        .orElseGet(() -> Optional.of(QuantilePosition.of(rule, n, Exact.of(1, 4))));
  }

  /** {@return where the upper quartile lies; nowhere for one value that has no halves} */
  public Optional<QuantilePosition> upper(QuantileRule rule) {
    return half(rule)
        .map(
            half ->
                half.signum() == 0
                    ? Optional.<QuantilePosition>empty()
                    : Optional.of(QuantilePosition.middle(n.subtract(half).add(BigInteger.ONE), n)))
        .orElseGet(() -> Optional.of(QuantilePosition.of(rule, n, Exact.of(3, 4))));
  }

  /** {@return how many values are in a half, if the rule takes halves} */
  public Optional<BigInteger> half(QuantileRule rule) {
    return switch (rule) {
      case HALVES_WITHOUT_MEDIAN -> Optional.of(n.shiftRight(1));
      case HALVES_WITH_MEDIAN -> Optional.of(n.add(BigInteger.ONE).shiftRight(1));
      case HF1, HF2, HF3, HF4, HF5, HF6, HF7, HF8, HF9 -> Optional.empty();
    };
  }

  /** {@return the value at the place} */
  public Exact at(QuantilePosition place) {
    Exact low = at(place.below());
    Exact high = at(place.below().add(BigInteger.ONE));
    return low.plus(high.minus(low).times(place.share()));
  }

  private Exact at(BigInteger position) {
    return tally.at(position.max(BigInteger.ONE).min(n));
  }
}
