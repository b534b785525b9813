package promedio.core.distribution;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.Exact;

/**
 * A value of a curve with the areas that it cuts off.
 *
 * @param value the value
 * @param area what lies below it
 * @param upper what lies beyond it
 * @param both what lies farther from 0 than it, of curves that are symmetric
 */
public record DistributionLookup(
    Approximate value, Approximate area, Approximate upper, Optional<Approximate> both) {

  private static final Exact LARGEST = Exact.of(10).pow(100);
  private static final Exact SMALLEST = Exact.of(10).pow(-100);

  /** Smaller areas have fewer digits in binary numbers. */
  private static final BigDecimal SMALLEST_AREA = new BigDecimal("1e-290");

  /**
   * {@return what a value cuts off}
   *
   * @throws BadInputException if the digits of that are not sure; the message says why
   */
  public static DistributionLookup at(Distribution curve, List<Exact> degrees, Exact value)
      throws BadInputException {
    refuse(curve.problem(degrees));
    refuseExtreme(value);
    Optional<Approximate> both =
        curve.isSymmetric() ? Optional.of(curve.area(value, degrees, Tail.TWO)) : Optional.empty();
    DistributionLookup read =
        new DistributionLookup(
            shown(value),
            curve.area(value, degrees, Tail.LOWER),
            curve.area(value, degrees, Tail.UPPER),
            both);
    boolean outside = !curve.isSymmetric() && value.signum() <= 0;
    for (Approximate area : List.of(read.area, read.upper)) {
      if (!outside && area.value().compareTo(SMALLEST_AREA) < 0) {
        throw Texts.refusal("curve.unsure-area");
      }
    }
    return read;
  }

  /**
   * {@return the value that cuts off an area}
   *
   * @param given the area, above 0 and below 1
   * @param tail which area it is; {@link Tail#TWO} of symmetric curves only
   * @throws BadInputException if the digits of that are not sure; the message says why
   */
  public static DistributionLookup of(
      Distribution curve, List<Exact> degrees, Exact given, Tail tail) throws BadInputException {
    refuse(curve.problem(degrees));
    Exact lower =
        switch (tail) {
          case LOWER -> given;
          case UPPER -> Exact.ONE.minus(given);
          case TWO -> Exact.ONE.minus(given.over(2));
        };
    Exact upper = Exact.ONE.minus(lower);
    Exact smaller = lower.compareTo(upper) < 0 ? lower : upper;
    refuse(Distribution.problem(smaller));
    Optional<Approximate> both =
        curve.isSymmetric() ? Optional.of(shown(smaller.times(2))) : Optional.empty();
    Approximate value = curve.value(given, degrees, tail);
    refuseExtreme(value.decimal());
    return new DistributionLookup(value, shown(lower), shown(upper), both);
  }

  private static void refuse(Optional<Message> problem) throws BadInputException {
    if (problem.isPresent()) {
      throw new BadInputException(problem.get());
    }
  }

  private static void refuseExtreme(Exact number) throws BadInputException {
    if (!isSure(number)) {
      throw Texts.refusal("curve.unsure-number");
    }
  }

  /** {@return whether a number is of a size at which its digits are sure} */
  static boolean isSure(Exact number) {
    Exact size = number.abs();
    return size.compareTo(LARGEST) <= 0 && (size.signum() == 0 || size.compareTo(SMALLEST) >= 0);
  }

  private static Approximate shown(Exact area) {
    return new Approximate(area.significant(Approximate.DIGITS));
  }
}
