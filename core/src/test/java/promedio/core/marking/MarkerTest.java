package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.ByCode;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.entry.TypedValues;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.number.Rounding;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;

/** What answers to small questions tell, each worked out by hand. */
class MarkerTest {

  private static final String WEIGHTS = "12 15 11 20 17";
  private static final String TABLE = "1 4\n2 7\n3 9";
  private static final String CLASSES = "10–19 5\n20–29 8\n30–39 4";

  private static Data data(String text) {
    Source source =
        text.contains("–")
            ? new Source.ClassesText(text)
            : text.contains("\n") ? new Source.TableText(text) : new Source.ValuesText(text);
    return source.read(DecimalSign.POINT).data();
  }

  private static Mark mark(String text, String measure, String answer, String... rules) {
    CourseRules course = CourseRules.DEFAULTS;
    for (String rule : rules) {
      course = ByCode.with(course, rule.split("=", -1)[0], rule.split("=", -1)[1]);
    }
    return Marker.of(Problem.of(data(text), course, Measures.ofKey(measure).orElseThrow()))
        .mark(answer, DecimalSign.POINT);
  }

  private static List<String> codes(Mark mark) {
    return mark.explanations().stream().map(e -> e.cause().code()).toList();
  }

  @ParameterizedTest
  @CsvSource({
    "mean, 15, AGREES",
    "mean, 15.00, AGREES",
    "mean, 30/2, AGREES",
    "variance, 13.5, AGREES",
    "variance, 13 1/2, AGREES",
    "variance, 27/2, AGREES",
    "sd, 3.67, AGREES",
    "sd, 3.674, AGREES",
    "sd, 3.7, AGREES_COARSER",
    "sd, 4, UNEXPLAINED",
    "cv, 24.49 %, AGREES",
    "modes, none, AGREES",
    "sd, three, UNREADABLE",
    "sd, 3.67 %, UNREADABLE",
    "sd, none, UNEXPLAINED",
    "sd, 99.87, UNEXPLAINED"
  })
  void rightAnswersAgreeAndAreNotExplained(String measure, String answer, Verdict verdict) {
    Mark mark = mark(WEIGHTS, measure, answer);

    assertThat(mark.verdict()).isEqualTo(verdict);
    assertThat(mark.explanations()).isEmpty();
  }

  @Test
  void aDecimalCommaIsReadWhereTheStudentWritesOne() {
    Problem problem = Problem.of(data(WEIGHTS), CourseRules.DEFAULTS, Measures.SD);

    assertThat(Marker.of(problem).mark("3,67", DecimalSign.COMMA).verdict())
        .isEqualTo(Verdict.AGREES);
    assertThat(codes(Marker.of(problem).mark("13,50", DecimalSign.COMMA)))
        .first()
        .isEqualTo("root-not-taken");
  }

  static Stream<List<String>> slips() {
    return Stream.of(
        // Another rule, or rounding.
        List.of(WEIGHTS, "variance", "10.80", "divisor", "value=n"),
        List.of(WEIGHTS, "q1", "11.00", "quartiles", ""),
        List.of(WEIGHTS, "q3", "17.00", "quartiles", ""),
        List.of("12 15 11 20 18", "variance", "14.75", "rounded-early", "step=mean"),
        List.of("12 15 11 20 18", "variance", "22.25", "rounded-early", "places=0"),
        List.of("1 2 2", "mean", "1.66", "truncated", ""),
        List.of("1 2 2", "mean", "1.68", "last-digit", ""),
        List.of("8 9", "modes", "8 9", "mode", "value=list-all"),
        List.of(CLASSES, "median", "24.50", "median-position", "value=(n+1)/2"),
        List.of(CLASSES, "modes", "24.50", "grouped-mode", "value=midpoint"),
        // Something else was given.
        List.of(WEIGHTS, "sd", "13.50", "root-not-taken", ""),
        List.of(WEIGHTS, "variance", "3.67", "root-taken", ""),
        List.of(WEIGHTS, "sd", "2.80", "deviations-not-squared", ""),
        List.of(WEIGHTS, "cv", "0.24", "percent-left-out", ""),
        List.of(WEIGHTS, "iqr", "3.50", "iqr-halved", ""),
        List.of(WEIGHTS, "quartile_deviation", "7.00", "iqr-not-halved", ""),
        List.of(WEIGHTS, "sd", "9.0", "other-measure", "measure=range"),
        List.of(WEIGHTS, "median", "3.00", "position-given", ""),
        List.of(WEIGHTS, "skewness", "-0.35", "sign-reversed", ""),
        List.of(CLASSES, "modes", "8", "frequency-given", ""),
        // Order, sums and single values.
        List.of("12 15 13 20 17", "median", "13.00", "not-sorted", ""),
        List.of("1 3 7 9", "median", "7", "middle-not-averaged", ""),
        List.of(WEIGHTS, "mean", "18.75", "count-off-by-one", ""),
        List.of(WEIGHTS, "variance", "294.75", "mean-square-not-subtracted", ""),
        List.of(WEIGHTS, "mean", "14.50", "value-left-out", "value=17"),
        List.of("12 15 11 20 17 23", "mean", "17.29", "value-twice", "value=23"),
        List.of(WEIGHTS, "mean", "16.80", "digits-swapped", "as=21"),
        List.of(WEIGHTS, "mean", "36.60", "point-moved", "as=120"),
        // Frequencies.
        List.of(TABLE, "mean", "2.00", "frequencies-ignored", ""),
        List.of(TABLE, "mean", "15.00", "divided-by-classes", ""),
        List.of(TABLE, "variance", "0.12", "squares-not-weighted", ""),
        List.of(TABLE, "variance", "44.20", "frequency-squared", ""),
        // Classes.
        List.of(CLASSES, "mean", "19.41", "lower-limits-used", ""),
        List.of(CLASSES, "mean", "28.41", "upper-limits-used", ""),
        List.of(CLASSES, "mean", "24.41", "gap-ignored", ""),
        List.of(CLASSES, "median", "24.38", "limit-not-boundary", ""),
        List.of(CLASSES, "median", "23.44", "width-from-limits", ""),
        List.of(CLASSES, "median", "13.88", "own-class-cumulated", ""),
        List.of(CLASSES, "median", "18.25", "neighbour-class", ""),
        List.of(CLASSES, "median", "26.50", "neighbour-class", ""));
  }

  @ParameterizedTest
  @MethodSource("slips")
  void theSlipThatGivesTheAnswerIsNamed(List<String> slip) {
    Mark mark = mark(slip.get(0), slip.get(1), slip.get(2));

    assertThat(codes(mark)).contains(slip.get(3));
    Explanation found = mark.explanations().get(codes(mark).indexOf(slip.get(3)));
    assertThat(mark.verdict())
        .isEqualTo(Verdict.explainedBy(mark.explanations().get(0).cause().kind()));
    if (!slip.get(4).isEmpty()) {
      String[] param = slip.get(4).split("=", 2);
      assertThat(List.of(found.params().getOrDefault(param[0], "").split(",", -1)))
          .contains(param[1]);
    }
  }

  @Test
  void aMeanRoundedEarlyIsFoundInATestWhateverTheCourseDividesBy() throws Exception {
    // x̄ = 12.74 and s = 4.3432…: (12.7 − 10)/(s/√5) = 1.3901…
    Data data =
        new Sample(
            Values.of(
                Stream.of("8.2", "10.1", "11.7", "14.3", "19.4")
                    .map(text -> Exact.of(new BigDecimal(text)))
                    .toList()));
    CourseRules population = CourseRules.DEFAULTS.with("divisor", "n").with("places", "4");
    Problem t = Problem.of(data, population, Measures.ofId("t_one 10").orElseThrow());

    Explanation best = Marker.of(t).mark("1.3901", DecimalSign.POINT).best().orElseThrow();

    assertThat(best.cause()).isEqualTo(Cause.ROUNDED_EARLY);
    assertThat(best.params()).containsEntry("step", "mean").containsEntry("places", "1");
  }

  @Test
  void variantsOfOneCauseAreOneExplanation() {
    Mark mark = mark("3 5 8 12 13 14 18 21 30", "q1", "8.00");

    assertThat(codes(mark)).doesNotHaveDuplicates().contains("quartiles");
    Explanation quartiles = mark.explanations().get(codes(mark).indexOf("quartiles"));
    assertThat(quartiles.params().get("value").split(",", -1)).hasSizeGreaterThan(1);
  }

  @Test
  void aSlipWithAValueKnowsWhichOneItWas() {
    Marker marker =
        Marker.of(
            Problem.of(
                TypedValues.read("12 15 11 20 17", DecimalSign.POINT).data(),
                CourseRules.DEFAULTS,
                Measures.MEAN));

    assertThat(marker.mark("13.75", DecimalSign.POINT).best().flatMap(Explanation::value))
        .contains(Exact.of(20));
    // 15 is the mean; 75 the sum, which is no value.
    assertThat(marker.mark("75", DecimalSign.POINT).best().flatMap(Explanation::value)).isEmpty();
  }

  @Test
  void whatSeveralSlipsExplainIsToldWithAllOfThem() {
    Mark mark = mark(WEIGHTS, "median", "11");

    assertThat(mark.verdict()).isEqualTo(Verdict.SLIP);
    assertThat(codes(mark)).contains("not-sorted", "other-measure").hasSizeLessThanOrEqualTo(5);
  }

  @Test
  void twoSlipsAreNamedTogetherOnlyWhereNoSingleOneExplains() {
    Mark both = mark(WEIGHTS, "sd", "10.80");

    assertThat(both.verdict()).isEqualTo(Verdict.SLIP);
    assertThat(both.best().orElseThrow().cause()).isEqualTo(Cause.ROOT_NOT_TAKEN);
    assertThat(both.best().orElseThrow().with().orElseThrow().cause()).isEqualTo(Cause.DIVISOR);
    assertThat(mark(WEIGHTS, "sd", "13.50").best().orElseThrow().with()).isEmpty();
  }

  @Test
  void anAnswerWrittenAsAFractionIsExplainedOnlyExactly() {
    assertThat(codes(mark(WEIGHTS, "variance", "54/5"))).contains("divisor");
    assertThat(codes(mark("1 2 2", "mean", "166/100"))).doesNotContain("truncated");
  }

  @Test
  void theFewerDigitsTheMoreCouldBeChance() {
    String many = "131 118 139 126 144 121 137 129 152 134 127 141";
    Exact coarse = mark(many, "mean", "140").chance().orElseThrow();
    Exact fine = mark(many, "mean", "133.471").chance().orElseThrow();

    assertThat(coarse).isGreaterThan(fine);
    assertThat(coarse).isLessThanOrEqualTo(Exact.ONE);
    assertThat(mark("-1 0 1", "mean", "5").chance()).isEmpty();
  }

  @Test
  void aNoneIsRightByTheRuleThatGivesNone() {
    Mark mark = mark("8 9", "modes", "none", "mode=list-all");

    assertThat(mark.verdict()).isEqualTo(Verdict.OTHER_RULE);
    assertThat(mark.best().orElseThrow().params())
        .isEqualTo(Map.of("value", "none-when-all-equal"));
  }

  @Test
  void aGapIgnoredRanksBeforeMidpointsThatRoundToTheSame() {
    assertThat(codes(mark(CLASSES, "mean", "24.41"))).startsWith("gap-ignored", "rounded-early");
  }

  @Test
  void anOpenClassIsTakenAsWideAsItsNeighbourByAnotherRule() {
    String open = "10–19 5\n20–29 8\n30 and over 4";

    assertThat(mark(open, "mean", "none").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(mark(open, "mean", "23.91").best().orElseThrow().cause())
        .isEqualTo(Cause.OPEN_CLASS);
  }

  @Test
  void ofAHugeSampleOnlyRulesAndMixUpsAreLookedFor() {
    long[] values = new long[50_000];
    for (int i = 0; i < values.length; i++) {
      values[i] = i;
    }
    Problem problem =
        Problem.of(
            new Sample(Values.ofDecimals(values, 0)), CourseRules.DEFAULTS, Measures.VARIANCE);
    String population =
        problem
            .under(ByCode.with(problem.rules(), "divisor", "n"))
            .right()
            .number()
            .orElseThrow()
            .rounded(2, Rounding.HALF_UP)
            .toPlainString();

    assertThat(codes(Marker.of(problem).mark(population, DecimalSign.POINT)))
        .containsExactly("divisor");
  }

  @Test
  void nothingIsExplainedWithoutValues() {
    Problem problem =
        Problem.of(new Sample(Values.of(List.of())), CourseRules.DEFAULTS, Measures.MEAN);

    assertThat(Marker.of(problem).mark("3", DecimalSign.POINT).verdict())
        .isEqualTo(Verdict.UNEXPLAINED);
    assertThat(Marker.of(problem).mark("none", DecimalSign.POINT).verdict())
        .isEqualTo(Verdict.AGREES);
  }

  @ParameterizedTest
  @CsvSource({
    "118, 181",
    "12.5, 21.5 15.2",
    "102, 120",
    "0.25, 2.05 0.52",
    "-34, -43",
    "7, ''",
    "33, ''"
  })
  void neighbouringDigitsAreSwappedWithoutALeadingZero(String value, String expected) {
    List<String> swapped =
        DigitSwaps.of(Exact.of(new BigDecimal(value))).stream().map(PlainText::of).toList();

    assertThat(String.join(" ", swapped)).isEqualTo(expected);
  }

  @ParameterizedTest
  @CsvSource({"1570, '1,570'", "1.57, '1,570'", "-1570, '-1,570'", "-1.57, '−1,570'"})
  void whatCanBeMeantInTwoWaysCountsAsTheRightOne(String mean, String answer) {
    Sample sample = new Sample(Values.of(List.of(Exact.of(new BigDecimal(mean)))));
    Marker marker = Marker.of(Problem.of(sample, CourseRules.DEFAULTS, Measures.MEAN));

    assertThat(marker.mark(answer, DecimalSign.POINT).verdict()).isEqualTo(Verdict.AGREES);
    assertThat(marker.mark("7,321", DecimalSign.POINT).verdict()).isEqualTo(Verdict.UNEXPLAINED);
  }

  @Test
  void aTrimmedMeanOfVeryManyValuesIsMarkedAtOnce() throws BadInputException {
    FrequencyTable many =
        FrequencyTable.read(
            List.of(
                new FrequencyTable.Row(Exact.of(1), Exact.of(3_000_000_000L)),
                new FrequencyTable.Row(Exact.of(5), Exact.of(400_000))),
            0);
    Request trimmed = new Request(Measures.TRIMMED_MEAN, List.of(Exact.of(1, 10)));

    assertThat(
            Marker.of(Problem.of(many, CourseRules.DEFAULTS, trimmed))
                .mark("1.75", DecimalSign.POINT)
                .verdict())
        .isEqualTo(Verdict.UNEXPLAINED);
  }
}
