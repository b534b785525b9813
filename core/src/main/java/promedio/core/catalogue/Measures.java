package promedio.core.catalogue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.catalogue.association.Correlation;
import promedio.core.catalogue.association.CorrelationT;
import promedio.core.catalogue.association.Covariance;
import promedio.core.catalogue.association.Differences;
import promedio.core.catalogue.association.PairSquares;
import promedio.core.catalogue.association.PairedT;
import promedio.core.catalogue.association.RankCorrelation;
import promedio.core.catalogue.association.RegressionLine;
import promedio.core.catalogue.association.SlopeT;
import promedio.core.catalogue.counts.CellMeasures;
import promedio.core.catalogue.counts.CrossAssociation;
import promedio.core.catalogue.counts.GoodnessOfFit;
import promedio.core.catalogue.counts.Independence;
import promedio.core.catalogue.groups.AnalysisOfVariance;
import promedio.core.catalogue.groups.CombinedMeasures;
import promedio.core.catalogue.groups.GroupSizes;
import promedio.core.catalogue.groups.PooledVariance;
import promedio.core.catalogue.groups.TwoMeans;
import promedio.core.catalogue.inference.MeanInterval;
import promedio.core.catalogue.inference.MeanT;
import promedio.core.catalogue.inference.MeanZ;
import promedio.core.formula.Quantity;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.sample.Data;
import promedio.core.sample.Subject;

/** The catalogue of all measures. A measure is added by its own file and a line here. */
public final class Measures {

  public static final Measure SUM = new SumOfValues();
  public static final Measure MEAN = ArithmeticMean.byRule();
  public static final Measure MEDIAN = new Median();
  public static final Measure MODES = new Modes();
  public static final Measure Q1 = Quartile.lower();
  public static final Measure Q3 = Quartile.upper();
  public static final Measure MIDRANGE = new Midrange();
  public static final Measure GEOMETRIC_MEAN = new GeometricMean();
  public static final Measure HARMONIC_MEAN = new HarmonicMean();
  public static final Measure MIN = Extreme.smallest();
  public static final Measure MAX = Extreme.largest();
  public static final Measure RANGE = new Range();
  public static final Measure IQR = new InterquartileRange();
  public static final Measure QUARTILE_DEVIATION = new QuartileDeviation();
  public static final Measure QUARTILE_VARIATION = new QuartileVariation();
  public static final Measure VARIANCE = Variance.byRule();
  public static final Measure SD = StandardDeviation.byRule();
  public static final Measure MEAN_DEVIATION = MeanDeviation.fromMean();
  public static final Measure MEAN_DEVIATION_MEDIAN = MeanDeviation.fromMedian();
  public static final Measure CV = new CoefficientOfVariation();
  public static final Measure STANDARD_ERROR = new StandardError();
  public static final Measure SKEWNESS = new Skewness();
  public static final Measure SKEWNESS_ADJUSTED = new AdjustedSkewness();
  public static final Measure SKEWNESS_MOMENT = new MomentSkewness();
  public static final Measure SKEWNESS_MOMENT_S = new SkewnessByDeviation();
  public static final Measure SKEWNESS_PEARSON_MEDIAN = new PearsonSkewnessByMedian();
  public static final Measure SKEWNESS_PEARSON_MODE = new PearsonSkewnessByMode();
  public static final Measure SKEWNESS_QUARTILE = new QuartileSkewness();
  public static final Measure KURTOSIS_MOMENT = new MomentKurtosis();
  public static final Measure KURTOSIS_EXCESS = new ExcessKurtosis();
  public static final Measure KURTOSIS_ADJUSTED = new AdjustedKurtosis();
  public static final Measure LOWER_FENCE = Fence.lower();
  public static final Measure UPPER_FENCE = Fence.upper();
  public static final Measure LOWER_OUTER_FENCE = Fence.lowerOuter();
  public static final Measure UPPER_OUTER_FENCE = Fence.upperOuter();

  public static final Measure FIVE_NUMBERS = new FiveNumbers();
  public static final Measure DECILE = Percentile.ofTenths();
  public static final Measure PERCENTILE = Percentile.ofPercent();
  public static final Measure PERCENTILE_RANK = new PercentileRank();
  public static final Measure TRIMMED_MEAN = new TrimmedMean();
  public static final Measure MOMENT = new Moment();
  public static final Measure Z_SCORE = new ZScore();
  public static final Measure VALUE_OF_Z = new ValueOfZ();

  /** Those of one result that any data have, in the order in which they are told. */
  private static final List<Measure> ALL =
      List.of(
          SUM,
          MEAN,
          MEDIAN,
          MODES,
          Q1,
          Q3,
          MIDRANGE,
          GEOMETRIC_MEAN,
          HARMONIC_MEAN,
          MIN,
          MAX,
          RANGE,
          IQR,
          QUARTILE_DEVIATION,
          QUARTILE_VARIATION,
          VARIANCE,
          SD,
          MEAN_DEVIATION,
          MEAN_DEVIATION_MEDIAN,
          CV,
          STANDARD_ERROR,
          SKEWNESS,
          SKEWNESS_ADJUSTED,
          SKEWNESS_MOMENT,
          SKEWNESS_MOMENT_S,
          SKEWNESS_PEARSON_MEDIAN,
          SKEWNESS_PEARSON_MODE,
          SKEWNESS_QUARTILE,
          KURTOSIS_MOMENT,
          KURTOSIS_EXCESS,
          KURTOSIS_ADJUSTED,
          LOWER_FENCE,
          UPPER_FENCE,
          LOWER_OUTER_FENCE,
          UPPER_OUTER_FENCE);

  /** Those that are rows of others, or need arguments. */
  private static final List<Measure> OTHERS =
      List.of(
          FIVE_NUMBERS,
          DECILE,
          PERCENTILE,
          PERCENTILE_RANK,
          TRIMMED_MEAN,
          MOMENT,
          Z_SCORE,
          VALUE_OF_Z);

  private static final List<Measure> INTERVALS = MeanInterval.all();

  /** What a sample tells of the mean that it was drawn from; they need arguments. */
  private static final List<Measure> OF_MEAN =
      Stream.of(MeanT.all(), MeanZ.all(), INTERVALS).flatMap(List::stream).toList();

  private static final List<Measure> OF_PAIRS =
      Stream.of(
              List.of(Covariance.measure()),
              Correlation.all(),
              RegressionLine.all(),
              List.of(RankCorrelation.measure()),
              Differences.all(),
              PairedT.all(),
              CorrelationT.all(),
              SlopeT.all(),
              List.of(RegressionLine.prediction()))
          .flatMap(List::stream)
          .toList();

  private static final List<Measure> OF_GROUPS =
      Stream.of(
              CombinedMeasures.all(),
              PooledVariance.all(),
              AnalysisOfVariance.all(),
              TwoMeans.all())
          .flatMap(List::stream)
          .toList();

  private static final List<Measure> OF_COUNTS =
      Stream.of(Independence.all(), CrossAssociation.all(), CellMeasures.all(), GoodnessOfFit.all())
          .flatMap(List::stream)
          .toList();

  private static final List<Measure> EVERY =
      Stream.of(ALL, OTHERS, OF_PAIRS, OF_GROUPS, OF_COUNTS, OF_MEAN)
          .flatMap(List::stream)
          .toList();

  public static final Measure CORRELATION = ofKey("correlation").orElseThrow();
  public static final Measure PREDICTION = ofKey("prediction").orElseThrow();
  public static final Measure CHI_SQUARED = ofKey("chi_squared").orElseThrow();

  /** What formulas name and no question asks for. */
  private static final List<Measure> HELPERS =
      Stream.of(
              List.<Measure>of(
                  Count.ofSample(),
                  Count.ofTable(),
                  ArithmeticMean.ofSample(),
                  Variance.ofSample(),
                  StandardDeviation.ofSample(),
                  new ClassWidth()),
              PairSquares.named(),
              List.of(RankCorrelation.meanRank()),
              GroupSizes.named(),
              TwoMeans.named(),
              Independence.named(),
              CrossAssociation.named(),
              GoodnessOfFit.named())
          .flatMap(List::stream)
          .toList();

  /** Every measure without arguments, and each moment, whose symbol names its order. */
  private static final Map<Subject, List<Request>> NAMED =
      Stream.concat(
              Stream.of(ALL, OF_PAIRS, OF_GROUPS, OF_COUNTS, HELPERS)
                  .flatMap(List::stream)
                  .filter(measure -> measure != SKEWNESS && measure.parameters().isEmpty())
                  .map(Request::of),
              Stream.of(2, 3, 4).map(order -> Request.of(MOMENT, Exact.of(order))))
          .collect(Collectors.groupingBy(request -> request.measure().subject()));

  /** Requests in the order of their measures here, then of their arguments. */
  public static final Comparator<Request> IN_ORDER =
      Comparator.comparingInt((Request request) -> EVERY.indexOf(request.measure()))
          .thenComparing(Request::arguments, Measures::compare)
          .thenComparing(Request::decides);

  /** What measures were called in files before the same ones took σ as an argument. */
  private static final String FORMER_ENDING = "_by_sigma";

  private Measures() {}

  private static int compare(List<Exact> arguments, List<Exact> others) {
    for (int i = 0; i < Math.min(arguments.size(), others.size()); i++) {
      int order = arguments.get(i).compareTo(others.get(i));
      if (order != 0) {
        return order;
      }
    }
    return Integer.compare(arguments.size(), others.size());
  }

  /** {@return those of one result that any data have, in the order in which they are told} */
  public static List<Measure> all() {
    return ALL;
  }

  /** {@return every measure that may be asked for by its key} */
  public static List<Measure> every() {
    return EVERY;
  }

  /** {@return those without arguments that such data have, in the order in which they are told} */
  public static List<Measure> of(Data data) {
    boolean two = data.groups().filter(groups -> groups.samples().size() == 2).isPresent();
    List<Measure> any = of(data.subject());
    return two ? Stream.concat(any.stream(), ofTwoGroups().stream()).toList() : any;
  }

  /** {@return those without arguments that all data of the kind have, in the order of telling} */
  public static List<Measure> of(Subject subject) {
    if (subject == Subject.ONE) {
      return ALL;
    }
    return EVERY.stream()
        .filter(measure -> measure.subject() == subject)
        .filter(measure -> measure.parameters().isEmpty() && !measure.isOfTwo())
        .toList();
  }

  /** {@return those that compare two groups, in the order in which they are told} */
  public static List<Measure> ofTwoGroups() {
    return EVERY.stream().filter(Measure::isOfTwo).toList();
  }

  /** {@return the ends of intervals of confidence of one sample; they need arguments} */
  public static List<Measure> intervals() {
    return INTERVALS;
  }

  /** {@return what a sample tells of the mean that it was drawn from; they need arguments} */
  public static List<Measure> ofMean() {
    return OF_MEAN;
  }

  /** {@return whether it is asked only where somebody wants it, since not all data have it} */
  public static boolean isOnDemand(Measure measure) {
    return OTHERS.contains(measure) || !measure.parameters().isEmpty();
  }

  /** {@return those that are rows of others, or need arguments} */
  public static List<Measure> others() {
    return OTHERS;
  }

  /** {@return the measure of this key, also of one that it had in older files} */
  public static Optional<Measure> ofKey(String key) {
    String today =
        key.endsWith(FORMER_ENDING) ? key.substring(0, key.length() - FORMER_ENDING.length()) : key;
    return EVERY.stream().filter(measure -> measure.key().equals(today)).findFirst();
  }

  /**
   * {@return the request of this id, as {@link Request#id} gives it}; none where there is no such
   * measure, or it does not take these arguments
   */
  public static Optional<Request> ofId(String id) {
    List<String> parts = List.of(id.split(" ", -1));
    boolean decides = parts.size() > 1 && parts.get(parts.size() - 1).equals(Request.DECISION);
    List<Exact> arguments = new ArrayList<>();
    for (String part : parts.subList(1, parts.size() - (decides ? 1 : 0))) {
      Optional<Exact> argument = PlainText.read(part);
      if (argument.isEmpty()) {
        return Optional.empty();
      }
      arguments.add(argument.get());
    }
    return ofKey(parts.get(0))
        .filter(found -> Request.refusal(found, arguments).isEmpty())
        .map(found -> new Request(found, arguments))
        .filter(request -> !decides || request.isProbability())
        .map(request -> decides ? request.decision() : request);
  }

  /** {@return what finds a quantity that formulas name; none where it is given or seen} */
  public static Optional<Request> finding(Quantity quantity, MeasureContext context) {
    return requests(context)
        .filter(request -> quantity(request, context).equals(quantity))
        .findFirst();
  }

  /** {@return the quantities that formulas of such data name} */
  public static Stream<Quantity> named(MeasureContext context) {
    return requests(context).map(request -> quantity(request, context));
  }

  private static Stream<Request> requests(MeasureContext context) {
    return NAMED.get(context.data().subject()).stream();
  }

  private static Quantity quantity(Request request, MeasureContext context) {
    return request.measure().quantity(context.with(request.arguments()));
  }
}
