package promedio.core.measure;

import java.math.BigInteger;
import promedio.core.number.Exact;
import promedio.core.rules.QuantileRule;
import promedio.core.sample.Tally;

/** Median, quartiles and percentiles of values in order, by every rule. */
public final class Quantiles {

  private static final Exact HALF = Exact.of(1, 2);
  private static final Exact QUARTER = Exact.of(1, 4);

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

  /** {@return the middle value, or the mean of the two middle values} */
  public Exact median() {
    return middleOf(BigInteger.ONE, n);
  }

  /** {@return the lower quartile; absent for one value that has no halves} */
  public Result lower(QuantileRule rule) {
    return quartile(rule, true);
  }

  /** {@return the upper quartile; absent for one value that has no halves} */
  public Result upper(QuantileRule rule) {
    return quartile(rule, false);
  }

  /**
   * {@return the value below which about a share p of the values lies}
   *
   * @param rule one of hf1 to hf9
   * @param p from 0 to 1
   */
  public Exact quantile(QuantileRule rule, Exact p) {
    Place place = Place.of(rule, Exact.of(n), p);
    Exact low = at(place.below());
    Exact high = at(place.below().add(BigInteger.ONE));
    return low.plus(high.minus(low).times(place.share()));
  }

  private Result quartile(QuantileRule rule, boolean lower) {
    return switch (rule) {
      case HALVES_WITHOUT_MEDIAN -> {
        BigInteger half = n.shiftRight(1);
        yield half.signum() == 0
            ? Result.absent("one-value-no-halves")
            : new Result.Found(middleOfHalf(half, lower));
      }
      case HALVES_WITH_MEDIAN ->
          new Result.Found(middleOfHalf(n.add(BigInteger.ONE).shiftRight(1), lower));
      case HF1, HF2, HF3, HF4, HF5, HF6, HF7, HF8, HF9 ->
          new Result.Found(quantile(rule, lower ? QUARTER : QUARTER.times(3)));
    };
  }

  private Exact middleOfHalf(BigInteger half, boolean lower) {
    return lower
        ? middleOf(BigInteger.ONE, half)
        : middleOf(n.subtract(half).add(BigInteger.ONE), n);
  }

  private Exact middleOf(BigInteger first, BigInteger last) {
    BigInteger twice = first.add(last);
    BigInteger below = twice.shiftRight(1);
    return at(below).plus(at(twice.subtract(below))).times(HALF);
  }

  private Exact at(BigInteger position) {
    return tally.at(position.max(BigInteger.ONE).min(n));
  }

  /**
   * Where a quantile lies: after the value at a position, by a share of the way to the next.
   *
   * @param below the position, which may lie outside 1 … n
   * @param share γ, from 0 to 1
   */
  public record Place(BigInteger below, Exact share) {

    /**
     * {@return the place by Hyndman and Fan: j = ⌊np + m⌋, g = np + m − j, γ from g by the rule}
     *
     * @throws IllegalArgumentException for the two rules that take halves
     */
    public static Place of(QuantileRule rule, Exact n, Exact p) {
      Exact position = n.times(p).plus(shift(rule, p));
      BigInteger j = position.floor();
      Exact g = position.minus(Exact.of(j));
      Exact share =
          switch (rule) {
            case HF1 -> g.signum() == 0 ? Exact.ZERO : Exact.ONE;
            case HF2 -> g.signum() == 0 ? HALF : Exact.ONE;
            case HF3 -> g.signum() == 0 && !j.testBit(0) ? Exact.ZERO : Exact.ONE;
            default -> g;
          };
      return new Place(j, share);
    }

    private static Exact shift(QuantileRule rule, Exact p) {
      return switch (rule) {
        case HF1, HF2, HF4 -> Exact.ZERO;
        case HF3 -> HALF.negate();
        case HF5 -> HALF;
        case HF6 -> p;
        case HF7 -> Exact.ONE.minus(p);
        case HF8 -> p.plus(Exact.ONE).over(3);
        case HF9 -> p.over(4).plus(Exact.of(3, 8));
        case HALVES_WITHOUT_MEDIAN, HALVES_WITH_MEDIAN ->
            throw new IllegalArgumentException(rule.code() + " takes halves, not a position");
      };
    }
  }
}
