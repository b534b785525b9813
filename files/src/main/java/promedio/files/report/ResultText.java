package promedio.files.report;

import java.math.BigDecimal;
import promedio.core.catalogue.Measures;
import promedio.core.distribution.Approximate;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.PlainText;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;

/**
 * A result as people read it: to the places of the course, but degrees of freedom whole where they
 * are, values of the data as they were typed, and never as 0 what is not 0.
 */
public final class ResultText {

  /** What the places would wipe out is shown with so many digits. */
  private static final int DIGITS = 2;

  /** Of what is read off a curve. */
  private static final int SURE_DIGITS = 12;

  private ResultText() {}

  /**
   * {@return the result, without its unit}
   *
   * @param request what is asked
   * @param grouped whether the data are classes, of which no value is known
   */
  public static String of(
      Real value, Request request, boolean grouped, CourseRules rules, DecimalSign sign) {
    return switch (request.dimension()) {
      case PROBABILITY ->
          PValueText.told(new Approximate(value.significant(Approximate.DIGITS)), rules, sign);
      case DEGREES -> whole(value, rules, sign);
      default ->
          isRead(request)
              ? NumberText.write(sure(value, rules), sign)
              : isOfData(request, grouped) && value instanceof Exact exact && exact.isRational()
                  ? typed(exact, rules, sign)
                  : rounded(value, rules, sign);
    };
  }

  /** {@return the number to the places of the course, or as many as it takes not to be 0} */
  public static String rounded(Real value, CourseRules rules, DecimalSign sign) {
    BigDecimal rounded = value.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING));
    return NumberText.write(isWipedOut(value, rules) ? value.significant(DIGITS) : rounded, sign);
  }

  /** {@return whether the places of the course would show 0 where the number is not 0} */
  public static boolean isWipedOut(Real value, CourseRules rules) {
    return value.signum() != 0
        && value.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING)).signum() == 0;
  }

  /** Whether it is read off a curve, of which only the first digits are sure. */
  private static boolean isRead(Request request) {
    return request.key().startsWith("interval_");
  }

  /** {@return what was read off a curve to the places of the course, as far as it is sure} */
  private static BigDecimal sure(Real value, CourseRules rules) {
    BigDecimal rounded = value.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING));
    return rounded.precision() > SURE_DIGITS ? value.significant(SURE_DIGITS) : rounded;
  }

  private static boolean isOfData(Request request, boolean grouped) {
    return request.measure() == Measures.MIN
        || request.measure() == Measures.MAX
        || (request.measure() == Measures.MODES && !grouped);
  }

  private static String typed(Exact value, CourseRules rules, DecimalSign sign) {
    String plain = PlainText.of(value);
    return plain.indexOf('/') < 0 ? sign.in(plain.replace('-', '−')) : rounded(value, rules, sign);
  }

  private static String whole(Real value, CourseRules rules, DecimalSign sign) {
    return value instanceof Exact exact && exact.isWhole()
        ? NumberText.write(exact.rounded(0, rules.get(Rule.ROUNDING)), sign)
        : rounded(value, rules, sign);
  }

  /** {@return whether the number is shown with all its digits} */
  public static boolean isAll(Real value, CourseRules rules) {
    return value instanceof Exact exact
        && exact.isRational()
        && Exact.of(exact.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING))).equals(exact);
  }

  /**
   * {@return what a symbol comes to: “p < 0.0001”, “x̄ ≈ 138.83”, “n = 24”}
   *
   * @param shown the result as it is shown
   * @param isAll whether that is all of it, so that nothing was rounded
   */
  public static String equation(String symbol, String shown, boolean isAll) {
    boolean bounded = shown.startsWith("<") || shown.startsWith(">");
    String named = symbol.isEmpty() ? "" : symbol + (bounded ? " " : isAll ? " = " : " ≈ ");
    return named + shown;
  }
}
