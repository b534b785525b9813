package promedio.core.marking;

import java.math.BigDecimal;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.number.Rounding;

/** How the last digit of an answer came about. */
enum RoundingVariant {
  /** Rounded as the course asks. */
  ROUNDED,
  /** Rounded by the other rule for ties. */
  OTHER_TIE,
  /** Cut off. */
  CUT,
  /** One unit above the right last digit. */
  ONE_ABOVE,
  /** One unit below it. */
  ONE_BELOW;

  /** Digits beyond the last one that show to which side a number without exact form was rounded. */
  private static final int FURTHER = 30;

  /**
   * {@return the number as it is written with so many places}; none where it would be the same as
   * cutting it off
   */
  Optional<BigDecimal> of(Real number, int places, Rounding rounding) {
    BigDecimal right = number.rounded(places, rounding);
    BigDecimal unit = BigDecimal.ONE.movePointLeft(places);
    return switch (this) {
      case ROUNDED -> Optional.of(right);
      case OTHER_TIE -> Optional.of(number.rounded(places, other(rounding)));
      case CUT -> Optional.of(cut(number, places));
      case ONE_ABOVE -> notCut(right.add(unit), number, places);
      case ONE_BELOW -> notCut(right.subtract(unit), number, places);
    };
  }

  static Rounding other(Rounding rounding) {
    return rounding == Rounding.HALF_UP ? Rounding.HALF_EVEN : Rounding.HALF_UP;
  }

  private static Optional<BigDecimal> notCut(BigDecimal found, Real number, int places) {
    return found.compareTo(cut(number, places)) == 0 ? Optional.empty() : Optional.of(found);
  }

  private static BigDecimal cut(Real number, int places) {
    BigDecimal near = number.rounded(places, Rounding.HALF_UP);
    Exact precise =
        number instanceof Exact exact
            ? exact
            : Exact.of(number.rounded(places + FURTHER, Rounding.HALF_EVEN));
    boolean beyond = Exact.of(near).abs().compareTo(precise.abs()) > 0;
    BigDecimal unit = BigDecimal.ONE.movePointLeft(places);
    return beyond ? near.subtract(near.signum() < 0 ? unit.negate() : unit) : near;
  }
}
