package promedio.files.report;

import java.math.BigDecimal;
import promedio.core.distribution.Approximate;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.PStyle;
import promedio.core.rules.Rule;

/** P-values as they are shown: never as 0, which no p-value is. */
public final class PValueText {

  /** So many where the leading zero is dropped. */
  private static final int SHORT_PLACES = 3;

  private PValueText() {}

  /** {@return the p-value as people write it: never as 0 or 1, which no p-value is} */
  public static String told(Approximate p, CourseRules rules, DecimalSign sign) {
    boolean dropped = rules.get(Rule.P_STYLE) == PStyle.LEADING_ZERO_DROPPED;
    CourseRules to = dropped ? rules.with(Rule.P_PLACES, SHORT_PLACES) : rules;
    int places = to.get(Rule.P_PLACES);
    BigDecimal rounded = p.rounded(places, rules.get(Rule.ROUNDING));
    String shown =
        rounded.compareTo(BigDecimal.ONE) < 0 || p.decimal().equals(Exact.ONE)
            ? of(p, to)
            : "> " + BigDecimal.ONE.subtract(BigDecimal.ONE.movePointLeft(places)).toPlainString();
    return sign.in(dropped ? shown.replaceFirst("0\\.", ".") : shown);
  }

  /** {@return the p-value to the places of the course rules, with a point} */
  public static String of(Approximate p, CourseRules rules) {
    int places = rules.get(Rule.P_PLACES);
    BigDecimal rounded = p.rounded(places, rules.get(Rule.ROUNDING));
    return rounded.signum() == 0
        ? "< " + BigDecimal.ONE.movePointLeft(places).toPlainString()
        : rounded.toPlainString();
  }
}
