package promedio.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.LongStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.number.Exact;
import promedio.core.rules.ClassEnd;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sample.UnusableDataException;
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
  void aValueAtABoundaryGoesToTheClassThatKeepsThatEnd() {
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
      assertThat(WidthRule.STURGES.advice(sample)).isEmpty();
    } else {
      assertThat(WidthRule.STURGES.advice(sample).orElseThrow().classes())
          .hasValueSatisfying(k -> assertThat(k.intValueExact()).isEqualTo(classes));
    }
  }

  @Test
  void theOtherRulesAreTheirFormulas() {
    // 27 values from 0 to 26: √27 = 5.2, 2·∛27 = 6 exactly, s² = 63, IQR by halves 20 − 6.
    Sample sample = sample(LongStream.rangeClosed(0, 26).toArray());

    assertThat(WidthRule.SQUARE_ROOT.advice(sample).orElseThrow().classes().orElseThrow())
        .isEqualTo(6);
    assertThat(WidthRule.RICE.advice(sample).orElseThrow().classes().orElseThrow()).isEqualTo(6);
    // 3.49·√63/3 = 9.23367…
    assertThat(WidthRule.SCOTT.advice(sample).orElseThrow().width().significant(6))
        .isEqualTo("9.23367");
    assertThat(WidthRule.FREEDMAN_DIACONIS.advice(sample).orElseThrow().width())
        .isEqualTo(Exact.of(Exact.of(28, 3).significant(12)));
    assertThat(WidthRule.FREEDMAN_DIACONIS.advice(sample(1, 5, 5, 5, 5, 5, 5, 9))).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "10, 10",
    "10.7471, 20",
    "16.4, 20",
    "2.1, 2.5",
    "0.3, 0.5",
    "1, 1",
    "99.9, 100",
    "0.026, 0.05"
  })
  void aPersonChoosesRoundWidths(String proposed, String chosen) {
    assertThat(NiceLimits.width(Exact.of(new BigDecimal(proposed))))
        .isEqualTo(Exact.of(new BigDecimal(chosen)));
  }

  @Test
  void aTableKnowsItsRelativeAndCumulativeFrequencies() {
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
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Grouping.of(sample(1), whole(10, 10), ClassEnd.LOWER))
        .hasMessageContaining("10 is not above 10");
    assertThatThrownBy(() -> Grouping.of(sample(1), whole(10, 20), ClassEnd.LOWER))
        .isInstanceOf(UnusableDataException.class);
    assertThatThrownBy(
            () -> Grouping.ofWidth(sample(0, 1_000_000), Exact.ONE, CourseRules.DEFAULTS))
        .hasMessageContaining("more than 1000 classes");
  }

  @Property(tries = 200)
  void everyValueLiesInExactlyOneClassByEveryRule(
      @ForAll @Size(min = 1, max = 60) List<@IntRange(min = -500, max = 500) Integer> tenths,
      @ForAll WidthRule rule,
      @ForAll ClassEnd end) {
    Sample sample =
        new Sample(Values.ofDecimals(tenths.stream().mapToLong(Integer::longValue).toArray(), 1));
    CourseRules rules = CourseRules.DEFAULTS.with(Rule.CLASS_END, end);
    Grouping grouping =
        Grouping.by(rule, sample, rules)
            .or(() -> Grouping.intoAbout(sample, 5, rules))
            .orElseThrow();

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
