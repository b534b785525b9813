package promedio.core.distribution;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;

/**
 * A value of a curve with the areas that it cuts off.
 *
 * @param value the value
 * @param area what lies below it
 * @param upper what lies beyond it
 * @param both what lies farther from 0 than it, of curves that are symmetric
 */
public record Read(
    Approximate value, Approximate area, Approximate upper, Optional<Approximate> both) {

  /** {@return what a value cuts off} */
  public static Read at(Curve curve, List<Exact> degrees, Exact value) {
    Optional<Approximate> both =
        curve.isSymmetric() ? Optional.of(curve.area(value, degrees, Tail.TWO)) : Optional.empty();
    return new Read(
        new Approximate(value.significant(Approximate.DIGITS)),
        curve.area(value, degrees, Tail.LOWER),
        curve.area(value, degrees, Tail.UPPER),
        both);
  }

  /**
   * {@return the value that cuts off an area}
   *
   * @param given the area, above 0 and below 1
   * @param tail which area it is; {@link Tail#TWO} of symmetric curves only
   */
  public static Read of(Curve curve, List<Exact> degrees, Exact given, Tail tail) {
    Exact lower =
        switch (tail) {
          case LOWER -> given;
          case UPPER -> Exact.ONE.minus(given);
          case TWO -> Exact.ONE.minus(given.over(2));
        };
    Exact upper = Exact.ONE.minus(lower);
    Exact smaller = lower.compareTo(upper) < 0 ? lower : upper;
    Optional<Approximate> both =
        curve.isSymmetric() ? Optional.of(shown(smaller.times(2))) : Optional.empty();
    return new Read(curve.value(given, degrees, tail), shown(lower), shown(upper), both);
  }

  private static Approximate shown(Exact area) {
    return new Approximate(area.significant(Approximate.DIGITS));
  }
}
