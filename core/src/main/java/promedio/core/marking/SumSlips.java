package promedio.core.marking;

import promedio.core.measure.MeasureContext;
import promedio.core.slip.Cause;

/** Slips with the sum of squares. */
final class SumSlips {

  private SumSlips() {}

  static void find(Problem problem, Candidates out) {
    MeasureContext setting = problem.setting();
    if (problem.hasPart(setting.squares())) {
      out.add(
          Cause.MEAN_SQUARE_NOT_SUBTRACTED,
          problem.instead(setting.squares(), setting.sum(setting.x().power(2))));
    }
  }
}
