package promedio.core.measure;

import java.math.BigInteger;
import promedio.core.number.Exact;
import promedio.core.rules.QuantileRule;

/**
 * Where a quantile lies among n values in order: after the value at a position, by a share of the
 * way to the next.
 *
 * @param below the position, which may lie outside 1 … n and is held within when values are taken
 * @param share γ, from 0 to 1
 */
public record QuantilePosition(BigInteger below, Exact share) {

  private static final Exact HALF = Exact.of(1, 2);

  /** {@return the middle of the values from one position to another} */
  public static QuantilePosition middle(BigInteger first, BigInteger last) {
    BigInteger twice = first.add(last);
    return new QuantilePosition(twice.shiftRight(1), twice.testBit(0) ? HALF : Exact.ZERO);
  }

  /**
   * {@return the place of a quantile by Hyndman and Fan: j = ⌊np + m⌋, g = np + m − j, and γ from g
   * by the rule}
   *
   * @param rule one of hf1 to hf9
   * @param n how many values there are
   * @param p from 0 to 1
   * @throws IllegalArgumentException for the two rules that take halves
   */
  public static QuantilePosition of(QuantileRule rule, BigInteger n, Exact p) {
    Exact position = Exact.of(n).times(p).plus(shift(rule, p));
    BigInteger j = position.floor();
    Exact g = position.minus(Exact.of(j));
    Exact share =
        switch (rule) {
          case HF1 -> g.signum() == 0 ? Exact.ZERO : Exact.ONE;
          case HF2 -> g.signum() == 0 ? HALF : Exact.ONE;
          case HF3 -> g.signum() == 0 && !j.testBit(0) ? Exact.ZERO : Exact.ONE;
          case HF4, HF5, HF6, HF7, HF8, HF9, HALVES_WITHOUT_MEDIAN, HALVES_WITH_MEDIAN -> g;
        };
    return new QuantilePosition(j, share);
  }

  /** {@return the position as one number, held within 1 and n, such as 6.5 or 3.25} */
  public Exact position(BigInteger n) {
    Exact position = Exact.of(below).plus(share);
    return position.compareTo(Exact.ONE) < 0
        ? Exact.ONE
        : position.compareTo(Exact.of(n)) > 0 ? Exact.of(n) : position;
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
