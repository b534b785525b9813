package promedio.core.marking;

import promedio.core.measure.MeasureContext;
import promedio.core.slip.Cause;

/** Slips with the sum of squares. */
final class SumSlips {

  private SumSlips() {}

  static void find(Problem problem, Candidates out) {
    MeasureContext context = problem.context();
    if (problem.hasPart(context.squares())) {
      out.add(
          Cause.MEAN_SQUARE_NOT_SUBTRACTED,
          problem.instead(context.squares(), context.sum(context.x().power(2))));
    }
  }
}
