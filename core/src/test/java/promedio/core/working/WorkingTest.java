package promedio.core.working;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

class WorkingTest {

  private static final Sample CRATES = new Sample(Values.ofDecimals(new long[] {8, 10, 11, 11}, 0));

  private static Working working(CourseRules rules, Measure measure, Method method) {
    return Working.of(CRATES, rules, measure, method).orElseThrow();
  }

  private static List<String> lines(Working working) {
    return working.steps().stream().map(WorkingTest::line).toList();
  }

  private static String line(WorkingStep step) {
    if (step instanceof WorkingStep.Computed computed) {
      return computed.left().plain(Exact::toString)
          + " = "
          + computed.numbers().plain(Exact::toString)
          + " = "
          + computed.carried();
    }
    if (step instanceof WorkingStep.Given agreed) {
      return agreed.left().plain(Exact::toString)
          + " := "
          + agreed.numbers().plain(Exact::toString);
    }
    if (step instanceof WorkingStep.Seen seen) {
      return seen.about().code() + " " + seen.numbers();
    }
    WorkingStep.InOrder list = (WorkingStep.InOrder) step;
    StringBuilder line = new StringBuilder();
    for (int position = 1; position <= list.values().size(); position++) {
      String value = list.values().get(position - 1).toString();
      line.append(line.isEmpty() ? "" : " ")
          .append(
              !list.isLookedAt(position)
                  ? "(" + value + ")"
                  : list.isKept(position) ? "[" + value + "]" : value);
    }
    return line.toString();
  }

  private static List<Exact> carried(Working working) {
    return working.steps().stream()
        .filter(WorkingStep.Computed.class::isInstance)
        .map(step -> (Exact) ((WorkingStep.Computed) step).carried())
        .toList();
  }

  @Test
  void theVarianceByDeviationsFindsTheMeanFirst() {
    Working working = working(CourseRules.DEFAULTS, Measures.VARIANCE, Method.DEFINITION);

    assertThat(lines(working))
        .containsExactly(
            "Σx = 8 + 10 + 11 + 11 = 40",
            "n = 4 = 4",
            "x̄ = 40 / 4 = 10",
            "Σ(x − x̄)² = 6 = 6",
            "s² = 6 / (4 − 1) = 2");
    WorkTable table = working.table().orElseThrow();
    assertThat(table.columns())
        .extracting(column -> column.plain(Exact::toString))
        .containsExactly("x", "x − x̄", "(x − x̄)²");
    assertThat(table.rows().get(0)).containsExactly(Exact.of(8), Exact.of(-2), Exact.of(4));
    assertThat(table.totalOfDeviations()).contains(Exact.ZERO);
  }

  @Test
  void theShortcutNeedsNoDeviations() {
    Working working = working(CourseRules.DEFAULTS, Measures.SD, Method.SHORTCUT);

    assertThat(lines(working))
        .startsWith("Σx = 8 + 10 + 11 + 11 = 40", "Σx² = 406 = 406")
        .endsWith("s = √((406 − 40² / 4) / (4 − 1)) = sqrt(2)");
    assertThat(((WorkingStep.Computed) working.steps().get(3)).symbols().plain(Exact::toString))
        .isEqualTo("√((Σx² − (Σx)² / n) / (n − 1))");
    assertThatThrownBy(() -> working(CourseRules.DEFAULTS, Measures.MEAN, Method.SHORTCUT))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /** As a book does it that rounds every step to two places. */
  @Test
  void withEveryStepRoundedTheFollowingGoOnWithWhatWasRounded() {
    CourseRules rules = ByCode.with(CourseRules.DEFAULTS, "carry", "2");
    Sample sample = new Sample(Values.ofDecimals(new long[] {8, 10, 12, 11, 9, 13, 10}, 0));

    Working working = Working.of(sample, rules, Measures.VARIANCE, Method.DEFINITION).orElseThrow();

    // Σx/7 = 73/7 = 10.43; the squares 5.90 + 2.04 + 0.18 + 0.18 + 0.32 + 2.46 + 6.60 = 17.68.
    assertThat(carried(working))
        .containsExactly(
            Exact.of(73),
            Exact.of(7),
            Exact.of(1043, 100),
            Exact.of(1768, 100),
            Exact.of(295, 100));
    assertThat(working.exact()).containsExactly(Exact.of(62, 21));
    assertThat(working.table().orElseThrow().totalOfDeviations()).contains(Exact.of(-1, 100));
  }

  @Test
  void inATableWithFrequenciesOnlyWhatIsWeightedHasATotal() {
    FrequencyTable table =
        FrequencyTable.of(
            List.of(
                new FrequencyTable.Row(Exact.of(3), Exact.of(12)),
                new FrequencyTable.Row(Exact.of(4), Exact.of(8))),
            0);

    WorkTable work =
        Working.of(table, CourseRules.DEFAULTS, Measures.VARIANCE, Method.DEFINITION)
            .flatMap(Working::table)
            .orElseThrow();

    assertThat(work.totals())
        .containsExactly(
            Optional.empty(),
            Optional.of(Exact.of(20)),
            Optional.of(Exact.of(68)),
            Optional.empty(),
            // The deviations cancel where each is counted so often as its value stands.
            Optional.of(Exact.ZERO),
            Optional.empty(),
            Optional.of(Exact.of(24, 5)));
  }

  @Test
  void whatHasNoValueOrNoFormulaHasNoWorking() {
    Sample one = new Sample(Values.ofDecimals(new long[] {8}, 0));

    assertThat(Working.of(one, CourseRules.DEFAULTS, Measures.VARIANCE, Method.DEFINITION))
        .isEmpty();
  }

  @Test
  void theQuartilesByHalvesTakeTheMiddleOfEachHalf() {
    Sample seven = sample(4, 7, 9, 10, 12, 15, 20);

    Working position = of(seven, CourseRules.DEFAULTS, Measures.Q3, Method.DEFINITION);
    Working crossed = of(seven, CourseRules.DEFAULTS, Measures.Q3, Method.CROSSING_OFF);
    CourseRules shared = ByCode.with(CourseRules.DEFAULTS, "quartiles", "halves-with-median");

    assertThat(lines(position))
        .containsExactly(
            "[4] [7] [9] [10] [12] [15] [20]",
            "n = 7 = 7",
            "k = (7 − 1) / 2 = 3",
            "pos = 7 − 3 + (3 + 1) / 2 = 6",
            "Q₃ = 15 = 15");
    assertThat(lines(crossed)).containsExactly("(4) (7) (9) (10) 12 [15] 20", "Q₃ = 15 = 15");
    assertThat(crossed.steps().get(0).why()).contains(Why.HALVES_WITHOUT_MEDIAN);
    assertThat(lines(of(seven, shared, Measures.Q1, Method.CROSSING_OFF)))
        .containsExactly("4 [7] [9] 10 (12) (15) (20)", "Q₁ = (7 + 9) / 2 = 8");
  }

  @Test
  void thePositionOfAQuartileIsToldByEachRule() {
    Sample six = sample(4, 7, 9, 10, 12, 15);

    assertThat(lines(of(six, quartiles("hf6"), Measures.Q1, Method.DEFINITION)))
        .containsExactly(
            "[4] [7] [9] [10] [12] [15]",
            "n = 6 = 6",
            "pos = (6 + 1) · 1/4 = 7/4",
            "between [7/4, 1, 3/4, 2]",
            "Q₁ = 4 + 3/4 · (7 − 4) = 25/4");
    assertThat(lines(of(six, quartiles("hf2"), Measures.Q1, Method.DEFINITION)))
        .contains("pos = 6 · 1/4 = 3/2", "taken-up [3/2, 2]", "Q₁ = 7 = 7");
    assertThat(lines(of(six, quartiles("hf3"), Measures.Q1, Method.DEFINITION)))
        .contains("nearest [3/2, 2]");
    assertThat(lines(of(sample(4, 7), quartiles("hf6"), Measures.Q1, Method.DEFINITION)))
        .contains("held [3/4, 1]");
    assertThat(lines(of(sample(4, 7, 9, 10), quartiles("hf2"), Measures.Q1, Method.DEFINITION)))
        .contains("whole-averaged [1, 2]", "Q₁ = (4 + 7) / 2 = 11/2");
  }

  @Test
  void theMedianOfATableIsWhereTheCumulativeFrequencyReachesIt() {
    FrequencyTable baskets = table(3, 4, 4, 3, 5, 1);

    Working working =
        Working.of(baskets, CourseRules.DEFAULTS, Measures.MEDIAN, Method.CUMULATIVE).orElseThrow();

    assertThat(lines(working))
        .containsExactly(
            "Σf = 8 = 8",
            "pos = (8 + 1) / 2 = 9/2",
            "first-to-reach [4, 4, 3]",
            "first-to-reach [5, 7, 4]",
            "Md = (3 + 4) / 2 = 7/2");
    assertThat(columns(working)).containsExactly("x", "f", "F");
  }

  @Test
  void anAssumedMeanMakesTheNumbersSmaller() {
    Sample weights = sample(110, 120, 120, 140, 150);

    assertThat(lines(of(weights, CourseRules.DEFAULTS, Measures.MEAN, Method.ASSUMED_MEAN)))
        .containsExactly(
            "A := 120", "d := x − 120", "Σd = 40 = 40", "n = 5 = 5", "x̄ = 120 + 40 / 5 = 128");
    Working steps = of(weights, CourseRules.DEFAULTS, Measures.VARIANCE, Method.STEP);
    assertThat(lines(steps))
        .contains("h := 10", "u := (x − 120) / 10", "Σu² = 14 = 14")
        .endsWith("s² = 10² · (14 − 4² / 5) / (5 − 1) = 270");
    assertThat(columns(steps)).containsExactly("x", "u", "u²");
    Assumed own = new Assumed(Exact.of(130), Exact.of(5));
    assertThat(
            Working.of(weights, CourseRules.DEFAULTS, Request.of(Measures.MEAN), Method.STEP, own)
                .map(WorkingTest::lines)
                .orElseThrow())
        .contains("u := (x − 130) / 5")
        .endsWith("x̄ = 130 + 5 · (-2) / 5 = 128");
  }

  @Test
  void theModeIsSeenInTheFrequencies() {
    assertThat(lines(of(CRATES, CourseRules.DEFAULTS, Measures.MODES, Method.DEFINITION)))
        .containsExactly("mode [2, 11]");
    Working several = of(sample(3, 3, 5, 5, 9), CourseRules.DEFAULTS, Measures.MODES, def());
    assertThat(lines(several)).containsExactly("modes [2, 3, 5]");
    assertThat(several.results()).containsExactly(Exact.of(3), Exact.of(5));
    Working none = of(sample(3, 5), CourseRules.DEFAULTS, Measures.MODES, def());
    assertThat(lines(none)).containsExactly("no-mode [1]");
    assertThat(none.results()).isEmpty();
  }

  @Test
  void theGeometricMeanEndsWithARootOfTheProduct() {
    Working working = of(sample(2, 3, 4), CourseRules.DEFAULTS, Measures.GEOMETRIC_MEAN, def());

    WorkingStep.Computed last = (WorkingStep.Computed) working.steps().get(2);
    assertThat(last.numbers().plain(Exact::toString)).isEqualTo("³√(24)");
    // 24^(1/3) = 2.88449914061481676…
    assertThat(last.value().significant(15)).isEqualTo("2.88449914061482");
  }

  @Test
  void theGeometricMeanOfLongFractionsIsComputedButNotWorked() {
    Exact tiny = Exact.of(10).pow(-400);
    Sample sample = new Sample(Values.of(List.of(tiny, tiny, tiny, tiny, Exact.ONE)));

    assertThat(
            Computation.of(sample, CourseRules.DEFAULTS).result(Measures.GEOMETRIC_MEAN).number())
        .isPresent();
    assertThat(Working.of(sample, CourseRules.DEFAULTS, Measures.GEOMETRIC_MEAN, def())).isEmpty();
  }

  @Test
  void theTasksAboutANumberAreWorked() {
    Sample ten = sample(1, 2, 3, 4, 5, 6, 7, 8, 9, 100);

    assertThat(lines(request(ten, Request.of(Measures.TRIMMED_MEAN, Exact.of(1, 10)))))
        .contains("left-out [1, 1]", "1 [2] [3] [4] [5] [6] [7] [8] [9] 100")
        .endsWith("x̄ₜ = 44 / (10 − 2 · 1) = 11/2");
    assertThat(lines(request(ten, Request.of(Measures.PERCENTILE_RANK, Exact.of(4)))))
        .contains("below-and-equal [3, 4, 1]")
        .endsWith("PR = 100 · (3 + 1 / 2) / 10 = 35");
    assertThat(lines(request(ten, Request.of(Measures.PERCENTILE, Exact.of(90)))))
        .contains("pos = (10 + 1) · 9/10 = 99/10")
        .endsWith("P₉₀ = 9 + 9/10 · (100 − 9) = 909/10");
    assertThat(request(ten, Request.of(Measures.FIVE_NUMBERS)).results())
        .containsExactly(Exact.of(1), Exact.of(3), Exact.of(11, 2), Exact.of(8), Exact.of(100));
    assertThat(lines(request(sample(2, 4, 6), Request.of(Measures.Z_SCORE, Exact.of(7)))))
        .endsWith("z = (7 − 4) / 2 = 3/2");
    assertThat(lines(request(sample(2, 4, 6), Request.of(Measures.VALUE_OF_Z, Exact.of(3, 2)))))
        .endsWith("x₀ = 4 + 3/2 · 2 = 7");
    // The mean 10 and √2 cannot be added to one fraction or root.
    Working irrational = request(CRATES, Request.of(Measures.VALUE_OF_Z, Exact.ONE));
    assertThat(irrational.results().get(0).significant(15)).isEqualTo("11.4142135623731");
    assertThat(lines(request(sample(1, 2, 6), Request.of(Measures.MOMENT, Exact.of(3)))))
        .endsWith("m₃ = 18 / 3 = 6");
  }

  @Test
  void aDecileIsThePercentileOfTenTimesItsNumber() {
    Sample ten = sample(1, 2, 3, 4, 5, 6, 7, 8, 9, 100);
    for (int tenth = 1; tenth <= 9; tenth++) {
      String decile = "D" + (char) ('₀' + tenth);
      List<String> percentile =
          lines(request(ten, Request.of(Measures.PERCENTILE, Exact.of(10L * tenth))));
      assertThat(lines(request(ten, Request.of(Measures.DECILE, Exact.of(tenth)))))
          .as(decile)
          .isEqualTo(percentile.stream().map(l -> l.replaceFirst("^P[₀-₉]+", decile)).toList());
    }
  }

  @Test
  void aTaskThatMakesNoSenseHasNoWorking() {
    assertThat(working(CRATES, Request.of(Measures.TRIMMED_MEAN, Exact.of(1, 2)))).isEmpty();
    assertThat(working(sample(3, 3), Request.of(Measures.Z_SCORE, Exact.of(4)))).isEmpty();
    assertThatThrownBy(() -> new Assumed(Exact.ONE, Exact.ZERO))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @CsvSource({
    "percentile, 101, 101 does not lie from 0 to 100",
    "decile, 11, 11 does not lie from 0 to 10",
    "moment, 5, '5 is not one of 2, 3, 4'",
    "trimmed_mean, -1, -1 is too small; it must be at least 0"
  })
  void anArgumentThatMakesNoSenseIsRefusedInWords(String key, long argument, String why) {
    Measure measure = Measures.ofKey(key).orElseThrow();

    assertThat(Request.refusal(measure, List.of(Exact.of(argument))).map(Message::text))
        .contains(why);
    assertThat(Measures.ofId(key + " " + argument)).isEmpty();
  }

  @Test
  void eachTaskIsKnownByItsId() {
    for (Measure measure : Measures.others()) {
      List<Exact> arguments = measure.parameters().stream().map(p -> Exact.of(2)).toList();
      Request request = new Request(measure, arguments);
      assertThat(Measures.ofId(request.id())).contains(request);
    }
    assertThat(Measures.ofId("percentile")).isEmpty();
    assertThat(Measures.ofId("sd 2")).isEmpty();
    assertThat(Measures.ofId("sd")).contains(Request.of(Measures.SD));
    Request decision = Measures.ofId("z_one_p 9 2 decision").orElseThrow();
    assertThat(decision.id()).isEqualTo("z_one_p 9 2 decision");
    assertThat(Measures.ofId("z_one_p 9 2")).contains(decision.number());
    assertThat(Measures.ofId("sd decision")).isEmpty();
  }

  @Test
  void aStepKnowsItsColumns() {
    Working working = working(CourseRules.DEFAULTS, Measures.VARIANCE, Method.SHORTCUT);
    WorkTable table = working.table().orElseThrow();

    assertThat(columns(working)).containsExactly("x", "x²");
    assertThat(table.columnsOf(working.steps().get(1))).containsExactly(1);
    assertThat(table.columnsOf(working.steps().get(3))).containsExactlyInAnyOrder(0, 1);
  }

  private static Method def() {
    return Method.DEFINITION;
  }

  private static Sample sample(long... values) {
    return new Sample(Values.ofDecimals(values, 0));
  }

  private static FrequencyTable table(long... valuesAndFrequencies) {
    List<FrequencyTable.Row> rows = new ArrayList<>();
    for (int i = 0; i < valuesAndFrequencies.length; i += 2) {
      rows.add(
          new FrequencyTable.Row(
              Exact.of(valuesAndFrequencies[i]), Exact.of(valuesAndFrequencies[i + 1])));
    }
    return FrequencyTable.of(rows, 0);
  }

  private static CourseRules quartiles(String code) {
    return ByCode.with(CourseRules.DEFAULTS, "quartiles", code);
  }

  private static Working of(Data data, CourseRules rules, Measure measure, Method method) {
    return Working.of(data, rules, measure, method).orElseThrow();
  }

  private static Optional<Working> working(Data data, Request request) {
    return Working.of(data, CourseRules.DEFAULTS, request, Method.DEFINITION);
  }

  private static Working request(Data data, Request request) {
    return working(data, request).orElseThrow();
  }

  private static List<String> columns(Working working) {
    return working.table().orElseThrow().columns().stream()
        .map(column -> column.plain(Exact::toString))
        .toList();
  }

  @Property(tries = 60)
  void everyMethodEndsAtTheMeasureThatIsComputedOtherwise(
      @ForAll @Size(min = 1, max = 9) List<@IntRange(min = -30, max = 50) Integer> tenths,
      @ForAll QuantileRule quartiles,
      @ForAll Divisor divisor,
      @ForAll boolean asTable) {
    Data data =
        asTable
            ? FrequencyTable.of(
                tenths.stream()
                    .map(t -> new FrequencyTable.Row(Exact.of(t, 10), Exact.of(1 + (t & 3))))
                    .toList(),
                0)
            : new Sample(
                Values.ofDecimals(tenths.stream().mapToLong(Integer::longValue).toArray(), 1));
    CourseRules rules =
        CourseRules.DEFAULTS.with(Rule.QUARTILES, quartiles).with(Rule.DIVISOR, divisor);
    Computation measures = Computation.of(data, rules);
    for (Measure measure : Measures.all()) {
      for (Method method : Methods.of(Request.of(measure), rules)) {
        assertThat(results(Working.of(data, rules, measure, method)))
            .as(measure.key() + " by " + method.code())
            .isEqualTo(results(measures.result(measure)));
      }
    }
    for (Method method : Methods.of(Request.of(Measures.PERCENTILE, Exact.of(35)), rules)) {
      assertThat(
              results(
                  Working.of(data, rules, Request.of(Measures.PERCENTILE, Exact.of(35)), method)))
          .isEqualTo(results(measures.result(Request.of(Measures.PERCENTILE, Exact.of(35)))));
    }
    for (Method method : Methods.of(Request.of(Measures.TRIMMED_MEAN, Exact.of(1, 5)), rules)) {
      assertThat(
              results(
                  Working.of(
                      data, rules, Request.of(Measures.TRIMMED_MEAN, Exact.of(1, 5)), method)))
          .isEqualTo(results(measures.result(Request.of(Measures.TRIMMED_MEAN, Exact.of(1, 5)))));
    }
  }

  /** To 30 digits, which tells numbers without an exact form apart as well. */
  private static List<String> results(Optional<Working> working) {
    return working.map(Working::results).orElse(List.of()).stream()
        .map(number -> number.significant(30).stripTrailingZeros().toPlainString())
        .toList();
  }

  private static List<String> results(Result result) {
    List<Real> numbers =
        result instanceof Result.Several several
            ? List.copyOf(several.values())
            : result.number().map(List::of).orElse(List.of());
    return numbers.stream()
        .map(number -> number.significant(30).stripTrailingZeros().toPlainString())
        .toList();
  }

  private static ClassTable classes(long... limitsAndFrequencies) {
    List<ClassTable.Row> rows = new ArrayList<>();
    for (int i = 0; i < limitsAndFrequencies.length; i += 3) {
      rows.add(
          ClassTable.Row.of(
              Exact.of(limitsAndFrequencies[i]),
              Exact.of(limitsAndFrequencies[i + 1]),
              Exact.of(limitsAndFrequencies[i + 2])));
    }
    return ClassTable.of(rows, 0);
  }

  @Test
  void theModeWithinAnotherMeasureIsWorkedAsWhereItIsAskedForItself() {
    ClassTable weights = classes(10, 20, 4, 20, 30, 9, 30, 40, 3);
    Working skewness =
        Working.of(weights, CourseRules.DEFAULTS, Measures.SKEWNESS_PEARSON_MODE, Method.DEFINITION)
            .orElseThrow();
    WorkingStep.Computed mode =
        skewness.steps().stream()
            .filter(WorkingStep.Computed.class::isInstance)
            .map(WorkingStep.Computed.class::cast)
            .filter(step -> step.left().equals(Quantity.MODE.formula()))
            .findFirst()
            .orElseThrow();

    assertThat(mode.symbols()).isNotInstanceOf(Formula.Numeral.class);
    assertThat(mode.symbols().plain(Exact::toString)).isEqualTo("L + d₁ / (d₁ + d₂) · h");
    assertThat(mode.value()).isEqualTo(Exact.of(270, 11));

    Data crates = new Sample(Values.ofDecimals(new long[] {8, 10, 11, 11}, 0));
    Working ofSample =
        Working.of(crates, CourseRules.DEFAULTS, Measures.SKEWNESS_PEARSON_MODE, Method.DEFINITION)
            .orElseThrow();
    assertThat(ofSample.steps())
        .contains(
            new WorkingStep.Seen(Sight.MODE, List.of(Exact.of(2), Exact.of(11))),
            new WorkingStep.Given(
                Quantity.MODE.formula(),
                new Formula.Numeral(Exact.of(11)),
                new Formula.Numeral(Exact.of(11))));
  }

  @Test
  void aClassWithoutValuesAroundZeroDoesNotKeepTheHarmonicMeanFromBeingWorked() {
    ClassTable table = classes(-5, 5, 0, 5, 15, 4, 15, 25, 2);
    Working working =
        Working.of(table, CourseRules.DEFAULTS, Measures.HARMONIC_MEAN, Method.DEFINITION)
            .orElseThrow();

    assertThat(working.results()).containsExactly(Exact.of(12));
    assertThat(working.table().orElseThrow().rows()).hasSize(2);
  }
}
