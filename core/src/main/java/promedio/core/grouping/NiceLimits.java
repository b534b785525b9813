package promedio.core.grouping;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import promedio.core.number.Exact;
import promedio.core.rules.ClassEnd;

/** Boundaries that a person would choose: widths of 1, 2, 2.5 or 5 times a power of ten. */
public final class NiceLimits {

  private static final List<Exact> STEPS =
      List.of(Exact.ONE, Exact.of(2), Exact.of(5, 2), Exact.of(5), Exact.of(10));

  /** Nobody wants more classes than this. */
  public static final int MOST = 1000;

  private NiceLimits() {}

  /** {@return the smallest width of that kind that is not below the one proposed, above 0} */
  public static Exact width(Exact proposed) {
    BigDecimal rough = proposed.significant(5);
    Exact ten = Exact.of(BigDecimal.ONE.scaleByPowerOfTen(rough.precision() - rough.scale() - 1));
    return STEPS.stream()
        .map(ten::times)
        .filter(step -> step.compareTo(proposed) >= 0)
        .findFirst()
        .orElse(ten.times(10));
  }

  /**
   * {@return boundaries of one width that hold all values}: from a multiple of the width
   *
   * @throws IllegalArgumentException if that makes more than {@value #MOST} classes
   */
  public static List<Exact> of(Exact smallest, Exact largest, Exact width, ClassEnd end) {
    Exact start = Exact.of(smallest.over(width).floor()).times(width);
    // With (l, u] a value at the first boundary belongs to a class before it.
    if (end == ClassEnd.UPPER && start.equals(smallest)) {
      start = start.minus(width);
    }
    return from(start, largest, width, end);
  }

  /**
   * {@return boundaries of one width from a start until the largest value is held}
   *
   * @throws IllegalArgumentException if that makes more than {@value #MOST} classes
   */
  public static List<Exact> from(Exact start, Exact largest, Exact width, ClassEnd end) {
    BigInteger classes = largest.minus(start).over(width).floor();
    if (classes.compareTo(BigInteger.valueOf(MOST)) >= 0) {
      throw new IllegalArgumentException("more than " + MOST + " classes");
    }
    List<Exact> boundaries = new ArrayList<>(List.of(start));
    Exact at = start;
    do {
      at = at.plus(width);
      boundaries.add(at);
    } while (at.compareTo(largest) < 0 || (end == ClassEnd.LOWER && at.equals(largest)));
    return boundaries;
  }
}
