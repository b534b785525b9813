package promedio.core.marking;

import promedio.core.measure.Result;
import promedio.core.rules.Rule;
import promedio.core.slip.Cause;

/** Answers whose last digit came about in another way. */
final class EndingCauses {

  private EndingCauses() {}

  static void find(Problem problem, Candidates out) {
    Result right = problem.right();
    if (Candidate.numbers(right).isEmpty()) {
      return;
    }
    out.add(
        Cause.ROUNDING,
        right,
        RoundingVariant.OTHER_TIE,
        "value",
        Rule.ROUNDING.codeOf(RoundingVariant.other(problem.rules().get(Rule.ROUNDING))));
    out.add(Cause.TRUNCATED, right, RoundingVariant.CUT);
    if (Candidate.numbers(right).size() == 1) {
      out.add(Cause.LAST_DIGIT, right, RoundingVariant.ONE_ABOVE);
      out.add(Cause.LAST_DIGIT, right, RoundingVariant.ONE_BELOW);
    }
  }
}
