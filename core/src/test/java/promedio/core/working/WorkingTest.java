package promedio.core.working;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import promedio.core.formula.Formulas;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

class WorkingTest {

  private static final Sample CRATES = new Sample(Values.ofDecimals(new long[] {8, 10, 11, 11}, 0));

  private static Working working(CourseRules rules, Measure measure, Method method) {
    return Working.of(CRATES, rules, measure, method).orElseThrow();
  }

  private static List<String> lines(Working working) {
    return working.steps().stream()
        .map(
            step ->
                step.left().plain(Exact::toString)
                    + " = "
                    + step.numbers().plain(Exact::toString)
                    + " = "
                    + step.carried())
        .toList();
  }

  @Test
  void theVarianceByDeviationsFindsTheMeanFirst() {
    Working working = working(CourseRules.DEFAULTS, Measure.VARIANCE, Method.DEFINITION);

    assertThat(lines(working))
        .containsExactly(
            "Σx = 40 = 40",
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
    Working working = working(CourseRules.DEFAULTS, Measure.SD, Method.SHORTCUT);

    assertThat(lines(working))
        .startsWith("Σx² = 406 = 406", "Σx = 40 = 40")
        .endsWith("s = √((406 − 40² / 4) / (4 − 1)) = sqrt(2)");
    assertThat(working.steps().get(3).symbols().plain(Exact::toString))
        .isEqualTo("√((Σx² − (Σx)² / n) / (n − 1))");
    assertThatThrownBy(() -> working(CourseRules.DEFAULTS, Measure.MEAN, Method.SHORTCUT))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /** As a book does it that rounds every step to two places. */
  @Test
  void withEveryStepRoundedTheFollowingGoOnWithWhatWasRounded() {
    CourseRules rules = CourseRules.DEFAULTS.with("carry", "2");
    Sample sample = new Sample(Values.ofDecimals(new long[] {8, 10, 12, 11, 9, 13, 10}, 0));

    Working working = Working.of(sample, rules, Measure.VARIANCE, Method.DEFINITION).orElseThrow();

    // Σx/7 = 73/7 = 10.43; the squares 5.90 + 2.04 + 0.18 + 0.18 + 0.32 + 2.46 + 6.60 = 17.68.
    assertThat(working.steps())
        .extracting(WorkingStep::carried)
        .containsExactly(
            Exact.of(73),
            Exact.of(7),
            Exact.of(1043, 100),
            Exact.of(1768, 100),
            Exact.of(295, 100));
    assertThat(working.exact()).isEqualTo(Exact.of(62, 21));
    assertThat(working.table().orElseThrow().totalOfDeviations()).contains(Exact.of(-1, 100));
  }

  @Test
  void inATableWithFrequenciesOnlyWhatIsWeightedHasATotal() {
    FrequencyTable table =
        new FrequencyTable(
            List.of(
                new FrequencyTable.Row(Exact.of(3), Exact.of(12)),
                new FrequencyTable.Row(Exact.of(4), Exact.of(8))),
            0);

    WorkTable work =
        Working.of(table, CourseRules.DEFAULTS, Measure.VARIANCE, Method.DEFINITION)
            .flatMap(Working::table)
            .orElseThrow();

    assertThat(work.totals())
        .containsExactly(
            Optional.empty(),
            Optional.of(Exact.of(20)),
            Optional.of(Exact.of(68)),
            Optional.empty(),
            Optional.empty(),
            Optional.of(Exact.of(24, 5)));
  }

  @Test
  void whatHasNoValueOrNoFormulaHasNoWorking() {
    Sample one = new Sample(Values.ofDecimals(new long[] {8}, 0));

    assertThat(Working.of(one, CourseRules.DEFAULTS, Measure.VARIANCE, Method.DEFINITION))
        .isEmpty();
    assertThat(Working.of(CRATES, CourseRules.DEFAULTS, Measure.MODES, Method.DEFINITION))
        .isEmpty();
  }

  @Property(tries = 60)
  void withoutRoundingEveryMethodEndsAtTheExactMeasure(
      @ForAll @Size(min = 1, max = 9) List<@IntRange(min = -30, max = 50) Integer> tenths,
      @ForAll QuantileRule quartiles,
      @ForAll Divisor divisor) {
    Sample sample =
        new Sample(Values.ofDecimals(tenths.stream().mapToLong(Integer::longValue).toArray(), 1));
    CourseRules rules =
        CourseRules.DEFAULTS.with(Rule.QUARTILES, quartiles).with(Rule.DIVISOR, divisor);
    Formulas formulas = Formulas.of(sample, rules);
    for (Measure measure : Measure.values()) {
      for (Method method : Method.of(measure)) {
        Optional<Working> working = Working.of(sample, rules, measure, method);
        assertThat(working.isPresent())
            .as(measure.key())
            .isEqualTo(formulas.value(measure).isPresent());
        working.ifPresent(
            w ->
                assertThat(w.steps().get(w.steps().size() - 1).value())
                    .as(measure.key() + " by " + method.code())
                    .isEqualTo(formulas.value(measure).orElseThrow()));
      }
    }
  }
}
