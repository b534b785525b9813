package promedio.core.marking;

import java.util.Optional;
import promedio.core.formula.Equation;
import promedio.core.formula.Formula;
import promedio.core.formula.Formulas;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;

/** Slips with the sums and what they are divided by. */
final class SumSlips {

  private SumSlips() {}

  static void find(Question question, Candidates out) {
    Formulas formulas = question.formulas();
    if (question.measure() == Measure.MEAN) {
      for (int off : new int[] {-1, 1}) {
        Formula count = formulas.n().plus(Formula.number(off));
        out.add(Cause.COUNT_OFF_BY_ONE, instead(question, formulas.n(), count));
      }
    }
    if (isOfSquares(question.measure())) {
      out.add(
          Cause.MEAN_SQUARE_NOT_SUBTRACTED,
          instead(question, formulas.squares(), formulas.sum(formulas.x().power(2))));
    }
  }

  /** {@return whether the measure is the variance or its root} */
  static boolean isOfSquares(Measure measure) {
    return measure == Measure.VARIANCE || measure == Measure.SD;
  }

  /** {@return what the measure comes to with another formula in the place of a part of its own} */
  static Optional<Exact> instead(Question question, Formula part, Formula other) {
    return question
        .formulas()
        .of(question.measure())
        .map(Equation::right)
        .map(formula -> formula.replacing(part, other))
        .flatMap(question.formulas()::value);
  }
}
