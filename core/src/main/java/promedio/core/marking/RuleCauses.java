package promedio.core.marking;

import java.util.Map;
import promedio.core.rules.Rule;
import promedio.core.slip.Cause;

/** Answers that are right by another course rule. */
final class RuleCauses {

  private static final Map<Rule<?>, Cause> RULES =
      Map.of(
          Rule.PERCENTILES, Cause.PERCENTILES,
          Rule.DIVISOR, Cause.DIVISOR,
          Rule.SKEWNESS, Cause.SKEWNESS,
          Rule.MODE, Cause.MODE,
          Rule.MEDIAN_POSITION, Cause.MEDIAN_POSITION,
          Rule.GROUPED_MODE, Cause.GROUPED_MODE,
          Rule.OPEN_CLASS, Cause.OPEN_CLASS,
          Rule.SHEPPARD, Cause.SHEPPARD,
          Rule.QUARTILES, Cause.QUARTILES);

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
    for (T value : rule.values()) {
      if (!value.equals(problem.rules().get(rule))) {
        out.add(
            cause,
            problem.under(problem.rules().with(rule, value)).right(),
            "value",
            rule.codeOf(value));
      }
    }
  }
}
