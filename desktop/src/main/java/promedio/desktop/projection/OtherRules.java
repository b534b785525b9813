package promedio.desktop.projection;

import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Question;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.marking.Agreement;
import promedio.core.marking.Verdict;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;

/** What a measure would be by every other value of the rule it hangs on. */
public final class OtherRules {

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
  public static List<Line> of(Request request, Analysis of) {
    Analysis now = of.asked(request);
    return rule(request, now).map(rule -> lines(rule, request, now)).orElse(List.of());
  }

  /** The rule that changes most of what the task is made of. */
  private static Optional<Rule<?>> rule(Request request, Analysis now) {
    if (request.measure() == Measures.MODES) {
      return Optional.of(Rule.MODE);
    }
    if (request.measure() == Measures.SKEWNESS) {
      return Optional.of(Rule.SKEWNESS);
    }
    // What is divided by n − 1 whatever the rule says is made of s by any rule.
    Computation population = now.computation().under(now.rules().with(Rule.DIVISOR, Divisor.N));
    if (population.isMadeOf(request, Measures.VARIANCE)
        || population.isMadeOf(request, Measures.SD)) {
      return Optional.of(Rule.DIVISOR);
    }
    if (population.isMadeOf(request, Measures.Q1) || population.isMadeOf(request, Measures.Q3)) {
      return Optional.of(Rule.QUARTILES);
    }
    boolean percentile =
        request.measure() == Measures.PERCENTILE || request.measure() == Measures.DECILE;
    return percentile ? Optional.of(Rule.PERCENTILES) : Optional.empty();
  }

  private static <T> List<Line> lines(Rule<T> rule, Request request, Analysis now) {
    String mine = Results.shown(now.computation().result(request), request, now);
    return rule.values().stream()
        .filter(value -> !value.equals(now.rules().get(rule)))
        .map(value -> line(rule, value, request, now, mine))
        .toList();
  }

  private static <T> Line line(Rule<T> rule, T value, Request request, Analysis now, String mine) {
    CourseRules others = now.rules().with(rule, value);
    Computation computation = now.computation().under(others);
    Result result = computation.result(request);
    String shown = Results.shown(result, request, now);
    Question question = now.question(request);
    String answer = question.answer();
    Verdict verdict =
        answer.isBlank()
            ? Verdict.UNEXPLAINED
            : new Agreement(question.rules(others), now.sign())
                .judge(request, result, answer)
                .verdict();
    boolean answered = verdict == Verdict.AGREES || verdict == Verdict.AGREES_COARSER;
    return new Line(rule.code(), rule.codeOf(value), shown, shown.equals(mine), answered);
  }
}
