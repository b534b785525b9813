package promedio.core.measure;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import promedio.core.rules.SkewnessRule;

/** Every measure of a sample that has one result; its key never changes. */
public enum Measure {
  SUM(Family.POSITION),
  MEAN(Family.POSITION),
  MEDIAN(Family.POSITION),
  MODES(Family.POSITION),
  Q1(Family.POSITION),
  Q3(Family.POSITION),
  MIDRANGE(Family.POSITION),
  GEOMETRIC_MEAN(Family.POSITION),
  HARMONIC_MEAN(Family.POSITION),
  MIN(Family.POSITION),
  MAX(Family.POSITION),
  RANGE(Family.SPREAD),
  IQR(Family.SPREAD),
  QUARTILE_DEVIATION(Family.SPREAD),
  VARIANCE(Family.SPREAD),
  SD(Family.SPREAD),
  MEAN_DEVIATION(Family.SPREAD),
  MEAN_DEVIATION_MEDIAN(Family.SPREAD),
  /** In percent. */
  CV(Family.SPREAD),
  STANDARD_ERROR(Family.SPREAD),
  /** The one that the skewness rule names. */
  SKEWNESS(Family.SHAPE),
  SKEWNESS_ADJUSTED(Family.SHAPE),
  SKEWNESS_MOMENT(Family.SHAPE),
  SKEWNESS_MOMENT_S(Family.SHAPE),
  SKEWNESS_PEARSON_MEDIAN(Family.SHAPE),
  SKEWNESS_PEARSON_MODE(Family.SHAPE),
  SKEWNESS_QUARTILE(Family.SHAPE),
  KURTOSIS_MOMENT(Family.SHAPE),
  KURTOSIS_EXCESS(Family.SHAPE),
  KURTOSIS_ADJUSTED(Family.SHAPE),
  LOWER_FENCE(Family.SPREAD),
  UPPER_FENCE(Family.SPREAD),
  LOWER_OUTER_FENCE(Family.SPREAD),
  UPPER_OUTER_FENCE(Family.SPREAD);

  private final Family family;

  Measure(Family family) {
    this.family = family;
  }

  /** {@return what it tells about a sample} */
  public Family family() {
    return family;
  }

  /** {@return the key by which files and the command line know it} */
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** {@return the measure of this key} */
  public static Optional<Measure> ofKey(String key) {
    return Arrays.stream(values()).filter(measure -> measure.key().equals(key)).findFirst();
  }

  /** {@return the measure that a course by this rule calls the skewness} */
  public static Measure called(SkewnessRule rule) {
    return switch (rule) {
      case ADJUSTED -> SKEWNESS_ADJUSTED;
      case MOMENT -> SKEWNESS_MOMENT;
      case MOMENT_S -> SKEWNESS_MOMENT_S;
      case PEARSON_MEDIAN -> SKEWNESS_PEARSON_MEDIAN;
      case PEARSON_MODE -> SKEWNESS_PEARSON_MODE;
      case QUARTILE -> SKEWNESS_QUARTILE;
    };
  }

  /** {@return whether the result is in percent} */
  public boolean isPercentage() {
    return this == CV;
  }
}
