package promedio.core.number;

import java.math.RoundingMode;

/** What happens to a number that lies exactly in the middle of two shown ones. */
public enum Rounding {
  /** Half goes away from zero, as the hand does it: 2.675 to two places is 2.68. */
  HALF_UP(RoundingMode.HALF_UP),
  /** Half goes to the even neighbour: 2.665 to two places is 2.66. */
  HALF_EVEN(RoundingMode.HALF_EVEN);

  private final RoundingMode mode;

  Rounding(RoundingMode mode) {
    this.mode = mode;
  }

  /** {@return the same rule for decimal numbers of the platform} */
  public RoundingMode mode() {
    return mode;
  }
}
