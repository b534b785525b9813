package promedio.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import promedio.core.ByCode;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.rules.ClassEnd;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** Samples in classes. */
class GroupingTest {

  private static Sample sample(long... values) {
    return new Sample(Values.ofDecimals(values, 0));
  }

  private static List<Exact> whole(long... numbers) {
    return LongStream.of(numbers).mapToObj(Exact::of).toList();
  }

  private static List<Exact> frequencies(ClassTable table) {
    return table.rows().stream().map(ClassTable.Row::frequency).toList();
  }

  @Test
  void aValueAtABoundaryGoesToTheClassThatKeepsThatEnd() throws BadInputException {
    Sample sample = sample(10, 10, 15, 20, 30);
    List<Exact> boundaries = whole(10, 20, 30);

    Grouping lower = Grouping.of(sample, boundaries, ClassEnd.LOWER);
    assertThat(frequencies(lower.table())).containsExactly(Exact.of(3), Exact.ONE);
    assertThat(lower.above()).isEqualTo(Exact.ONE);
    Grouping upper = Grouping.of(sample, boundaries, ClassEnd.UPPER);
    assertThat(frequencies(upper.table())).containsExactly(Exact.of(2), Exact.ONE);
    assertThat(upper.below()).isEqualTo(Exact.of(2));
  }

  @ParameterizedTest
  @CsvSource({"1,1", "2,2", "3,3", "4,3", "5,4", "8,4", "24,6", "32,6", "33,7"})
  void sturgesTakesOneClassMoreThanTheBinaryLogarithm(int n, int classes) {
    Sample sample = sample(LongStream.rangeClosed(0, n - 1).toArray());
    if (n == 1) {
      assertThat(WidthRule.STURGES.advice(sample, CourseRules.DEFAULTS)).isEmpty();
    } else {
      assertThat(WidthRule.STURGES.advice(sample, CourseRules.DEFAULTS).orElseThrow().classes())
          .hasValueSatisfying(k -> assertThat(k.intValueExact()).isEqualTo(classes));
    }
  }

  @Test
  void theOtherRulesAreTheirFormulas() {
    // 27 values from 0 to 26: √27 = 5.2, 2·∛27 = 6 exactly, s² = 63, IQR by halves 20 − 6.
    Sample sample = sample(LongStream.rangeClosed(0, 26).toArray());

    assertThat(
            WidthRule.SQUARE_ROOT
                .advice(sample, CourseRules.DEFAULTS)
                .orElseThrow()
                .classes()
                .orElseThrow())
        .isEqualTo(6);
    assertThat(
            WidthRule.RICE
                .advice(sample, CourseRules.DEFAULTS)
                .orElseThrow()
                .classes()
                .orElseThrow())
        .isEqualTo(6);
    // 3.49·√63/3 = 9.23367…
    assertThat(
            WidthRule.SCOTT
                .advice(sample, CourseRules.DEFAULTS)
                .orElseThrow()
                .width()
                .significant(6))
        .isEqualTo("9.23367");
    assertThat(
            WidthRule.FREEDMAN_DIACONIS.advice(sample, CourseRules.DEFAULTS).orElseThrow().width())
        .isEqualTo(Exact.of(Exact.of(28, 3).significant(12)));
    assertThat(
            WidthRule.FREEDMAN_DIACONIS.advice(
                sample(1, 5, 5, 5, 5, 5, 5, 9), CourseRules.DEFAULTS))
        .isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "10, 10",
    "10.7471, 15",
    "16.4, 20",
    "6, 10",
    "2.1, 2.5",
    "0.3, 0.3",
    "0.31, 0.4",
    "1, 1",
    "99.9, 100",
    "0.026, 0.03"
  })
  void aPersonChoosesRoundWidths(String proposed, String chosen) {
    assertThat(NiceLimits.width(Exact.of(new BigDecimal(proposed))))
        .isEqualTo(Exact.of(new BigDecimal(chosen)));
  }

  @Test
  void aTableKnowsItsRelativeAndCumulativeFrequencies() throws BadInputException {
    Grouping grouping = Grouping.of(sample(1, 2, 3, 11), whole(0, 10, 20), ClassEnd.LOWER);

    List<ClassColumns> rows = ClassColumns.of(grouping.table());
    assertThat(rows.get(0).relative()).isEqualTo(Exact.of(3, 4));
    assertThat(rows.get(0).percentage()).isEqualTo(Exact.of(75));
    assertThat(rows.get(1).cumulative()).isEqualTo(Exact.of(4));
    assertThat(rows.get(1).cumulativeAbove()).isEqualTo(Exact.ONE);
    assertThat(rows.get(0).density()).contains(Exact.of(3, 10));
  }

  @Test
  void boundariesThatMakeNoClassesAreRefused() {
    assertThatThrownBy(() -> Grouping.of(sample(1), whole(10), ClassEnd.LOWER))
        .hasMessageContaining("one boundary does not make a class");
    assertThatThrownBy(() -> Grouping.of(sample(1), whole(10, 10), ClassEnd.LOWER))
        .hasMessageContaining("10 is not above 10");
    assertThatThrownBy(() -> Grouping.of(sample(1), whole(10, 20), ClassEnd.LOWER))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("no value lies from 10 to 20");
    assertThatThrownBy(
            () -> Grouping.ofWidth(sample(0, 1_000_000), Exact.ONE, CourseRules.DEFAULTS))
        .hasMessageContaining("would make more than 1000 classes");
  }

  @Test
  void theQuartileRuleOfTheCourseMakesTheWidthOfFreedmanAndDiaconis() {
    Sample sample = sample(LongStream.rangeClosed(1, 8).toArray());
    Exact byHalves = width(sample, "halves-without-median");
    Exact byPosition = width(sample, "hf7");

    // 6.5 − 2.5 against 6.25 − 2.75, each times 2/∛8 = 1.
    assertThat(byHalves).isEqualTo(Exact.of(4));
    assertThat(byPosition).isEqualTo(Exact.of(7, 2));
  }

  private static Exact width(Sample sample, String quartiles) {
    CourseRules rules = ByCode.with(CourseRules.DEFAULTS, "quartiles", quartiles);
    return WidthRule.FREEDMAN_DIACONIS.advice(sample, rules).orElseThrow().width();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // 60 over 6 classes is 10 wide: from 118 by tens there would be seven.
        "118 178 | 6 | LOWER | 115 126 137 148 159 170 181",
        "118 178 | 7 | LOWER | 110 120 130 140 150 160 170 180",
        "0 10    | 5 | LOWER | 0 2.5 5 7.5 10 12.5",
        // Whole numbers: every class holds as many of them.
        "0 10    | 5 | UPPER | -3 0 3 6 9 12",
        "7 7     | 4 | LOWER | 7 8",
        "1 9     | 1 | LOWER | 0 10"
      })
  void asManyClassesAsWantedHaveLimitsThatAPersonWouldChoose(
      String ends, int classes, ClassEnd end, String boundaries) {
    long[] values = Stream.of(ends.strip().split(" ")).mapToLong(Long::parseLong).toArray();
    CourseRules rules = CourseRules.DEFAULTS.with(Rule.CLASS_END, end);

    assertThat(
            Grouping.into(sample(values), classes, rules).boundaries().stream().map(PlainText::of))
        .containsExactly(boundaries.split(" "));
  }

  @Property(tries = 300)
  void asManyClassesAreMadeAsWantedAndTheOuterOnesAreNeeded(
      @ForAll @Size(min = 2, max = 30) List<@IntRange(min = -50_000, max = 50_000) Integer> values,
      @ForAll @IntRange(min = 1, max = 60) int classes,
      @ForAll ClassEnd end) {
    Sample sample =
        new Sample(Values.ofDecimals(values.stream().mapToLong(Integer::longValue).toArray(), 2));
    Grouping grouping =
        Grouping.into(sample, classes, CourseRules.DEFAULTS.with(Rule.CLASS_END, end));

    List<Exact> frequencies = frequencies(grouping.table());
    assertThat(frequencies).hasSize(sample.tally().size() == 1 ? 1 : classes);
    assertThat(frequencies.get(0).signum()).isPositive();
    assertThat(frequencies.get(frequencies.size() - 1).signum()).isPositive();
    assertThat(grouping.table().tally().total()).isEqualTo(Exact.of(values.size()));
    assertThat(grouping.table().intervals(false).stream().map(Interval::width).distinct())
        .hasSize(1);
  }

  @ParameterizedTest
  @EnumSource(ClassEnd.class)
  void anotherSampleIsPutIntoTheSameClassesAndMoreWhereItNeedsThem(ClassEnd end)
      throws BadInputException {
    ClassTable first = Grouping.of(sample(12, 25), whole(10, 20, 40), end).table();
    Grouping alike = Grouping.alike(sample(-5, 15, 30, 95), first, end);

    assertThat(alike.boundaries()).isEqualTo(whole(-10, 0, 10, 20, 40, 60, 80, 100));
    assertThat(alike.below().plus(alike.above())).isEqualTo(Exact.ZERO);
    // Values at the outermost boundaries need a class more only where that end is not kept.
    assertThat(Grouping.alike(sample(10, 40), first, end).boundaries())
        .isEqualTo(end == ClassEnd.LOWER ? whole(10, 20, 40, 60) : whole(0, 10, 20, 40));
    assertThatThrownBy(() -> Grouping.alike(sample(1_000_000), first, end))
        .hasMessageContaining("would make more than 1000 classes");
  }

  @Property(tries = 200)
  void everyValueLiesInExactlyOneClassByEveryRule(
      @ForAll @Size(min = 1, max = 60) List<@IntRange(min = -500, max = 500) Integer> tenths,
      @ForAll WidthRule rule,
      @ForAll ClassEnd end)
      throws BadInputException {
    Sample sample =
        new Sample(Values.ofDecimals(tenths.stream().mapToLong(Integer::longValue).toArray(), 1));
    CourseRules rules = CourseRules.DEFAULTS.with(Rule.CLASS_END, end);
    Grouping grouping =
        Grouping.by(rule, sample, rules).orElseGet(() -> Grouping.into(sample, 5, rules));

    assertThat(grouping.below()).isEqualTo(Exact.ZERO);
    assertThat(grouping.above()).isEqualTo(Exact.ZERO);
    assertThat(grouping.table().tally().total()).isEqualTo(sample.tally().total());
    // The first and the last class are needed.
    List<Exact> frequencies = frequencies(grouping.table());
    assertThat(frequencies.get(0).signum()).isPositive();
    assertThat(frequencies.get(frequencies.size() - 1).signum()).isPositive();
    for (ClassTable.Row row : grouping.table().rows()) {
      long inside =
          tenths.stream()
              .map(t -> Exact.of(t, 10))
              .filter(
                  x -> {
                    int l = x.compareTo(row.lower().orElseThrow());
                    int u = x.compareTo(row.upper().orElseThrow());
                    return end == ClassEnd.LOWER ? l >= 0 && u < 0 : l > 0 && u <= 0;
                  })
              .count();
      assertThat(row.frequency()).isEqualTo(Exact.of(inside));
    }
  }
}
