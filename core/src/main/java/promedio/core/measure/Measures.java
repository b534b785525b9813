package promedio.core.measure;

import java.math.BigInteger;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.measure.Result.Found;
import promedio.core.measure.Result.Several;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.GroupedMode;
import promedio.core.rules.Rule;
import promedio.core.rules.Sheppard;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.Tally;

/**
 * Every measure of some data by some course rules, each computed when first asked for. Safe for use
 * by several threads.
 */
public final class Measures {

  private static final Exact FENCE = Exact.of(3, 2);
  private static final Exact OUTER_FENCE = Exact.of(3);

  private final Data data;
  private final Summary summary;
  private final Tally tally;
  private final CourseRules rules;
  private final Map<Measure, Result> results = new EnumMap<>(Measure.class);

  private Measures(Data data, Summary summary, CourseRules rules) {
    this.data = data;
    this.summary = summary;
    this.tally = summary.tally();
    this.rules = rules;
  }

  /** {@return the measures of the data by the rules} */
  public static Measures of(Data data, CourseRules rules) {
    return new Measures(data, summary(data, rules), rules);
  }

  private static Summary summary(Data data, CourseRules rules) {
    return data instanceof ClassTable table
        ? Summary.of(table, rules.get(Rule.OPEN_CLASS))
        : Summary.of(data.tally());
  }

  /** {@return the measures of the same data by other rules; what no rule changes is shared} */
  public Measures under(CourseRules others) {
    boolean same =
        !(data instanceof ClassTable) || others.get(Rule.OPEN_CLASS) == rules.get(Rule.OPEN_CLASS);
    return new Measures(data, same ? summary : summary(data, others), others);
  }

  /** {@return the measure, or why there is none} */
  public synchronized Result get(Measure measure) {
    Result known = results.get(measure);
    if (known != null) {
      return known;
    }
    Result computed = tally.isEmpty() ? withoutNumbers(measure) : compute(measure);
    results.put(measure, computed);
    return computed;
  }

  /**
   * {@return the value that so many percent of the values do not exceed, by the percentiles rule}
   *
   * @param percent from 0 to 100
   * @throws IllegalArgumentException if it is not
   */
  public Result percentile(Exact percent) {
    if (percent.signum() < 0 || percent.compareTo(Exact.of(100)) > 0) {
      throw new IllegalArgumentException("a percentile is from 0 to 100, not " + percent);
    }
    return tally.isEmpty()
        ? whyNoNumbers()
        : summary.positions().percentile(rules, percent.over(100));
  }

  /**
   * {@return the mean after ⌊n·proportion⌋ values are dropped at each end}
   *
   * @param proportion at least 0
   * @throws IllegalArgumentException if it is negative
   */
  public Result trimmedMean(Exact proportion) {
    if (proportion.signum() < 0) {
      throw new IllegalArgumentException("a proportion to trim is at least 0, not " + proportion);
    }
    if (tally.isEmpty()) {
      return whyNoNumbers();
    }
    if (!(summary.positions() instanceof OrderedPositions ordered)) {
      return Result.absent("classes-not-trimmed");
    }
    return ordered.ordered(
        quantiles -> {
          BigInteger n = tally.total().numerator();
          BigInteger dropped = tally.total().times(proportion).floor();
          BigInteger left = n.subtract(dropped.shiftLeft(1));
          return left.signum() <= 0
              ? Result.absent("nothing-left")
              : new Found(
                  sumOfFirst(n.subtract(dropped)).minus(sumOfFirst(dropped)).over(Exact.of(left)));
        });
  }

  /** Of categories, only the modes can be told. */
  private Result withoutNumbers(Measure measure) {
    return measure == Measure.MODES
            && data instanceof Categories categories
            && !categories.rows().isEmpty()
        ? Modes.of(categories, rules.get(Rule.MODE))
        : whyNoNumbers();
  }

  private Result whyNoNumbers() {
    return Result.absent(data.total().signum() == 0 ? "no-values" : "of-categories");
  }

  /** What hangs on the order of the values; all else is made of their moments. */
  private Result compute(Measure measure) {
    Positions positions = summary.positions();
    return switch (measure) {
      case MEDIAN -> positions.median(rules);
      case MODES -> modes();
      case Q1 -> positions.lowerQuartile(rules);
      case Q3 -> positions.upperQuartile(rules);
      case MIN -> positions.smallest();
      case MAX -> positions.largest();
      case MIDRANGE -> Result.both(get(Measure.MIN), get(Measure.MAX), (a, b) -> a.plus(b).over(2));
      case RANGE -> Result.both(get(Measure.MAX), get(Measure.MIN), Exact::minus);
      case IQR -> Result.both(get(Measure.Q3), get(Measure.Q1), Exact::minus);
      case QUARTILE_DEVIATION -> get(Measure.IQR).then(iqr -> new Found(iqr.over(2)));
      case SKEWNESS -> get(Measure.called(rules.get(Rule.SKEWNESS)));
      case SKEWNESS_QUARTILE -> quartileSkewness();
      case LOWER_FENCE -> lowerFence(FENCE);
      case UPPER_FENCE -> upperFence(FENCE);
      case LOWER_OUTER_FENCE -> lowerFence(OUTER_FENCE);
      case UPPER_OUTER_FENCE -> upperFence(OUTER_FENCE);
      default -> {
        Moments moments = summary.moments();
        if (moments != null) {
          yield compute(measure, moments);
        }
        // Without a mode there is nothing to compare the mean with in the first place.
        yield measure == Measure.SKEWNESS_PEARSON_MODE
            ? singleMode().then(mode -> summary.whyNoMoments())
            : summary.whyNoMoments();
      }
    };
  }

  private Result modes() {
    if (summary.grouped().isEmpty()) {
      return Modes.of(tally, rules.get(Rule.MODE));
    }
    if (rules.get(Rule.GROUPED_MODE) == GroupedMode.EMPIRICAL) {
      return Result.both(
              get(Measure.MEDIAN),
              get(Measure.MEAN),
              (median, mean) -> median.times(3).minus(mean.times(2)))
          .then(mode -> new Several(List.of(mode)));
    }
    return ClassModes.of(summary.grouped().get().intervals(), rules);
  }

  private Result compute(Measure measure, Moments m) {
    return switch (measure) {
      case SUM -> new Found(m.sum());
      case MEAN -> new Found(m.mean());
      case GEOMETRIC_MEAN -> summary.geometricMean();
      case HARMONIC_MEAN -> summary.harmonicMean();
      case VARIANCE -> variance(m, rules.get(Rule.DIVISOR));
      case SD -> get(Measure.VARIANCE).then(variance -> new Found(variance.sqrt()));
      case MEAN_DEVIATION -> new Found(meanDeviation(m.mean()));
      case MEAN_DEVIATION_MEDIAN ->
          get(Measure.MEDIAN).then(median -> new Found(meanDeviation(median)));
      case CV -> get(Measure.SD).then(sd -> variation(sd, m.mean()));
      case STANDARD_ERROR ->
          variance(m, Divisor.N_MINUS_1).then(s2 -> new Found(s2.over(m.n()).sqrt()));
      case SKEWNESS_ADJUSTED -> withAtLeast(3, m, Shape::adjustedSkewness);
      case SKEWNESS_MOMENT -> withAtLeast(0, m, Moments::standardizedThird);
      case SKEWNESS_MOMENT_S ->
          withAtLeast(0, m, Moments::m3)
              .then(m3 -> uncorrected(m, Divisor.N_MINUS_1))
              .then(s2 -> new Found(Shape.skewnessByS(m.m3(), s2)));
      case SKEWNESS_PEARSON_MEDIAN ->
          get(Measure.MEDIAN).then(median -> pearson(m.mean().minus(median).times(3)));
      case SKEWNESS_PEARSON_MODE -> singleMode().then(mode -> pearson(m.mean().minus(mode)));
      case KURTOSIS_MOMENT -> withAtLeast(0, m, Moments::standardizedFourth);
      case KURTOSIS_EXCESS -> withAtLeast(0, m, Shape::excess);
      case KURTOSIS_ADJUSTED -> withAtLeast(4, m, Shape::adjustedKurtosis);
      default -> throw new IllegalArgumentException(measure + " hangs on the order");
    };
  }

  private static Result uncorrected(Moments m, Divisor divisor) {
    return switch (divisor) {
      case N -> new Found(m.m2());
      case N_MINUS_1 ->
          m.n().compareTo(Exact.ONE) > 0
              ? new Found(m.m2().times(m.n()).over(m.n().minus(Exact.ONE)))
              : Result.absent("too-few", "2");
    };
  }

  private Result variance(Moments m, Divisor divisor) {
    Result variance = uncorrected(m, divisor);
    Optional<Exact> correction = sheppard();
    return correction.isEmpty()
        ? variance
        : variance.then(
            raw ->
                raw.compareTo(correction.get()) < 0
                    ? Result.absent("sheppard-negative")
                    : new Found(raw.minus(correction.get())));
  }

  /** Sheppard's h²/12 where the rule is on and all classes are equally wide. */
  private Optional<Exact> sheppard() {
    return rules.get(Rule.SHEPPARD) == Sheppard.OFF
        ? Optional.empty()
        : summary.grouped().flatMap(Grouped::commonWidth).map(width -> width.pow(2).over(12));
  }

  /** Σf·|x−c|/n, where those below c count c−x and the others x−c. */
  private Exact meanDeviation(Exact center) {
    int below = 0;
    int end = tally.size();
    while (below < end) {
      int middle = (below + end) >>> 1;
      if (tally.value(middle).compareTo(center) < 0) {
        below = middle + 1;
      } else {
        end = middle;
      }
    }
    Exact sumBelow = tally.sumBelow(below);
    Exact numberBelow = below == 0 ? Exact.ZERO : tally.cumulative(below - 1);
    Exact sum = tally.sumBelow(tally.size());
    return sum.minus(sumBelow.times(2))
        .plus(center.times(numberBelow.times(2).minus(tally.total())))
        .over(tally.total());
  }

  private static Result variation(Exact sd, Exact mean) {
    return mean.signum() == 0
        ? Result.absent("mean-zero")
        : new Found(sd.times(100).over(mean.abs()));
  }

  private static Result withAtLeast(int fewest, Moments m, Function<Moments, Exact> measure) {
    if (m.isWithoutSpread()) {
      return Result.absent("no-spread");
    }
    return m.n().compareTo(Exact.of(fewest)) < 0
        ? Result.absent("too-few", String.valueOf(fewest))
        : new Found(measure.apply(m));
  }

  private Result singleMode() {
    Result modes = get(Measure.MODES);
    if (!(modes instanceof Several several)) {
      return modes;
    }
    return several.values().size() == 1
        ? new Found(several.values().get(0))
        : Result.absent("several-modes");
  }

  private Result pearson(Exact distance) {
    return get(Measure.SD)
        .then(sd -> sd.signum() == 0 ? Result.absent("no-spread") : new Found(distance.over(sd)));
  }

  private Result quartileSkewness() {
    Result distance =
        Result.both(
            Result.both(get(Measure.Q3), get(Measure.Q1), Exact::plus),
            get(Measure.MEDIAN),
            (sum, median) -> sum.minus(median.times(2)));
    return distance.then(
        d ->
            get(Measure.IQR)
                .then(
                    iqr ->
                        iqr.signum() == 0
                            ? Result.absent("equal-quartiles")
                            : new Found(d.over(iqr))));
  }

  private Result lowerFence(Exact factor) {
    return Result.both(get(Measure.Q1), get(Measure.IQR), (q1, iqr) -> q1.minus(iqr.times(factor)));
  }

  private Result upperFence(Exact factor) {
    return Result.both(get(Measure.Q3), get(Measure.IQR), (q3, iqr) -> q3.plus(iqr.times(factor)));
  }

  private Exact sumOfFirst(BigInteger positions) {
    if (positions.signum() == 0) {
      return Exact.ZERO;
    }
    int rank = tally.rankAt(positions);
    Exact before = rank == 0 ? Exact.ZERO : tally.cumulative(rank - 1);
    return tally.sumBelow(rank).plus(tally.value(rank).times(Exact.of(positions).minus(before)));
  }
}
