package promedio.core.marking;

import java.util.Map;
import promedio.core.rules.Rule;
import promedio.core.slip.Cause;
import promedio.core.slip.Kind;

/**
 * Answers that are right by another course rule; where the question itself says which one, they are
 * wrong by it.
 */
final class RuleCauses {

  private static final Map<Rule<?>, Cause> RULES =
      Map.ofEntries(
          Map.entry(Rule.PERCENTILES, Cause.PERCENTILES),
          Map.entry(Rule.DIVISOR, Cause.DIVISOR),
          Map.entry(Rule.SKEWNESS, Cause.SKEWNESS),
          Map.entry(Rule.MODE, Cause.MODE),
          Map.entry(Rule.MEDIAN_POSITION, Cause.MEDIAN_POSITION),
          Map.entry(Rule.GROUPED_MODE, Cause.GROUPED_MODE),
          Map.entry(Rule.OPEN_CLASS, Cause.OPEN_CLASS),
          Map.entry(Rule.SHEPPARD, Cause.SHEPPARD),
          Map.entry(Rule.QUARTILES, Cause.QUARTILES),
          Map.entry(Rule.VARIANCES, Cause.VARIANCES),
          Map.entry(Rule.TAILS, Cause.TAILS),
          Map.entry(Rule.CORRECTION, Cause.CORRECTION),
          Map.entry(Rule.YATES, Cause.YATES),
          Map.entry(Rule.LARGE_SAMPLE, Cause.LARGE_SAMPLE));

  private RuleCauses() {}

  static void find(Problem problem, Candidates out) {
    for (Rule<?> rule : Rule.all()) {
      Cause cause = RULES.get(rule);
      if (cause != null) {
        find(problem, rule, cause, out);
      }
    }
  }

  private static <T> void find(Problem problem, Rule<T> rule, Cause cause, Candidates out) {
    Kind kind = problem.stated().get(rule).isPresent() ? Kind.SLIP : cause.kind();
    for (T value : rule.values()) {
      if (!value.equals(problem.rules().get(rule))) {
        out.add(
            cause,
            kind,
            problem.under(problem.rules().with(rule, value)).right(),
            "value",
            rule.codeOf(value));
      }
    }
  }
}
