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

  static void find(Question question, Candidates out) {
    for (Rule<?> rule : Rule.all()) {
      Cause cause = RULES.get(rule);
      if (cause != null) {
        find(question, rule, cause, out);
      }
    }
  }

  private static <T> void find(Question question, Rule<T> rule, Cause cause, Candidates out) {
    for (T value : rule.values()) {
      if (!value.equals(question.rules().get(rule))) {
        out.add(
            cause,
            question.under(question.rules().with(rule, value)).right(),
            "value",
            rule.codeOf(value));
      }
    }
  }
}
