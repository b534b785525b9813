package promedio.core.marking;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/**
 * Makes single slips as a hand makes them: from their definitions, by plain arithmetic on lists,
 * with nothing of the code that is to find them.
 */
final class SlipMaker {

  private static final List<String> EVERYWHERE =
      List.of(
          "divisor",
          "skewness",
          "rounded-early",
          "truncated",
          "last-digit",
          "root-not-taken",
          "root-taken",
          "deviations-not-squared",
          "other-measure",
          "iqr-not-halved",
          "iqr-halved",
          "percent-left-out",
          "sign-reversed",
          "factor-three-left-out",
          "position-given",
          "count-off-by-one",
          "mean-square-not-subtracted");
  private static final List<String> SINGLE_VALUES =
      List.of("value-left-out", "value-twice", "digits-swapped", "point-moved");
  private static final List<String> FREQUENCIES =
      List.of(
          "frequencies-ignored", "divided-by-classes", "squares-not-weighted", "frequency-squared");

  /** The codes that can be made with each kind of data. */
  static final Map<String, List<String>> CODES =
      new TreeMap<>(
          Map.of(
              "raw",
              joined(
                  "quartiles rounding not-sorted middle-not-averaged frequency-given",
                  SINGLE_VALUES,
                  List.of()),
              "table",
              joined("quartiles middle-not-averaged frequency-given", SINGLE_VALUES, FREQUENCIES),
              "classes",
              joined(
                  "median-position grouped-mode open-class sheppard frequency-given"
                      + " lower-limits-used upper-limits-used gap-ignored limit-not-boundary"
                      + " width-from-limits own-class-cumulated neighbour-class",
                  List.of(),
                  FREQUENCIES)));

  private static final List<Measure> USUAL =
      List.of(
          Measures.MEAN,
          Measures.MEDIAN,
          Measures.Q1,
          Measures.Q3,
          Measures.IQR,
          Measures.VARIANCE,
          Measures.SD,
          Measures.CV,
          Measures.MEAN_DEVIATION,
          Measures.SKEWNESS);

  private static final Map<String, Measure> GIVEN =
      Map.ofEntries(
          Map.entry("mean", Measures.MEAN),
          Map.entry("median", Measures.MEDIAN),
          Map.entry("midrange", Measures.MIDRANGE),
          Map.entry("q1", Measures.Q1),
          Map.entry("q3", Measures.Q3),
          Map.entry("min", Measures.MIN),
          Map.entry("max", Measures.MAX),
          Map.entry("range", Measures.RANGE),
          Map.entry("iqr", Measures.IQR),
          Map.entry("quartile_deviation", Measures.QUARTILE_DEVIATION),
          Map.entry("mean_deviation", Measures.MEAN_DEVIATION),
          Map.entry("variance", Measures.VARIANCE),
          Map.entry("sd", Measures.SD),
          Map.entry("standard_error", Measures.STANDARD_ERROR));

  private final Random random;
  private String kind = "";
  private String code = "";
  private Data data = new Sample(Values.of(List.of()));
  private CourseRules rules = CourseRules.DEFAULTS;
  private Measure measure = Measures.MEAN;
  private Map<String, String> params = Map.of();

  /** Values, or midpoints, and how often each stands: the columns of the hand. */
  private List<Exact> xs = List.of();

  private List<Exact> fs = List.of();

  SlipMaker(long seed) {
    random = new Random(seed);
  }

  private static List<String> joined(String more, List<String> some, List<String> others) {
    return Stream.of(EVERYWHERE, some, others, List.of(more.split(" ", -1)))
        .flatMap(List::stream)
        .toList();
  }

  /** {@return an answer with the slip; none where it changed nothing that is shown} */
  Optional<Slipped> make(String kindOfData, String slip) {
    kind = kindOfData;
    code = slip;
    params = Map.of();
    rules = CourseRules.DEFAULTS;
    if (random.nextInt(3) == 0) {
      rules = rules.with(Rule.DIVISOR, Divisor.N);
    }
    draw();
    Optional<BigDecimal> made = made();
    Result right = Computation.of(data, rules).result(measure);
    Optional<BigDecimal> shown = number(right).map(this::shown);
    boolean changed = made.isPresent() && !made.equals(shown) && !right.equals(none());
    return changed
        ? Optional.of(
            new Slipped(kind, data, rules, measure, code, params, made.get().toPlainString()))
        : Optional.empty();
  }

  /** {@return a problem about data drawn at random} */
  Problem problem(String kindOfData) {
    kind = kindOfData;
    code = "";
    rules = CourseRules.DEFAULTS;
    draw();
    return Problem.of(data, rules, one(USUAL));
  }

  private static Result none() {
    return new Result.Several(List.of());
  }

  private static Optional<Exact> number(Result result) {
    if (result instanceof Result.Several several && several.values().size() == 1) {
      return Optional.of(several.values().get(0));
    }
    return result instanceof Result.Found found ? Optional.of(found.value()) : Optional.empty();
  }

  private BigDecimal shown(Exact value) {
    return value.rounded(2, rules.get(Rule.ROUNDING));
  }

  // Data.

  private void draw() {
    xs = new ArrayList<>();
    fs = new ArrayList<>();
    switch (kind) {
      case "raw" -> drawSample();
      case "table" -> drawTable();
      default -> drawClasses();
    }
  }

  private void drawSample() {
    int n = 8 + random.nextInt(23);
    int places = random.nextInt(2);
    int middle = places == 0 ? 140 : 1400;
    for (int i = 0; i < n; i++) {
      long drawn = Math.round(middle + middle * 0.1 * random.nextGaussian());
      xs.add(Exact.of(BigDecimal.valueOf(drawn, places)));
      fs.add(Exact.ONE);
    }
    data = new Sample(Values.of(xs));
  }

  private void drawTable() {
    int rows = 5 + random.nextInt(5);
    int from = 20 + random.nextInt(30);
    for (int i = 0; i < rows; i++) {
      xs.add(Exact.of(from + i));
      fs.add(Exact.of(1 + random.nextInt(20)));
    }
    data = tableOf(xs, fs);
  }

  private static FrequencyTable tableOf(List<Exact> values, List<Exact> frequencies) {
    List<FrequencyTable.Row> rows = new ArrayList<>();
    for (int i = 0; i < values.size(); i++) {
      rows.add(new FrequencyTable.Row(values.get(i), frequencies.get(i)));
    }
    return FrequencyTable.of(rows, 0);
  }

  private void drawClasses() {
    int count = 5 + random.nextInt(4);
    long width = new long[] {5, 10, 20}[random.nextInt(3)];
    long gap = random.nextBoolean() || needsGap() ? 1 : 0;
    long from = width * (2 + random.nextInt(8));
    List<ClassTable.Row> rows = new ArrayList<>();
    boolean open = code.equals("open-class");
    for (int i = 0; i < count; i++) {
      Exact lower = Exact.of(from + i * width);
      Exact upper = Exact.of(from + (i + 1) * width - gap);
      Exact frequency = Exact.of(1 + random.nextInt(20));
      boolean last = open && i == count - 1;
      rows.add(
          new ClassTable.Row(
              Optional.of(lower), last ? Optional.empty() : Optional.of(upper), frequency));
      xs.add(lower.plus(upper).over(2));
      fs.add(frequency);
    }
    data = ClassTable.of(rows, 0);
  }

  private boolean needsGap() {
    return Set.of("gap-ignored", "limit-not-boundary", "width-from-limits").contains(code);
  }

  // Arithmetic of the hand.

  private static Exact sum(List<Exact> values) {
    return values.stream().reduce(Exact.ZERO, Exact::plus);
  }

  private Exact n() {
    return sum(fs);
  }

  private Exact sumOf(List<Exact> values) {
    Exact total = Exact.ZERO;
    for (int i = 0; i < values.size(); i++) {
      total = total.plus(values.get(i).times(fs.get(i)));
    }
    return total;
  }

  private Exact mean() {
    return sumOf(xs).over(n());
  }

  /** Σf(x−c)^k. */
  private Exact powers(Exact c, int k) {
    return sumOf(xs.stream().map(x -> x.minus(c).pow(k)).toList());
  }

  private Exact divisor() {
    return rules.get(Rule.DIVISOR) == Divisor.N ? n() : n().minus(Exact.ONE);
  }

  private Exact variance() {
    return powers(mean(), 2).over(divisor());
  }

  private Exact rounded(Exact value, int places) {
    return Exact.of(value.rounded(places, Rounding.HALF_UP));
  }

  private Optional<Exact> right(Measure other) {
    return number(Computation.of(data, rules).result(other));
  }

  private <T> T one(List<T> choices) {
    return choices.get(random.nextInt(choices.size()));
  }

  private Measure ofSquares() {
    return one(List.of(Measures.VARIANCE, Measures.SD));
  }

  /** The variance, or its root where the sd was asked. */
  private Optional<Exact> asAsked(Exact square) {
    if (square.signum() < 0) {
      return Optional.empty();
    }
    return Optional.of(measure == Measures.SD ? square.sqrt() : square);
  }

  // Slips.

  private Optional<BigDecimal> made() {
    return switch (code) {
      case "truncated" -> {
        measure = one(USUAL);
        yield right(measure).map(v -> v.rounded(30, Rounding.HALF_UP)).map(SlipMaker::cut);
      }
      case "last-digit" -> lastDigit();
      case "rounding" -> tie();
      default -> outcome().map(this::shown);
    };
  }

  private static BigDecimal cut(BigDecimal value) {
    return value.setScale(2, java.math.RoundingMode.DOWN);
  }

  private Optional<BigDecimal> lastDigit() {
    measure = one(USUAL);
    BigDecimal unit = new BigDecimal(random.nextBoolean() ? "0.01" : "-0.01");
    return right(measure)
        .filter(v -> shown(v).add(unit).compareTo(cut(v.rounded(30, Rounding.HALF_UP))) != 0)
        .map(value -> shown(value).add(unit));
  }

  /** Eight values with a mean that ends in 5 at the third place. */
  private Optional<BigDecimal> tie() {
    measure = Measures.MEAN;
    xs = new ArrayList<>();
    fs = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      xs.add(Exact.of(100 + random.nextInt(80)));
      fs.add(Exact.ONE);
    }
    data = new Sample(Values.of(xs));
    params = Map.of("value", "half-even");
    return Optional.of(mean().rounded(2, Rounding.HALF_EVEN));
  }

  private Optional<Exact> outcome() {
    return switch (code) {
      case "divisor",
          "skewness",
          "mode",
          "quartiles",
          "median-position",
          "grouped-mode",
          "open-class",
          "sheppard" ->
          byOtherRule();
      case "rounded-early" -> roundedEarly();
      case "root-not-taken" -> instead(Measures.SD, Measures.VARIANCE);
      case "root-taken" -> instead(Measures.VARIANCE, Measures.SD);
      case "deviations-not-squared" -> instead(ofSquares(), Measures.MEAN_DEVIATION);
      case "iqr-not-halved" -> instead(Measures.QUARTILE_DEVIATION, Measures.IQR);
      case "iqr-halved" -> instead(Measures.IQR, Measures.QUARTILE_DEVIATION);
      case "percent-left-out" -> instead(Measures.CV, Measures.CV).map(cv -> cv.over(100));
      case "sign-reversed" -> instead(Measures.SKEWNESS, Measures.SKEWNESS).map(Exact::negate);
      case "factor-three-left-out" ->
          instead(Measures.SKEWNESS_PEARSON_MEDIAN, Measures.SKEWNESS_PEARSON_MEDIAN)
              .map(skewness -> skewness.over(3));
      case "other-measure" -> otherMeasure();
      case "not-sorted" -> unsorted();
      case "position-given" -> positionGiven();
      case "middle-not-averaged" -> middle();
      case "frequency-given" -> {
        measure = Measures.MODES;
        yield fs.stream().max(Exact::compareTo).filter(f -> !kind.equals("raw")).or(this::often);
      }
      case "count-off-by-one" -> {
        measure = Measures.MEAN;
        yield Optional.of(sumOf(xs).over(n().plus(Exact.of(random.nextBoolean() ? 1 : -1))));
      }
      case "mean-square-not-subtracted" -> {
        measure = ofSquares();
        yield asAsked(powers(Exact.ZERO, 2).over(divisor()));
      }
      case "value-left-out", "value-twice", "digits-swapped", "point-moved" -> oneValue();
      case "frequencies-ignored" -> ignored();
      case "divided-by-classes" -> byClasses();
      case "squares-not-weighted" -> {
        measure = ofSquares();
        Exact mean = mean();
        yield asAsked(sum(xs.stream().map(x -> x.minus(mean).pow(2)).toList()).over(divisor()));
      }
      case "frequency-squared" -> {
        measure = ofSquares();
        Exact squares = Exact.ZERO;
        for (int i = 0; i < xs.size(); i++) {
          squares = squares.plus(xs.get(i).times(fs.get(i)).pow(2));
        }
        yield asAsked(squares.minus(sumOf(xs).pow(2).over(n())).over(divisor()));
      }
      case "lower-limits-used", "upper-limits-used", "gap-ignored" -> midpoints();
      default -> ofClass();
    };
  }

  private Optional<Exact> byOtherRule() {
    Rule<?> rule = Rule.find(code).orElseThrow();
    measure =
        switch (code) {
          case "divisor" -> one(List.of(Measures.VARIANCE, Measures.SD, Measures.CV));
          case "skewness" -> Measures.SKEWNESS;
          case "mode", "grouped-mode" -> Measures.MODES;
          case "quartiles", "median-position" ->
              one(List.of(Measures.Q1, Measures.Q3, Measures.IQR, Measures.QUARTILE_DEVIATION));
          case "sheppard" -> one(List.of(Measures.VARIANCE, Measures.SD, Measures.CV));
          default -> one(List.of(Measures.MEAN, Measures.SD));
        };
    List<String> values = new ArrayList<>(codes(rule));
    values.remove(rules.code(rule));
    String value = one(values);
    params = Map.of("value", value);
    return number(Computation.of(data, ByCode.with(rules, code, value)).result(measure));
  }

  private static <T> List<String> codes(Rule<T> rule) {
    return rule.values().stream().map(rule::codeOf).toList();
  }

  private Optional<Exact> instead(Measure asked, Measure given) {
    measure = asked;
    return right(given);
  }

  private Optional<Exact> otherMeasure() {
    measure = one(USUAL);
    String given = one(List.copyOf(new TreeMap<>(GIVEN).keySet()));
    Measure other = GIVEN.get(given);
    Set<Measure> squares = Set.of(Measures.VARIANCE, Measures.SD);
    boolean ofSquares =
        squares.contains(measure) && (squares.contains(other) || other == Measures.MEAN_DEVIATION);
    boolean half = measure == Measures.IQR && other == Measures.QUARTILE_DEVIATION;
    boolean own = ofSquares || half;
    params = Map.of("measure", given);
    return own || other == measure ? Optional.empty() : right(other);
  }

  private Optional<Exact> roundedEarly() {
    int places = random.nextInt(4);
    boolean classes = kind.equals("classes");
    String step =
        one(
            classes
                ? List.of("mean", "variance", "sd", "midpoint")
                : List.of("mean", "variance", "sd", "q1", "q3", "median"));
    params = Map.of("step", step, "places", String.valueOf(places));
    switch (step) {
      case "mean" -> {
        measure = one(List.of(Measures.VARIANCE, Measures.SD, Measures.CV));
        Exact mean = rounded(mean(), places);
        Exact squares =
            random.nextBoolean()
                ? powers(mean, 2)
                : powers(Exact.ZERO, 2).minus(mean.pow(2).times(n()));
        if (squares.signum() < 0) {
          return Optional.empty();
        }
        return measure == Measures.CV
            ? Optional.of(squares.over(divisor()).sqrt().times(100).over(mean.abs()))
            : asAsked(squares.over(divisor()));
      }
      case "variance" -> {
        measure = one(List.of(Measures.SD, Measures.CV));
        Exact sd = rounded(variance(), places).sqrt();
        return Optional.of(measure == Measures.SD ? sd : sd.times(100).over(mean().abs()));
      }
      case "sd" -> {
        measure = Measures.CV;
        return Optional.of(rounded(variance().sqrt(), places).times(100).over(mean().abs()));
      }
      case "q1" -> {
        measure = one(List.of(Measures.IQR, Measures.QUARTILE_DEVIATION));
        return between(right(Measures.Q1).map(q -> rounded(q, places)), right(Measures.Q3));
      }
      case "q3" -> {
        measure = one(List.of(Measures.IQR, Measures.QUARTILE_DEVIATION));
        return between(right(Measures.Q1), right(Measures.Q3).map(q -> rounded(q, places)));
      }
      case "median" -> {
        measure = Measures.SKEWNESS_PEARSON_MEDIAN;
        Exact median = rounded(right(Measures.MEDIAN).orElseThrow(), places);
        return Optional.of(mean().minus(median).times(3).over(variance().sqrt()));
      }
      default -> {
        measure = one(List.of(Measures.MEAN, Measures.VARIANCE, Measures.SD));
        xs = xs.stream().map(x -> rounded(x, places)).toList();
        return measure == Measures.MEAN ? Optional.of(mean()) : asAsked(variance());
      }
    }
  }

  private Optional<Exact> between(Optional<Exact> lower, Optional<Exact> upper) {
    return lower.flatMap(
        low -> upper.map(up -> measure == Measures.IQR ? up.minus(low) : up.minus(low).over(2)));
  }

  private Optional<Exact> unsorted() {
    measure = one(List.of(Measures.MEDIAN, Measures.Q1, Measures.Q3, Measures.IQR));
    int half = xs.size() / 2;
    Exact median = middleOf(xs);
    Exact lower = middleOf(xs.subList(0, half));
    Exact upper = middleOf(xs.subList(xs.size() - half, xs.size()));
    return Optional.of(
        switch (measure.key()) {
          case "median" -> median;
          case "q1" -> lower;
          case "q3" -> upper;
          default -> upper.minus(lower);
        });
  }

  private static Exact middleOf(List<Exact> values) {
    int n = values.size();
    return values.get((n - 1) / 2).plus(values.get(n / 2)).over(2);
  }

  private Optional<Exact> positionGiven() {
    measure = one(List.of(Measures.MEDIAN, Measures.Q1, Measures.Q3));
    Exact count = kind.equals("classes") ? n() : n().plus(Exact.ONE);
    return Optional.of(count.times(quarters()).over(4));
  }

  private int quarters() {
    return measure == Measures.Q1 ? 1 : measure == Measures.MEDIAN ? 2 : 3;
  }

  private List<Exact> expanded() {
    List<Exact> all = new ArrayList<>();
    for (int i = 0; i < xs.size(); i++) {
      for (int times = fs.get(i).numerator().intValueExact(); times > 0; times--) {
        all.add(xs.get(i));
      }
    }
    return all.stream().sorted().toList();
  }

  private Optional<Exact> middle() {
    measure = Measures.MEDIAN;
    List<Exact> all = expanded();
    return all.size() % 2 == 1 || kind.equals("classes")
        ? Optional.empty()
        : Optional.of(all.get(all.size() / 2 - random.nextInt(2)));
  }

  /** How often the most frequent value stands. */
  private Optional<Exact> often() {
    return xs.stream()
        .map(x -> Exact.of(xs.stream().filter(x::equals).count()))
        .max(Exact::compareTo);
  }

  private Optional<Exact> oneValue() {
    measure =
        one(
            List.of(
                Measures.MEAN,
                Measures.MEDIAN,
                Measures.VARIANCE,
                Measures.SD,
                Measures.Q1,
                Measures.CV));
    int at = random.nextInt(xs.size());
    Exact value = xs.get(at);
    List<Exact> values = new ArrayList<>(xs);
    List<Exact> frequencies = new ArrayList<>(fs);
    String text = plain(value);
    switch (code) {
      case "value-left-out" -> {
        values.remove(at);
        frequencies.remove(at);
        params = Map.of("value", text);
      }
      case "value-twice" -> {
        frequencies.set(at, frequencies.get(at).times(2));
        params = Map.of("value", text);
      }
      default -> {
        Optional<Exact> other = code.equals("point-moved") ? moved(value) : swapped(text);
        if (other.isEmpty()) {
          return Optional.empty();
        }
        values.set(at, other.get());
        params = Map.of("value", text, "as", plain(other.get()));
      }
    }
    List<Exact> all = new ArrayList<>();
    for (int i = 0; i < values.size(); i++) {
      for (int times = frequencies.get(i).numerator().intValueExact(); times > 0; times--) {
        all.add(values.get(i));
      }
    }
    return number(Computation.of(new Sample(Values.of(all)), rules).result(measure));
  }

  private static String plain(Exact value) {
    return value.rounded(6, Rounding.HALF_UP).stripTrailingZeros().toPlainString();
  }

  private Optional<Exact> moved(Exact value) {
    return Optional.of(random.nextBoolean() ? value.times(10) : value.over(10));
  }

  private Optional<Exact> swapped(String text) {
    String digits = text.replace(".", "");
    int at = random.nextInt(digits.length() - 1);
    char first = digits.charAt(at);
    char second = digits.charAt(at + 1);
    if (first == second || (at == 0 && second == '0')) {
      return Optional.empty();
    }
    String changed = digits.substring(0, at) + second + first + digits.substring(at + 2);
    int places = text.contains(".") ? text.length() - text.indexOf('.') - 1 : 0;
    return Optional.of(Exact.of(new BigDecimal(changed).movePointLeft(places)));
  }

  private Optional<Exact> ignored() {
    measure = one(List.of(Measures.MEAN, Measures.VARIANCE, Measures.SD, Measures.MEAN_DEVIATION));
    return number(Computation.of(new Sample(Values.of(xs)), rules).result(measure));
  }

  private Optional<Exact> byClasses() {
    measure = one(List.of(Measures.MEAN, Measures.VARIANCE, Measures.SD));
    Exact rows = Exact.of(xs.size());
    if (measure == Measures.MEAN) {
      return Optional.of(sumOf(xs).over(rows));
    }
    boolean less = rules.get(Rule.DIVISOR) == Divisor.N_MINUS_1 && random.nextBoolean();
    return asAsked(powers(mean(), 2).over(less ? rows.minus(Exact.ONE) : rows));
  }

  private Optional<Exact> midpoints() {
    measure = one(List.of(Measures.MEAN, Measures.VARIANCE, Measures.SD, Measures.CV));
    List<ClassTable.Row> rows = ((ClassTable) data).rows();
    Exact half = Exact.of(1, 2);
    xs =
        switch (code) {
          case "lower-limits-used" -> rows.stream().map(r -> r.lower().orElseThrow()).toList();
          case "upper-limits-used" -> rows.stream().map(r -> r.upper().orElseThrow()).toList();
          default -> xs.stream().map(half::plus).toList();
        };
    return switch (measure.key()) {
      case "mean" -> Optional.of(mean());
      case "cv" -> Optional.of(variance().sqrt().times(100).over(mean()));
      default -> asAsked(variance());
    };
  }

  /** Slips in L + (t − F)/f · h. */
  private Optional<Exact> ofClass() {
    measure = one(List.of(Measures.MEDIAN, Measures.Q1, Measures.Q3));
    ClassTable table = (ClassTable) data;
    Exact sought = n().times(quarters()).over(4);
    Exact before = Exact.ZERO;
    int at = 0;
    while (before.plus(fs.get(at)).compareTo(sought) < 0) {
      before = before.plus(fs.get(at));
      at++;
    }
    if (code.equals("neighbour-class")) {
      int beside = random.nextBoolean() ? at + 1 : at - 1;
      if (beside < 0 || beside >= fs.size()) {
        return Optional.empty();
      }
      before = beside > at ? before.plus(fs.get(at)) : before.minus(fs.get(beside));
      at = beside;
    }
    ClassTable.Interval interval = table.intervals(false).get(at);
    ClassTable.Row row = table.rows().get(at);
    Exact from = interval.lower().orElseThrow();
    Exact width = interval.width().orElseThrow();
    switch (code) {
      case "limit-not-boundary" -> from = row.lower().orElseThrow();
      case "width-from-limits" ->
          width = row.upper().orElseThrow().minus(row.lower().orElseThrow());
      case "own-class-cumulated" -> before = before.plus(fs.get(at));
      default -> {
        // The neighbour is read rightly.
      }
    }
    return Optional.of(from.plus(sought.minus(before).over(fs.get(at)).times(width)));
  }
}
