package promedio.desktop.work;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.marking.Agreement;
import promedio.core.marking.Verdict;
import promedio.core.measure.Measure;
import promedio.core.measure.Measures;
import promedio.core.measure.Result;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;

/** What a measure would be by every other value of the rule it hangs on. */
public final class OtherRules {

  private static final Set<Measure> BY_DIVISOR =
      EnumSet.of(
          Measure.VARIANCE,
          Measure.SD,
          Measure.CV,
          Measure.SKEWNESS_PEARSON_MEDIAN,
          Measure.SKEWNESS_PEARSON_MODE);
  private static final Set<Measure> BY_QUARTILES =
      EnumSet.of(
          Measure.Q1,
          Measure.Q3,
          Measure.IQR,
          Measure.QUARTILE_DEVIATION,
          Measure.LOWER_FENCE,
          Measure.UPPER_FENCE,
          Measure.LOWER_OUTER_FENCE,
          Measure.UPPER_OUTER_FENCE,
          Measure.SKEWNESS_QUARTILE);

  private OtherRules() {}

  /**
   * The measure by one other value.
   *
   * @param rule the code of the rule
   * @param value the code of the value
   * @param shown the result as it is shown
   * @param same whether that is the result by the rules in force
   * @param answered whether it is what the student found
   */
  public record Line(String rule, String value, String shown, boolean same, boolean answered) {}

  /** {@return a line for every other value of the rule, none where the measure hangs on no rule} */
  public static List<Line> of(Measure measure, Reckoning now) {
    return rule(measure).map(rule -> lines(rule, measure, now)).orElse(List.of());
  }

  private static Optional<Rule<?>> rule(Measure measure) {
    if (measure == Measure.MODES) {
      return Optional.of(Rule.MODE);
    }
    if (measure == Measure.SKEWNESS) {
      return Optional.of(Rule.SKEWNESS);
    }
    return BY_DIVISOR.contains(measure)
        ? Optional.of(Rule.DIVISOR)
        : BY_QUARTILES.contains(measure) ? Optional.of(Rule.QUARTILES) : Optional.empty();
  }

  private static <T> List<Line> lines(Rule<T> rule, Measure measure, Reckoning now) {
    String mine = Results.shown(now.measures().get(measure), measure, now);
    return rule.values().stream()
        .filter(value -> !value.equals(now.rules().get(rule)))
        .map(value -> line(rule, value, measure, now, mine))
        .toList();
  }

  private static <T> Line line(Rule<T> rule, T value, Measure measure, Reckoning now, String mine) {
    CourseRules others = now.rules().with(rule, value);
    Measures measures = now.measures().under(others);
    Result result = measures.get(measure);
    String shown = Results.shown(result, measure, now);
    String answer = now.item().answer(measure);
    Verdict verdict =
        answer.isBlank()
            ? Verdict.UNEXPLAINED
            : new Agreement(others, now.sign()).judge(measure, result, answer).verdict();
    boolean answered = verdict == Verdict.AGREES || verdict == Verdict.AGREES_COARSER;
    return new Line(rule.code(), rule.codeOf(value), shown, shown.equals(mine), answered);
  }
}
