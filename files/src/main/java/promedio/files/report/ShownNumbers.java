package promedio.files.report;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import promedio.core.distribution.Approximate;
import promedio.core.formula.Formula;
import promedio.core.measure.Dimension;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.PlainText;
import promedio.core.number.Real;
import promedio.core.number.Rounding;
import promedio.core.rules.CourseRules;
import promedio.core.rules.IntermediateRounding;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;

/** Numbers of a working: as they are where their decimals are few, otherwise rounded. */
public final class ShownNumbers {

  /** So many more decimals than the result are shown on the way. */
  private static final int MORE = 2;

  /** Numbers with more figures before the point are shown by a power of ten. */
  private static final int MOST_FIGURES = 15;

  /** Longer fractions tell nothing. */
  private static final int LONGEST_FRACTION = 17;

  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

  private final CourseRules rules;
  private final int places;
  private final DecimalSign sign;
  private final String unit;
  private final boolean fractions;

  /** Makes one that shows numbers as the rules and the student's decimal sign want them. */
  public ShownNumbers(CourseRules rules, DecimalSign sign) {
    this(rules, sign, "", false);
  }

  private ShownNumbers(CourseRules rules, DecimalSign sign, String unit, boolean fractions) {
    this.rules = rules;
    this.places = rules.get(Rule.PLACES) + MORE;
    this.sign = sign;
    this.unit = unit;
    this.fractions = fractions;
  }

  /** {@return these, with the unit of the values after results; empty for none} */
  public ShownNumbers in(String unitOfValues) {
    return new ShownNumbers(rules, sign, unitOfValues.strip(), fractions);
  }

  /** {@return these, showing numbers whose decimals do not end as fractions on the way} */
  public ShownNumbers asFractions() {
    return new ShownNumbers(rules, sign, unit, true);
  }

  /** {@return the number on the way to a result} */
  public String shown(Real value) {
    BigDecimal rough = value.significant(places + 1);
    int figures = rough.precision() - rough.scale();
    if (figures > MOST_FIGURES) {
      String power = String.valueOf(figures - 1);
      String raised =
          power
              .chars()
              .mapToObj(figure -> String.valueOf(RAISED.charAt(figure - '0')))
              .collect(Collectors.joining());
      BigDecimal mantissa = rough.movePointLeft(figures - 1).stripTrailingZeros();
      return NumberText.write(mantissa, sign) + " · 10" + raised;
    }
    if (!isShownWhole(value) && isShownAsFraction(value)) {
      return value.toString().replace('-', '−');
    }
    return isShownWhole(value)
        ? PlainText.of((Exact) value).replace('-', '−').replace('.', sign.sign())
        : NumberText.write(value.rounded(places, Rounding.HALF_UP), sign);
  }

  /** {@return the class by its boundaries} */
  public String shown(Interval interval) {
    return shown(interval.lower(), interval.upper());
  }

  /** {@return the class as it is printed} */
  public String shown(ClassTable.Row printed) {
    return shown(printed.lower(), printed.upper());
  }

  /** One without a lower end is "under" the upper one, one without an upper end "and over". */
  private String shown(Optional<Exact> lower, Optional<Exact> upper) {
    if (lower.isEmpty()) {
      return Texts.of("working.class-under", upper.map(this::shown).orElse(""));
    }
    return upper
        .map(end -> shown(lower.get()) + "–" + shown(end))
        .orElseGet(() -> Texts.of("working.class-over", shown(lower.get())));
  }

  /** {@return the result, with the places of the course rules} */
  public String result(Real value) {
    return NumberText.write(value.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING)), sign);
  }

  /**
   * {@return what a working ends with, in its unit, apart by semicolons}; of a number that was
   * rounded on the way no more places are known than it was rounded to
   */
  public String results(Working working) {
    IntermediateRounding carry = rules.get(Rule.CARRY);
    int known =
        carry.equals(IntermediateRounding.EXACT)
            ? rules.get(Rule.PLACES)
            : Math.min(rules.get(Rule.PLACES), Integer.parseInt(carry.code()));
    return results(working, working.results(), rules.with(Rule.PLACES, known));
  }

  /** {@return the same without rounding on the way} */
  public String exactResults(Working working) {
    return results(working, working.exact(), rules);
  }

  /** {@return whether rounding on the way has changed what a working ends with} */
  public boolean hasCost(Working working) {
    return !results(working, working.results(), rules).equals(exactResults(working));
  }

  private String results(Working working, List<Real> values, CourseRules shownBy) {
    Request request = working.request();
    String after = request.dimension().unit(unit);
    return values.stream()
        .map(value -> ResultText.of(value, request, working.isGrouped(), shownBy, sign))
        .map(shown -> after.isEmpty() ? shown : shown + " " + after)
        .collect(Collectors.joining("; "));
  }

  /** {@return whether the places of the course would show one of the results as 0, which is not} */
  public boolean isWipedOut(Working working) {
    return working.request().dimension() != Dimension.PROBABILITY
        && working.results().stream().anyMatch(value -> ResultText.isWipedOut(value, rules));
  }

  /** {@return the places of results} */
  public int places() {
    return rules.get(Rule.PLACES);
  }

  /** {@return the number in LaTeX} */
  public String latex(Real value) {
    return latex(shown(value));
  }

  /** {@return a shown number in LaTeX} */
  static String latex(String shown) {
    int power = shown.indexOf(" · 10");
    String number = power < 0 ? shown : shown.substring(0, power);
    int slash = number.indexOf('/');
    if (slash > 0) {
      boolean negative = number.startsWith("−");
      return (negative ? "-" : "")
          + "\\frac{"
          + number.substring(negative ? 1 : 0, slash)
          + "}{"
          + number.substring(slash + 1)
          + "}";
    }
    String written = number.replace("≈", "\\approx").replace('−', '-').replace(",", "{,}");
    if (power < 0) {
      return written;
    }
    String exponent =
        shown
            .substring(power + " · 10".length())
            .chars()
            .mapToObj(figure -> String.valueOf(RAISED.indexOf(figure)))
            .collect(Collectors.joining());
    return written + " \\cdot 10^{" + exponent + "}";
  }

  /** {@return what a step comes to, after = where that is all of it and ≈ where it is rounded} */
  public String related(WorkingStep.Computed step) {
    return relation(step) + " " + value(step);
  }

  /** {@return = where the shown value is all of it, otherwise ≈} */
  String relation(WorkingStep.Computed step) {
    if (step.symbols().isProbability()) {
      String shown = probability(step.value());
      return shown.startsWith("<") ? "<" : shown.startsWith(">") ? ">" : "≈";
    }
    boolean rounded =
        !step.carried().equals(step.value())
            || !isShownAsItIs(step.value())
            || !isShownAsItIs(step.numbers());
    return rounded ? "≈" : "=";
  }

  /** {@return the value of a step, rounded where the course rounds it} */
  String value(WorkingStep.Computed step) {
    if (step.symbols().isProbability()) {
      return probability(step.value()).replaceFirst("^[<>] ", "");
    }
    if (!step.carried().equals(step.value())) {
      int carry = Integer.parseInt(rules.get(Rule.CARRY).code());
      return NumberText.write(step.value().rounded(carry, rules.get(Rule.ROUNDING)), sign);
    }
    return shown(step.value());
  }

  private String probability(Real value) {
    return PValueText.told(new Approximate(value.significant(Approximate.DIGITS)), rules, sign);
  }

  private boolean isShownAsFraction(Real value) {
    return fractions
        && value instanceof Exact exact
        && exact.isRational()
        && exact.toString().length() <= LONGEST_FRACTION;
  }

  /** Whether all numbers in it are shown with all their digits. */
  private boolean isShownAsItIs(Formula formula) {
    Set<Exact> rounded = new HashSet<>();
    formula.plain(
        number -> {
          if (!isShownAsItIs(number)) {
            rounded.add(number);
          }
          return "";
        });
    return rounded.isEmpty();
  }

  private boolean isShownAsItIs(Real value) {
    return isShownWhole(value) || isShownAsFraction(value);
  }

  private boolean isShownWhole(Real value) {
    return value instanceof Exact exact
        && exact.isRational()
        && exact.times(Exact.of(10).pow(places)).isWhole()
        && exact.abs().compareTo(Exact.of(10).pow(MOST_FIGURES)) < 0;
  }
}
