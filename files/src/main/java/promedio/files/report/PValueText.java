package promedio.files.report;

import java.math.BigDecimal;
import promedio.core.distribution.Approximate;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;

/** P-values as they are shown: never as 0, which no p-value is. */
public final class PValueText {

  private PValueText() {}

  /** {@return the p-value to the places of the course rules, with a point} */
  public static String of(Approximate p, CourseRules rules) {
    int places = rules.get(Rule.P_PLACES);
    BigDecimal rounded = p.rounded(places, rules.get(Rule.ROUNDING));
    return rounded.signum() == 0
        ? "< " + BigDecimal.ONE.movePointLeft(places).toPlainString()
        : rounded.toPlainString();
  }
}
