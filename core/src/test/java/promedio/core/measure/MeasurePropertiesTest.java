package promedio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.ModeRule;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** What must hold of every sample, whatever its values. */
class MeasurePropertiesTest {

  private static final Set<Measure> WHERE_VALUES_LIE =
      Set.of(
          Measures.MEAN,
          Measures.MEDIAN,
          Measures.Q1,
          Measures.Q3,
          Measures.MIDRANGE,
          Measures.MIN,
          Measures.MAX,
          Measures.LOWER_FENCE,
          Measures.UPPER_FENCE);

  private static final Set<Measure> HOW_FAR_APART =
      Set.of(
          Measures.RANGE,
          Measures.IQR,
          Measures.QUARTILE_DEVIATION,
          Measures.SD,
          Measures.MEAN_DEVIATION,
          Measures.MEAN_DEVIATION_MEDIAN,
          Measures.STANDARD_ERROR);

  private static final Set<Measure> WITHOUT_UNIT =
      Set.of(
          Measures.SKEWNESS_ADJUSTED,
          Measures.SKEWNESS_MOMENT,
          Measures.SKEWNESS_MOMENT_S,
          Measures.SKEWNESS_PEARSON_MEDIAN,
          Measures.SKEWNESS_PEARSON_MODE,
          Measures.SKEWNESS_QUARTILE,
          Measures.KURTOSIS_MOMENT,
          Measures.KURTOSIS_EXCESS,
          Measures.KURTOSIS_ADJUSTED);

  @Provide
  Arbitrary<List<Integer>> samples() {
    return Arbitraries.integers().between(-60, 60).list().ofMinSize(1).ofMaxSize(30);
  }

  @Provide
  Arbitrary<CourseRules> rules() {
    return Combinators.combine(
            Arbitraries.of(Divisor.values()),
            Arbitraries.of(QuantileRule.values()),
            Arbitraries.of(ModeRule.values()))
        .as(
            (divisor, quartiles, mode) ->
                CourseRules.DEFAULTS
                    .with(Rule.DIVISOR, divisor)
                    .with(Rule.QUARTILES, quartiles)
                    .with(Rule.MODE, mode));
  }

  @Property(tries = 200)
  void orderChangesNothing(
      @ForAll("samples") List<Integer> values,
      @ForAll("rules") CourseRules rules,
      @ForAll long seed) {
    List<Integer> shuffled = new ArrayList<>(values);
    Collections.shuffle(shuffled, new Random(seed));
    Computation before = measures(values, rules);
    Computation after = measures(shuffled, rules);

    for (Measure measure : Measures.all()) {
      if (!(before.result(measure) instanceof Result.Bracketed)) {
        assertThat(after.result(measure)).as(measure.key()).isEqualTo(before.result(measure));
      }
    }
  }

  @Property(tries = 200)
  void shiftMovesPositionsAndLeavesSpreadAndShape(
      @ForAll("samples") List<Integer> values,
      @ForAll("rules") CourseRules rules,
      @ForAll @IntRange(min = -1000, max = 1000) int shift) {
    Computation before = measures(values, rules);
    Computation after = measures(values.stream().map(v -> v + shift).toList(), rules);

    WHERE_VALUES_LIE.forEach(
        measure ->
            assertThat(after.result(measure))
                .as(measure.key())
                .isEqualTo(
                    before.result(measure).then(v -> new Result.Found(v.plus(Exact.of(shift))))));
    HOW_FAR_APART.forEach(m -> assertThat(after.result(m)).as(m.key()).isEqualTo(before.result(m)));
    WITHOUT_UNIT.forEach(m -> assertThat(after.result(m)).as(m.key()).isEqualTo(before.result(m)));
  }

  @Property(tries = 200)
  void scaleMultipliesPositionsAndSpreadAndLeavesShape(
      @ForAll("samples") List<Integer> values,
      @ForAll("rules") CourseRules rules,
      @ForAll @IntRange(min = 1, max = 40) int scale) {
    Computation before = measures(values, rules);
    Computation after = measures(values.stream().map(v -> v * scale).toList(), rules);

    Set<Measure> scaled = new HashSet<>(WHERE_VALUES_LIE);
    scaled.addAll(HOW_FAR_APART);
    scaled.forEach(
        measure ->
            assertThat(after.result(measure))
                .as(measure.key())
                .isEqualTo(before.result(measure).then(v -> new Result.Found(v.times(scale)))));
    WITHOUT_UNIT.forEach(m -> assertThat(after.result(m)).as(m.key()).isEqualTo(before.result(m)));
  }

  @Property(tries = 200)
  void mirroringTurnsMeanMedianAndSkewnessRound(@ForAll("samples") List<Integer> values) {
    Computation before = measures(values, CourseRules.DEFAULTS);
    Computation after = measures(values.stream().map(v -> -v).toList(), CourseRules.DEFAULTS);

    for (Measure measure :
        List.of(
            Measures.MEAN,
            Measures.MEDIAN,
            Measures.SKEWNESS_ADJUSTED,
            Measures.SKEWNESS_QUARTILE)) {
      assertThat(after.result(measure))
          .as(measure.key())
          .isEqualTo(before.result(measure).then(v -> new Result.Found(v.negate())));
    }
    assertThat(after.result(Measures.SD)).isEqualTo(before.result(Measures.SD));
    assertThat(after.result(Measures.Q1))
        .isEqualTo(before.result(Measures.Q3).then(v -> new Result.Found(v.negate())));
  }

  @Property(tries = 200)
  void duplicationLeavesWhatDividesByN(
      @ForAll("samples") List<Integer> values, @ForAll @IntRange(min = 2, max = 5) int times) {
    List<Integer> many = new ArrayList<>();
    for (int i = 0; i < times; i++) {
      many.addAll(values);
    }
    CourseRules rules = CourseRules.DEFAULTS.with(Rule.DIVISOR, Divisor.N);
    Computation before = measures(values, rules);
    Computation after = measures(many, rules);

    for (Measure measure :
        List.of(
            Measures.MEAN,
            Measures.MEDIAN,
            Measures.VARIANCE,
            Measures.SD,
            Measures.MEAN_DEVIATION,
            Measures.MODES,
            Measures.SKEWNESS_MOMENT,
            Measures.KURTOSIS_MOMENT)) {
      assertThat(after.result(measure)).as(measure.key()).isEqualTo(before.result(measure));
    }
  }

  @Property(tries = 200)
  void aFrequencyTableMeasuresAsTheSampleItStandsFor(
      @ForAll("samples") List<Integer> values, @ForAll("rules") CourseRules rules) {
    List<FrequencyTable.Row> rows =
        values.stream().map(v -> new FrequencyTable.Row(Exact.of(v), Exact.ONE)).toList();
    Computation raw = measures(values, rules);
    Computation table = Computation.of(FrequencyTable.of(rows, 0), rules);

    for (Measure measure : Measures.all()) {
      if (!(raw.result(measure) instanceof Result.Bracketed)) {
        assertThat(table.result(measure)).as(measure.key()).isEqualTo(raw.result(measure));
      }
    }
    assertThat(table.result(Request.of(Measures.TRIMMED_MEAN, Exact.of(1, 10))))
        .isEqualTo(raw.result(Request.of(Measures.TRIMMED_MEAN, Exact.of(1, 10))));
  }

  @Property(tries = 100)
  void meansOfPositiveValuesStandInTheirOrder(@ForAll("samples") List<Integer> values) {
    List<Integer> positive = values.stream().map(v -> Math.abs(v) + 1).toList();
    Computation measures = measures(positive, CourseRules.DEFAULTS);

    BigDecimal harmonic =
        measures.result(Measures.HARMONIC_MEAN).number().orElseThrow().significant(40);
    BigDecimal geometric =
        measures.result(Measures.GEOMETRIC_MEAN).number().orElseThrow().significant(40);
    BigDecimal arithmetic = measures.result(Measures.MEAN).number().orElseThrow().significant(40);

    assertThat(harmonic).isLessThanOrEqualTo(geometric);
    assertThat(geometric).isLessThanOrEqualTo(arithmetic);
  }

  private static Computation measures(List<Integer> values, CourseRules rules) {
    long[] numbers = values.stream().mapToLong(Integer::longValue).toArray();
    return Computation.of(new Sample(Values.ofDecimals(numbers, 0)), rules);
  }
}
