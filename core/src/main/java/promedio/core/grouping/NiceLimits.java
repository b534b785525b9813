package promedio.core.grouping;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.rules.ClassEnd;
import promedio.core.sample.Tally;

/** Boundaries that a person would choose: round widths, from a round number. */
public final class NiceLimits {

  /** Round widths, times any power of ten. */
  private static final List<Exact> STEPS =
      List.of(
          Exact.ONE,
          Exact.of(3, 2),
          Exact.of(2),
          Exact.of(5, 2),
          Exact.of(3),
          Exact.of(4),
          Exact.of(5),
          Exact.of(10));

  /** Nobody wants more classes than this. */
  public static final int MOST = 1000;

  /** With so many digits some width fits any number of classes, see {@link #into}. */
  private static final int MOST_DIGITS = 30;

  /** Of so many beginnings that fit, one in whole units is looked for. */
  private static final int MOST_FITTING = 40;

  private NiceLimits() {}

  /** {@return the smallest round width that is not below the one proposed, above 0} */
  public static Exact width(Exact proposed) {
    return widths(proposed).findFirst().orElseThrow();
  }

  /**
   * {@return the smallest round width that is not below the one proposed, above 0}, and a multiple
   * of the unit that the values are measured in: else classes of one width would hold more of the
   * possible values or fewer
   *
   * @param unit what all values are multiples of; none where there is no such decimal unit
   */
  public static Exact width(Exact proposed, Optional<Exact> unit) {
    if (unit.isEmpty()) {
      return width(proposed);
    }
    Exact least = proposed.compareTo(unit.get()) < 0 ? unit.get() : proposed;
    return widths(least)
        .filter(width -> width.over(unit.get()).isWhole())
        .findFirst()
        .orElseThrow();
  }

  /** Round widths from the proposed one up. */
  private static Stream<Exact> widths(Exact proposed) {
    Exact ten = unit(proposed, 1);
    return Stream.iterate(ten, each -> each.times(10))
        .limit(MOST_DIGITS)
        .flatMap(each -> STEPS.stream().map(each::times))
        .filter(step -> step.compareTo(proposed) >= 0);
  }

  /** {@return the decimal unit that all values are measured in}: 1 of whole numbers, 0.1, … */
  public static Optional<Exact> unit(Tally tally) {
    int places = 0;
    for (int i = 0; i < tally.size(); i++) {
      BigDecimal decimal = tally.value(i).significant(MOST_DIGITS).stripTrailingZeros();
      if (!Exact.of(decimal).equals(tally.value(i))) {
        return Optional.empty();
      }
      places = Math.max(places, decimal.scale());
    }
    return Optional.of(Exact.of(BigDecimal.ONE.movePointLeft(places)));
  }

  /** {@return what the last of so many digits of a number above 0 stands for} */
  private static Exact unit(Exact number, int digits) {
    BigDecimal rough = number.significant(5);
    return Exact.of(BigDecimal.ONE.scaleByPowerOfTen(rough.precision() - rough.scale() - digits));
  }

  /**
   * {@return boundaries of one width that hold all values}: from a multiple of the width
   *
   * @throws BadInputException if that makes more than {@value #MOST} classes
   */
  public static List<Exact> of(Exact smallest, Exact largest, Exact width, ClassEnd end)
      throws BadInputException {
    return from(start(smallest, width, end), largest, width, end);
  }

  /** The largest multiple of a grid from which on the smallest value belongs to a class. */
  private static Exact start(Exact smallest, Exact grid, ClassEnd end) {
    Exact start = Exact.of(smallest.over(grid).floor()).times(grid);
    // With (l, u] a value at the first boundary belongs to a class before it.
    return end == ClassEnd.UPPER && start.equals(smallest) ? start.minus(grid) : start;
  }

  /**
   * {@return boundaries of one width from a start until the largest value is held}; at least one
   * class
   *
   * @throws BadInputException if that makes more than {@value #MOST} classes
   */
  public static List<Exact> from(Exact start, Exact largest, Exact width, ClassEnd end)
      throws BadInputException {
    List<Exact> boundaries = new ArrayList<>(List.of(start));
    boundaries.addAll(beyond(start, largest, width, end));
    if (boundaries.size() == 1) {
      boundaries.add(start.plus(width));
    }
    return boundaries;
  }

  /**
   * {@return the boundaries after a start until the largest value is held}; none where it lies
   * before the start
   *
   * @throws BadInputException if that makes more than {@value #MOST} classes
   */
  static List<Exact> beyond(Exact start, Exact largest, Exact width, ClassEnd end)
      throws BadInputException {
    BigInteger classes = needed(start, largest, width, end).max(BigInteger.ZERO);
    if (classes.compareTo(BigInteger.valueOf(MOST)) > 0) {
      throw BadInputException.of("grouping.too-many", width.toString(), String.valueOf(MOST));
    }
    List<Exact> all = equallyWide(start, width, classes.intValueExact());
    return all.subList(1, all.size());
  }

  private static List<Exact> equallyWide(Exact start, Exact width, int classes) {
    List<Exact> boundaries = new ArrayList<>();
    for (int i = 0; i <= classes; i++) {
      boundaries.add(start.plus(width.times(i)));
    }
    return boundaries;
  }

  /** How many classes reach from the start to the one that holds the largest value. */
  private static BigInteger needed(Exact start, Exact largest, Exact width, ClassEnd end) {
    Exact widths = largest.minus(start).over(width);
    return end == ClassEnd.UPPER && widths.isWhole()
        ? widths.floor()
        : widths.floor().add(BigInteger.ONE);
  }

  /**
   * {@return boundaries of exactly so many classes of one width, neither the first nor the last of
   * them empty}: the roundest width and start that do it; one class where all values are equal
   *
   * <p>Some width does: with d digits, of unit u, the first multiple of u above range/k or the
   * second lies more than u/k and at most 2u above it, so that k classes from within u below the
   * smallest value reach beyond the largest one; and k − 1 do not as soon as 2u(k − 1) &lt;
   * range/k.
   *
   * @param classes from 1 to {@value #MOST}
   * @param unit what all values are measured in, of which width and start are multiples where that
   *     can be
   */
  public static List<Exact> into(
      Exact smallest, Exact largest, int classes, ClassEnd end, Optional<Exact> unit) {
    Exact range = largest.minus(smallest);
    if (range.signum() == 0) {
      return equallyWide(start(smallest, Exact.ONE, end), Exact.ONE, 1);
    }
    Exact least = range.over(classes);
    List<Beginning> fitting =
        beginnings(smallest, least, end)
            .filter(
                from ->
                    needed(from.start(), largest, from.width(), end)
                        .equals(BigInteger.valueOf(classes)))
            .limit(MOST_FITTING)
            .toList();
    return fitting.stream()
        .filter(from -> unit.map(from::isInUnits).orElse(true))
        .findFirst()
        .or(() -> fitting.stream().findFirst())
        .map(from -> equallyWide(from.start(), from.width(), classes))
        .orElseThrow(() -> new IllegalStateException("no " + classes + " classes"));
  }

  private static Stream<Beginning> beginnings(Exact smallest, Exact least, ClassEnd end) {
    return Stream.concat(
        roundWidths(least).flatMap(width -> begun(smallest, width, end)),
        Stream.iterate(1, digits -> digits <= MOST_DIGITS, digits -> digits + 1)
            .map(digits -> unit(least, digits))
            .flatMap(unit -> fineWidths(smallest, least, unit, end)));
  }

  private record Beginning(Exact start, Exact width) {

    boolean isInUnits(Exact unit) {
      return width.over(unit).isWhole() && start.over(unit).isWhole();
    }
  }

  private static Stream<Exact> roundWidths(Exact least) {
    Exact first = width(least);
    Exact ten = unit(least, 1);
    return Stream.concat(Stream.of(first), STEPS.stream().map(ten::times))
        .filter(width -> width.compareTo(first) >= 0);
  }

  /** From multiples of the width, of its half, and of a tenth of its power of ten. */
  private static Stream<Beginning> begun(Exact smallest, Exact width, ClassEnd end) {
    return begun(smallest, width, Stream.of(width, width.over(2), unit(width, 2)), end);
  }

  private static Stream<Beginning> begun(
      Exact smallest, Exact width, Stream<Exact> grids, ClassEnd end) {
    // From a grid no wider than the classes the first of them holds the smallest value.
    return grids
        .filter(grid -> grid.compareTo(width) <= 0)
        .map(grid -> new Beginning(start(smallest, grid, end), width));
  }

  /** The first two widths in a unit that are wide enough, from the roundest start. */
  private static Stream<Beginning> fineWidths(
      Exact smallest, Exact least, Exact unit, ClassEnd end) {
    Exact first = Exact.of(least.over(unit).floor()).plus(Exact.ONE).times(unit);
    return Stream.of(first, first.plus(unit))
        .flatMap(
            width -> begun(smallest, width, Stream.of(unit.times(10), unit.times(5), unit), end));
  }
}
