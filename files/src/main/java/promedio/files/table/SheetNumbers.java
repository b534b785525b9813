package promedio.files.table;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import promedio.core.limit.Limit;

/** Numbers as workbooks store them. */
final class SheetNumbers {

  /**
   * Workbooks keep binary numbers and show no more digits than this: 14.2 may be stored as
   * 14.199999999999999, and nobody ever typed that.
   */
  private static final MathContext SHOWN = new MathContext(15, RoundingMode.HALF_EVEN);

  private static final int LARGEST_EXPONENT = 400;

  private SheetNumbers() {}

  /** {@return whether nobody computes with a number of so many digits} */
  static boolean isTooLong(String stored) {
    return stored.length() > Limit.NUMBER_CHARACTERS.most();
  }

  /** {@return the number as it is shown where all its digits are; the text itself if it is none} */
  static String plain(String stored) {
    if (isTooLong(stored)) {
      return stored;
    }
    try {
      BigDecimal value = new BigDecimal(stored.strip());
      if (Math.abs((long) value.scale()) > LARGEST_EXPONENT) {
        return stored;
      }
      BigDecimal shown = value.round(SHOWN).stripTrailingZeros();
      return shown.toPlainString();
    } catch (NumberFormatException e) {
      return stored;
    }
  }
}
