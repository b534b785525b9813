package promedio.desktop.projection.distribution;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;

/** Numbers of tables, to so many digits. */
final class Digits {

  private Digits() {}

  /** {@return the number to so many significant digits, in full where it is not tiny} */
  static String of(BigDecimal value, int digits, DecimalSign sign) {
    BigDecimal rounded = value.round(new MathContext(digits, RoundingMode.HALF_EVEN));
    boolean tiny = rounded.signum() != 0 && rounded.precision() - rounded.scale() < -5;
    if (tiny) {
      int power = rounded.precision() - rounded.scale() - 1;
      return NumberText.write(rounded.movePointLeft(power).stripTrailingZeros(), sign)
          + " · 10^"
          + String.valueOf(power).replace('-', '−');
    }
    BigDecimal plain = rounded.stripTrailingZeros();
    return NumberText.write(plain.scale() < 0 ? plain.setScale(0) : plain, sign);
  }

  /** {@return the number to so many places} */
  static String places(BigDecimal value, int places, DecimalSign sign) {
    return NumberText.write(value.setScale(places, RoundingMode.HALF_EVEN), sign);
  }
}
