package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/**
 * Answers about pairs, groups and counts with a slip in them, each computed by plain arithmetic
 * beside the program, and how often the slip is named first.
 */
class SeveralMarkingTest {

  private static final int EACH = Integer.getInteger("promedio.scores", 8);
  private static final int PLACES = 4;
  private static final CourseRules RULES = CourseRules.DEFAULTS.with(Rule.PLACES, PLACES);

  private final Random random = new Random(29);
  private final Map<String, int[]> scores = new LinkedHashMap<>();

  private double[] numbers(int n) {
    return IntStream.range(0, n).mapToDouble(i -> (100 + random.nextInt(400)) / 10.0).toArray();
  }

  private static Values values(double[] numbers) {
    List<Exact> exact = new ArrayList<>();
    for (double number : numbers) {
      exact.add(Exact.of(BigDecimal.valueOf(Math.round(number * 10), 1)));
    }
    return Values.of(exact);
  }

  private static double mean(double[] numbers) {
    return IntStream.range(0, numbers.length).mapToDouble(i -> numbers[i]).sum() / numbers.length;
  }

  private static double products(double[] x, double[] y) {
    double meanX = mean(x);
    double meanY = mean(y);
    return IntStream.range(0, x.length).mapToDouble(i -> (x[i] - meanX) * (y[i] - meanY)).sum();
  }

  /** A pair of samples with what a hand makes of them. */
  private static final class Xy {

    private final double[] x;
    private final double[] y;

    Xy(double[] x, double[] y) {
      this.x = x;
      this.y = y;
    }

    double[] x() {
      return x;
    }

    double[] y() {
      return y;
    }

    double sxx() {
      return products(x, x);
    }

    double syy() {
      return products(y, y);
    }

    double sxy() {
      return products(x, y);
    }

    int n() {
      return x.length;
    }

    double[] differences() {
      return IntStream.range(0, x.length).mapToDouble(i -> x[i] - y[i]).toArray();
    }

    double sdOfDifferences() {
      return Math.sqrt(products(differences(), differences()) / (n() - 1));
    }
  }

  private void mark(Data data, String key, String code, double wrong) {
    Problem problem = Problem.of(data, RULES, Measures.ofKey(key).orElseThrow());
    String answer = BigDecimal.valueOf(wrong).setScale(PLACES, RoundingMode.HALF_UP).toString();
    Mark mark = Marker.of(problem).mark(answer, DecimalSign.POINT);
    if (mark.agrees()) {
      return;
    }
    List<String> found = mark.explanations().stream().map(each -> each.cause().code()).toList();
    int[] score = scores.computeIfAbsent(key + " " + code, k -> new int[3]);
    score[0]++;
    score[1] += !found.isEmpty() && found.get(0).equals(code) ? 1 : 0;
    score[2] += found.stream().limit(3).anyMatch(code::equals) ? 1 : 0;
  }

  @Test
  void whatWasRoundedEarlyIsFoundAtTheStepThatFindsItAndNotAtOneOfTheSameName() {
    List<Groups.Group> groups =
        List.of(
            new Groups.Group("A", sample("8", "11", "15")),
            new Groups.Group("B", sample("9", "14", "22", "23")));
    Problem sd = Problem.of(new Groups(groups), RULES, Measures.ofKey("combined_sd").orElseThrow());
    Exact variance =
        sd.computation().value(Request.of(Measures.ofKey("combined_variance").orElseThrow())).get();
    Exact early = Exact.of(variance.rounded(0, Rounding.HALF_UP));
    String answer = early.sqrt().rounded(PLACES, Rounding.HALF_UP).toPlainString();

    Explanation best = Marker.of(sd).mark(answer, DecimalSign.POINT).best().orElseThrow();

    assertThat(best.params()).containsEntry("step", "variance");
    assertThat(best.at().orElseThrow().id()).isEqualTo("combined_variance");
  }

  private static Sample sample(String... values) {
    return new Sample(Values.of(Stream.of(values).map(v -> Exact.of(new BigDecimal(v))).toList()));
  }

  private void markPairs(String key, String code, ToDoubleFunction<Xy> wrong) {
    for (int i = 0; i < EACH; i++) {
      int n = 6 + random.nextInt(5);
      Xy data = new Xy(numbers(n), numbers(n));
      mark(Pairs.of(values(data.x()), values(data.y())), key, code, wrong.applyAsDouble(data));
    }
  }

  private void markGroups(String key, String code, ToDoubleFunction<List<double[]>> wrong) {
    for (int i = 0; i < EACH; i++) {
      List<double[]> groups = List.of(numbers(5), numbers(7), numbers(4));
      List<Groups.Group> named = new ArrayList<>();
      for (double[] group : groups) {
        named.add(new Groups.Group("g" + named.size(), new Sample(values(group))));
      }
      mark(new Groups(named), key, code, wrong.applyAsDouble(groups));
    }
  }

  private void markCounts(String key, String code, ToDoubleFunction<double[][]> wrong)
      throws Exception {
    for (int i = 0; i < EACH; i++) {
      double[][] counts = new double[2][3];
      List<List<Exact>> exact = new ArrayList<>();
      for (double[] row : counts) {
        List<Exact> line = new ArrayList<>();
        for (int column = 0; column < row.length; column++) {
          row[column] = 10 + random.nextInt(60);
          line.add(Exact.of((long) row[column]));
        }
        exact.add(line);
      }
      CrossTable table = CrossTable.read(List.of(), List.of(), exact, 0);
      mark(table, key, code, wrong.applyAsDouble(counts));
    }
  }

  private static double chi(double[][] counts, Cell cell) {
    double n = 0;
    double[] rows = new double[counts.length];
    double[] columns = new double[counts[0].length];
    for (int i = 0; i < rows.length; i++) {
      for (int j = 0; j < columns.length; j++) {
        n += counts[i][j];
        rows[i] += counts[i][j];
        columns[j] += counts[i][j];
      }
    }
    double sum = 0;
    for (int i = 0; i < rows.length; i++) {
      for (int j = 0; j < columns.length; j++) {
        sum += cell.of(counts[i][j], rows[i] * columns[j] / n);
      }
    }
    return sum;
  }

  private interface Cell {
    double of(double observed, double expected);
  }

  private static double within(List<double[]> groups) {
    return groups.stream().mapToDouble(group -> products(group, group)).sum();
  }

  private static double[] all(List<double[]> groups) {
    return groups.stream().flatMapToDouble(Arrays::stream).toArray();
  }

  private static double between(List<double[]> groups) {
    return products(all(groups), all(groups)) - within(groups);
  }

  private void makeSlips() throws Exception {
    markPairs("covariance", "divisor", d -> d.sxy() / d.n());
    markPairs("slope", "axes-swapped", d -> d.sxy() / d.syy());
    markPairs("intercept", "sign-reversed", d -> mean(d.y()) + d.sxy() / d.sxx() * mean(d.x()));
    markPairs("correlation", "root-not-taken", d -> d.sxy() / (d.sxx() * d.syy()) * (d.n() - 1));
    markPairs(
        "residual_sd",
        "root-not-taken",
        d -> (d.syy() - d.sxy() * d.sxy() / d.sxx()) / (d.n() - 2));
    markPairs("difference_mean", "sign-reversed", d -> -mean(d.differences()));
    markPairs(
        "t_paired", "sd-for-standard-error", d -> mean(d.differences()) / d.sdOfDifferences());
    markPairs(
        "t_paired", "n-not-rooted", d -> mean(d.differences()) / (d.sdOfDifferences() / d.n()));
    markPairs("t_paired_df", "df-off-by-one", d -> d.n());
    markGroups(
        "combined_mean",
        "means-averaged",
        g -> g.stream().mapToDouble(SeveralMarkingTest::mean).sum() / g.size());
    markGroups("pooled_sd", "root-not-taken", g -> within(g) / (all(g).length - g.size()));
    markGroups(
        "pooled_variance",
        "variances-averaged",
        g -> g.stream().mapToDouble(x -> products(x, x) / (x.length - 1)).sum() / g.size());
    markGroups("combined_variance", "between-left-out", g -> within(g) / (all(g).length - 1));
    markGroups("f", "sums-not-divided", g -> between(g) / within(g));
    markGroups(
        "f",
        "f-turned",
        g -> within(g) / (all(g).length - g.size()) / (between(g) / (g.size() - 1)));
    markCounts("chi_squared", "divided-by-observed", c -> chi(c, (o, e) -> (o - e) * (o - e) / o));
    markCounts("chi_squared", "not-divided", c -> chi(c, (o, e) -> (o - e) * (o - e)));
    markCounts("chi_squared", "not-squared", c -> chi(c, (o, e) -> Math.abs(o - e) / e));
    markCounts(
        "chi_squared",
        "percentages-used",
        c -> chi(c, (o, e) -> (o - e) * (o - e) / e) * 100 / chi(c, (o, e) -> o));
  }

  @Test
  void theSlipThatWasMadeIsNamedFirstInMostAnswers() throws Exception {
    makeSlips();

    int made = scores.values().stream().mapToInt(score -> score[0]).sum();
    int first = scores.values().stream().mapToInt(score -> score[1]).sum();
    int firstThree = scores.values().stream().mapToInt(score -> score[2]).sum();
    if (EACH > 8) {
      scores.forEach((slip, score) -> System.out.println(slip + " " + Arrays.toString(score)));
      System.out.println("first " + first + ", first three " + firstThree + " of " + made);
    }
    assertThat(made).isGreaterThan(19 * EACH * 9 / 10);
    assertThat(first / (double) made).isGreaterThan(0.9);
    assertThat(firstThree / (double) made).isGreaterThan(0.98);
  }

  @Test
  void aRightAnswerIsNeverCalledWrong() {
    Pairs pairs = Pairs.of(values(numbers(9)), values(numbers(9)));
    Groups groups =
        new Groups(
            List.of(
                new Groups.Group("a", new Sample(values(numbers(5)))),
                new Groups.Group("b", new Sample(values(numbers(6))))));
    for (Data data : List.of(pairs, groups)) {
      for (Measure measure : Measures.of(data)) {
        Problem problem = Problem.of(data, RULES, Request.of(measure));
        Result right = problem.right();
        String answer =
            right instanceof Result.Estimated p
                ? p.value().rounded(PLACES, Rounding.HALF_UP).toPlainString()
                : right.number().orElseThrow().rounded(PLACES, Rounding.HALF_UP).toPlainString();
        assertThat(Marker.of(problem).mark(answer, DecimalSign.POINT).verdict())
            .as(measure.key())
            .isEqualTo(Verdict.AGREES);
      }
    }
  }

  @Test
  void fewRandomNumbersOfFourDigitsAreExplained() {
    int explained = 0;
    int asked = 0;
    for (int i = 0; i < 12 * EACH; i++) {
      int n = 8 + random.nextInt(5);
      Pairs pairs = Pairs.of(values(numbers(n)), values(numbers(n)));
      List<String> keys = List.of("covariance", "slope", "correlation", "difference_sd");
      Problem problem =
          Problem.of(pairs, RULES, Measures.ofKey(keys.get(i % keys.size())).orElseThrow());
      double right = problem.right().number().orElseThrow().significant(9).doubleValue();
      BigDecimal near =
          BigDecimal.valueOf(right * (0.8 + 0.4 * random.nextDouble())).round(new MathContext(4));
      Mark mark = Marker.of(problem).mark(near.toPlainString(), DecimalSign.POINT);
      if (!mark.agrees()) {
        asked++;
        explained += mark.explanations().isEmpty() ? 0 : 1;
      }
    }
    if (EACH > 8) {
      System.out.println("false alarms " + explained + " of " + asked);
    }
    assertThat(explained / (double) asked).isLessThan(0.08);
  }

  @Test
  void aSmallPValueMayBeAnsweredByABound() throws Exception {
    CrossTable table =
        CrossTable.read(
            List.of(),
            List.of(),
            List.of(List.of(Exact.of(90), Exact.of(10)), List.of(Exact.of(20), Exact.of(80))),
            0);
    Problem problem = Problem.of(table, RULES, Measures.ofKey("chi_squared_p").orElseThrow());
    Marker marker = Marker.of(problem);

    assertThat(marker.mark("< 0.0001", DecimalSign.POINT).verdict()).isEqualTo(Verdict.AGREES);
    assertThat(marker.mark("<0,05", DecimalSign.COMMA).verdict()).isEqualTo(Verdict.AGREES_COARSER);
    assertThat(marker.mark("0.31", DecimalSign.POINT).agrees()).isFalse();
  }

  private static Problem decision() {
    Data apart =
        new Groups(
            List.of(
                new Groups.Group("upper", new Sample(Values.ofDecimals(new long[] {8, 10, 12}, 0))),
                new Groups.Group(
                    "lower", new Sample(Values.ofDecimals(new long[] {20, 22, 24}, 0)))));
    Request p = Request.of(Measures.ofKey("t_two_p").orElseThrow());
    return Problem.of(Computation.of(apart, RULES), p.decision());
  }

  @ParameterizedTest
  @CsvSource({
    "reject H₀, AGREES",
    "do not reject H₀, UNEXPLAINED",
    "0.0018, UNREADABLE",
    "se rechaza H₀, AGREES"
  })
  void whatAPValueDecidesIsAQuestionOfItsOwn(String answer, Verdict verdict) {
    assertThat(Marker.of(decision()).mark(answer, DecimalSign.POINT).verdict()).isEqualTo(verdict);
  }

  @ParameterizedTest
  @CsvSource({
    "reject H₀, 0.03, true",
    "reject H₀, < 0.05, true",
    "reject H₀, < 0.1, false",
    "reject H₀, 0.3, false",
    "do not reject H₀, 0.3, true",
    "do not reject H₀, < 0.05, false",
    "do not reject H₀, three, false",
    "0.3, 0.3, false"
  })
  void aDecisionMayFollowFromTheStudentsOwnP(String decided, String own, boolean follows) {
    assertThat(new Agreement(RULES, DecimalSign.POINT).follows(decision().request(), decided, own))
        .isEqualTo(follows);
  }

  @ParameterizedTest
  @CsvSource({
    "reject, 0.05, AGREES",
    "Do not reject, 0.05, UNEXPLAINED",
    "reject H0, 0.01, UNEXPLAINED",
    "don’t reject, 0.01, AGREES",
    "not significant, 0.01, AGREES"
  })
  void aDecisionAtTheLevelOfTheCourseIsAnAnswerToo(String answer, String alpha, Verdict verdict) {
    CourseRules rules = CourseRules.DEFAULTS.with(Rule.ALPHA, new BigDecimal(alpha));
    Data groups =
        new Groups(
            List.of(
                new Groups.Group("upper", new Sample(Values.ofDecimals(new long[] {8, 10, 12}, 0))),
                new Groups.Group(
                    "middle", new Sample(Values.ofDecimals(new long[] {20, 22, 24}, 0))),
                new Groups.Group(
                    "lower", new Sample(Values.ofDecimals(new long[] {9, 11, 16, 20}, 0)))));
    Request p = Request.of(Measures.ofKey("f_p").orElseThrow());

    // p is 0.0124.
    assertThat(
            Marker.of(Problem.of(Computation.of(groups, rules), p))
                .mark(answer, DecimalSign.POINT)
                .verdict())
        .isEqualTo(verdict);
  }
}
