package promedio.files.report;

import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Rounding;
import promedio.core.rules.Carry;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.table.PlainText;
import promedio.core.working.WorkingStep;

/** Numbers of a working: as they are where their decimals are few, otherwise rounded. */
public final class ShownNumbers {

  /** So many more decimals than the result are shown on the way. */
  private static final int MORE = 2;

  private final CourseRules rules;
  private final int places;
  private final DecimalSign sign;

  /** Makes one that shows numbers as the rules and the student's decimal sign want them. */
  public ShownNumbers(CourseRules rules, DecimalSign sign) {
    this.rules = rules;
    this.places = rules.get(Rule.PLACES) + MORE;
    this.sign = sign;
  }

  /** {@return the number on the way to a result} */
  public String shown(Exact value) {
    if (isShownWhole(value)) {
      return PlainText.of(value).replace('-', '−').replace('.', sign.sign());
    }
    return NumberText.write(value.rounded(places, Rounding.HALF_UP), sign);
  }

  /** {@return the result, with the places of the course rules} */
  public String result(Exact value) {
    return NumberText.write(value.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING)), sign);
  }

  /** {@return the number in LaTeX} */
  String latex(Exact value) {
    return shown(value).replace('−', '-').replace(",", "{,}");
  }

  /** {@return what a step comes to, after = where that is all of it and ≈ where it is rounded} */
  public String related(WorkingStep step) {
    if (!step.carried().equals(step.value())) {
      int carry = Integer.parseInt(rules.get(Rule.CARRY).code());
      return "≈ " + NumberText.write(step.value().rounded(carry, rules.get(Rule.ROUNDING)), sign);
    }
    boolean exact = rules.get(Rule.CARRY).equals(Carry.EXACT) && !isShownWhole(step.value());
    return (exact ? "≈ " : "= ") + shown(step.value());
  }

  private boolean isShownWhole(Exact value) {
    return value.isRational() && value.times(Exact.of(10).pow(places)).isWhole();
  }
}
