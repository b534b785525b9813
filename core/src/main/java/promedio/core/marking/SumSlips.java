package promedio.core.marking;

import promedio.core.measure.Setting;
import promedio.core.slip.Cause;

/** Slips with the sum of squares. */
final class SumSlips {

  private SumSlips() {}

  static void find(Question question, Candidates out) {
    Setting setting = question.setting();
    if (question.hasPart(setting.squares())) {
      out.add(
          Cause.MEAN_SQUARE_NOT_SUBTRACTED,
          question.instead(setting.squares(), setting.sum(setting.x().power(2))));
    }
  }
}
