package promedio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
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
      EnumSet.of(
          Measure.MEAN,
          Measure.MEDIAN,
          Measure.Q1,
          Measure.Q3,
          Measure.MIDRANGE,
          Measure.MIN,
          Measure.MAX,
          Measure.LOWER_FENCE,
          Measure.UPPER_FENCE);

  private static final Set<Measure> HOW_FAR_APART =
      EnumSet.of(
          Measure.RANGE,
          Measure.IQR,
          Measure.QUARTILE_DEVIATION,
          Measure.SD,
          Measure.MEAN_DEVIATION,
          Measure.MEAN_DEVIATION_MEDIAN,
          Measure.STANDARD_ERROR);

  private static final Set<Measure> WITHOUT_UNIT =
      EnumSet.of(
          Measure.SKEWNESS_ADJUSTED,
          Measure.SKEWNESS_MOMENT,
          Measure.SKEWNESS_MOMENT_S,
          Measure.SKEWNESS_PEARSON_MEDIAN,
          Measure.SKEWNESS_PEARSON_MODE,
          Measure.SKEWNESS_QUARTILE,
          Measure.KURTOSIS_MOMENT,
          Measure.KURTOSIS_EXCESS,
          Measure.KURTOSIS_ADJUSTED);

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
    Measures before = measures(values, rules);
    Measures after = measures(shuffled, rules);

    for (Measure measure : Measure.values()) {
      if (!(before.get(measure) instanceof Result.Narrowed)) {
        assertThat(after.get(measure)).as(measure.key()).isEqualTo(before.get(measure));
      }
    }
  }

  @Property(tries = 200)
  void shiftMovesPositionsAndLeavesSpreadAndShape(
      @ForAll("samples") List<Integer> values,
      @ForAll("rules") CourseRules rules,
      @ForAll @IntRange(min = -1000, max = 1000) int shift) {
    Measures before = measures(values, rules);
    Measures after = measures(values.stream().map(v -> v + shift).toList(), rules);

    WHERE_VALUES_LIE.forEach(
        measure ->
            assertThat(after.get(measure))
                .as(measure.key())
                .isEqualTo(
                    before.get(measure).then(v -> new Result.Found(v.plus(Exact.of(shift))))));
    HOW_FAR_APART.forEach(m -> assertThat(after.get(m)).as(m.key()).isEqualTo(before.get(m)));
    WITHOUT_UNIT.forEach(m -> assertThat(after.get(m)).as(m.key()).isEqualTo(before.get(m)));
  }

  @Property(tries = 200)
  void scaleMultipliesPositionsAndSpreadAndLeavesShape(
      @ForAll("samples") List<Integer> values,
      @ForAll("rules") CourseRules rules,
      @ForAll @IntRange(min = 1, max = 40) int scale) {
    Measures before = measures(values, rules);
    Measures after = measures(values.stream().map(v -> v * scale).toList(), rules);

    EnumSet<Measure> scaled = EnumSet.copyOf(WHERE_VALUES_LIE);
    scaled.addAll(HOW_FAR_APART);
    scaled.forEach(
        measure ->
            assertThat(after.get(measure))
                .as(measure.key())
                .isEqualTo(before.get(measure).then(v -> new Result.Found(v.times(scale)))));
    WITHOUT_UNIT.forEach(m -> assertThat(after.get(m)).as(m.key()).isEqualTo(before.get(m)));
  }

  @Property(tries = 200)
  void mirroringTurnsMeanMedianAndSkewnessRound(@ForAll("samples") List<Integer> values) {
    Measures before = measures(values, CourseRules.DEFAULTS);
    Measures after = measures(values.stream().map(v -> -v).toList(), CourseRules.DEFAULTS);

    for (Measure measure :
        List.of(
            Measure.MEAN, Measure.MEDIAN, Measure.SKEWNESS_ADJUSTED, Measure.SKEWNESS_QUARTILE)) {
      assertThat(after.get(measure))
          .as(measure.key())
          .isEqualTo(before.get(measure).then(v -> new Result.Found(v.negate())));
    }
    assertThat(after.get(Measure.SD)).isEqualTo(before.get(Measure.SD));
    assertThat(after.get(Measure.Q1))
        .isEqualTo(before.get(Measure.Q3).then(v -> new Result.Found(v.negate())));
  }

  @Property(tries = 200)
  void duplicationLeavesWhatDividesByN(
      @ForAll("samples") List<Integer> values, @ForAll @IntRange(min = 2, max = 5) int times) {
    List<Integer> many = new ArrayList<>();
    for (int i = 0; i < times; i++) {
      many.addAll(values);
    }
    CourseRules rules = CourseRules.DEFAULTS.with(Rule.DIVISOR, Divisor.N);
    Measures before = measures(values, rules);
    Measures after = measures(many, rules);

    for (Measure measure :
        List.of(
            Measure.MEAN,
            Measure.MEDIAN,
            Measure.VARIANCE,
            Measure.SD,
            Measure.MEAN_DEVIATION,
            Measure.MODES,
            Measure.SKEWNESS_MOMENT,
            Measure.KURTOSIS_MOMENT)) {
      assertThat(after.get(measure)).as(measure.key()).isEqualTo(before.get(measure));
    }
  }

  @Property(tries = 200)
  void aFrequencyTableMeasuresAsTheSampleItStandsFor(
      @ForAll("samples") List<Integer> values, @ForAll("rules") CourseRules rules) {
    List<FrequencyTable.Row> rows =
        values.stream().map(v -> new FrequencyTable.Row(Exact.of(v), Exact.ONE)).toList();
    Measures raw = measures(values, rules);
    Measures table = Measures.of(new FrequencyTable(rows, 0), rules);

    for (Measure measure : Measure.values()) {
      if (!(raw.get(measure) instanceof Result.Narrowed)) {
        assertThat(table.get(measure)).as(measure.key()).isEqualTo(raw.get(measure));
      }
    }
    assertThat(table.trimmedMean(Exact.of(1, 10))).isEqualTo(raw.trimmedMean(Exact.of(1, 10)));
  }

  @Property(tries = 100)
  void meansOfPositiveValuesStandInTheirOrder(@ForAll("samples") List<Integer> values) {
    List<Integer> positive = values.stream().map(v -> Math.abs(v) + 1).toList();
    Measures measures = measures(positive, CourseRules.DEFAULTS);

    BigDecimal harmonic =
        measures.get(Measure.HARMONIC_MEAN).number().orElseThrow().significant(40);
    BigDecimal geometric =
        measures.get(Measure.GEOMETRIC_MEAN).number().orElseThrow().significant(40);
    BigDecimal arithmetic = measures.get(Measure.MEAN).number().orElseThrow().significant(40);

    assertThat(harmonic).isLessThanOrEqualTo(geometric);
    assertThat(geometric).isLessThanOrEqualTo(arithmetic);
  }

  private static Measures measures(List<Integer> values, CourseRules rules) {
    long[] numbers = values.stream().mapToLong(Integer::longValue).toArray();
    return Measures.of(new Sample(Values.ofDecimals(numbers, 0)), rules);
  }
}
