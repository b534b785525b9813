package promedio.files.report;

import promedio.core.measure.Family;
import promedio.core.measure.Measure;
import promedio.core.working.Task;

/** What a result is measured in, beside the values. */
enum Dimension {
  VALUE(""),
  SQUARE("²"),
  CUBE("³"),
  FOURTH_POWER("⁴"),
  PERCENT("%"),
  NONE("");

  private final String after;

  Dimension(String after) {
    this.after = after;
  }

  /** {@return the unit of the result where the values have this unit; none is empty} */
  String unit(String ofValues) {
    return switch (this) {
      case PERCENT -> after;
      case NONE -> "";
      case VALUE, SQUARE, CUBE, FOURTH_POWER -> ofValues.isEmpty() ? "" : ofValues + after;
    };
  }

  static Dimension of(Task task) {
    if (task instanceof Task.Measured measured) {
      return of(measured.measure());
    }
    if (task instanceof Task.Moment moment) {
      return values()[moment.order().numerator().intValueExact() - 1];
    }
    if (task instanceof Task.Rank) {
      return PERCENT;
    }
    return task instanceof Task.Score ? NONE : VALUE;
  }

  private static Dimension of(Measure measure) {
    if (measure.isPercentage()) {
      return PERCENT;
    }
    if (measure == Measure.VARIANCE) {
      return SQUARE;
    }
    return measure.family() == Family.SHAPE ? NONE : VALUE;
  }
}
