package promedio.core.working;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import promedio.core.measure.Measure;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;

/** A way of working something by hand. */
public enum Method {
  /** By the formulas that define it; variance and sd by the deviations. */
  DEFINITION,
  /** Variance and sd by Σx² − (Σx)²/n, which needs no deviations. */
  SHORTCUT,
  /** Mean, variance and sd by the distances from an assumed mean. */
  ASSUMED_MEAN,
  /** The same with the distances counted in steps. */
  STEP,
  /** Median and quartiles by the ordered list, crossed off from its ends. */
  CROSSING_OFF,
  /** Median and quartiles by cumulative frequencies. */
  CUMULATIVE,
  /** Central moments, skewness and kurtosis from the moments about 0. */
  RAW_MOMENTS;

  private static final Set<Method> SPREAD = EnumSet.of(DEFINITION, SHORTCUT, ASSUMED_MEAN, STEP);
  private static final Set<Method> CENTER = EnumSet.of(DEFINITION, ASSUMED_MEAN, STEP);
  private static final Set<Method> ORDERED = EnumSet.of(DEFINITION, CROSSING_OFF, CUMULATIVE);
  private static final Set<Method> MOMENTS = EnumSet.of(DEFINITION, RAW_MOMENTS);
  private static final Set<Method> ONLY = EnumSet.of(DEFINITION);

  /** {@return its name in files and on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** {@return the method of this code} */
  public static Optional<Method> ofCode(String code) {
    return Arrays.stream(values()).filter(method -> method.code().equals(code)).findFirst();
  }

  /** {@return the methods that there are for the measure, the usual one first} */
  public static List<Method> of(Measure measure, CourseRules rules) {
    return of(new Task.Measured(measure), rules);
  }

  /** {@return the methods that there are for the task, the usual one first} */
  public static List<Method> of(Task task, CourseRules rules) {
    if (task instanceof Task.Measured measured) {
      Measure measure = measured.measure();
      Measure named =
          measure == Measure.SKEWNESS ? Measure.called(rules.get(Rule.SKEWNESS)) : measure;
      return List.copyOf(ofMeasure(named));
    }
    if (task instanceof Task.Percentile
        || task instanceof Task.Decile
        || task instanceof Task.FiveNumbers) {
      return List.copyOf(ORDERED);
    }
    if (task instanceof Task.Score || task instanceof Task.ValueOfScore) {
      return List.copyOf(SPREAD);
    }
    if (task instanceof Task.Moment) {
      return List.copyOf(MOMENTS);
    }
    return List.copyOf(task instanceof Task.TrimmedMean ? CENTER : ONLY);
  }

  /** {@return the methods that there are for the task and such data, the usual one first} */
  public static List<Method> of(Task task, CourseRules rules, Data data) {
    // In classes there is one way to a position: interpolation.
    return of(task, rules).stream()
        .filter(
            method ->
                !(data instanceof ClassTable) || (method != CROSSING_OFF && method != CUMULATIVE))
        .toList();
  }

  private static Set<Method> ofMeasure(Measure measure) {
    return switch (measure) {
      case MEAN -> CENTER;
      case VARIANCE, SD, CV, STANDARD_ERROR, SKEWNESS_PEARSON_MEDIAN, SKEWNESS_PEARSON_MODE ->
          SPREAD;
      case MEDIAN,
          Q1,
          Q3,
          IQR,
          QUARTILE_DEVIATION,
          SKEWNESS_QUARTILE,
          LOWER_FENCE,
          UPPER_FENCE,
          LOWER_OUTER_FENCE,
          UPPER_OUTER_FENCE ->
          ORDERED;
      case SKEWNESS_ADJUSTED,
          SKEWNESS_MOMENT,
          SKEWNESS_MOMENT_S,
          KURTOSIS_MOMENT,
          KURTOSIS_EXCESS,
          KURTOSIS_ADJUSTED ->
          MOMENTS;
      default -> ONLY;
    };
  }
}
