package promedio.core.computation;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** Where a statistic stands on its curve. */
class OnCurveTest {

  private static Measure measure(String key) {
    return Measures.ofKey(key).orElseThrow();
  }

  private static Values values(long... values) {
    return Values.ofDecimals(values, 0);
  }

  @Test
  void itTellsCurveDegreesTailAndStatisticOfAPValue() {
    Computation of =
        Computation.of(
            Pairs.of(values(1, 2, 3, 4, 5), values(2, 4, 5, 9, 9)), CourseRules.DEFAULTS);
    OnCurve at = of.onCurve(Request.of(measure("correlation_t_p"))).orElseThrow();

    assertThat(at.curve()).isEqualTo(Distribution.T);
    assertThat(at.degrees()).containsExactly(Exact.of(3));
    assertThat(at.tail()).isEqualTo(Tail.TWO);
    assertThat(at.statistic())
        .isEqualTo(of.value(Request.of(measure("correlation_t"))).orElseThrow());
    assertThat(at.critical(Exact.of(1, 20)).value()).asString().startsWith("3.18244630528");
    assertThat(CourseRules.DEFAULTS.reject(at.p().decimal())).isTrue();
    assertThat(
            CourseRules.DEFAULTS.with(Rule.ALPHA, new BigDecimal("0.001")).reject(at.p().decimal()))
        .isFalse();
  }

  @Test
  void argumentsOfTheTestAreHeeded() {
    Computation of = Computation.of(new Sample(values(8, 10, 12)), CourseRules.DEFAULTS);

    assertThat(
            of.onCurve(new Request(measure("t_one_p"), List.of(Exact.of(10))))
                .orElseThrow()
                .statistic())
        .isEqualTo(Exact.ZERO);
  }

  @Test
  void whatHasNoPValueOrIsNoneStandsNowhere() {
    Computation two = Computation.of(Pairs.of(values(1, 2), values(3, 4)), CourseRules.DEFAULTS);

    assertThat(two.onCurve(Request.of(measure("correlation_t_p")))).isEmpty();
    assertThat(two.onCurve(Request.of(measure("correlation")))).isEmpty();
    assertThat(two.onCurve(Request.of(Measures.MEAN))).isEmpty();
  }

  @Test
  void aCellOfATableHasItsPercentagesItsExpectedCountAndItsPart() throws Exception {
    CrossTable table =
        CrossTable.read(
            List.of(),
            List.of(),
            List.of(List.of(Exact.of(30), Exact.of(10)), List.of(Exact.of(20), Exact.of(40))),
            0);
    Computation of = Computation.of(table, CourseRules.DEFAULTS);
    List<Exact> cell = List.of(Exact.of(2), Exact.ONE);

    assertThat(of.value(new Request(measure("row_percentage"), cell))).contains(Exact.of(100, 3));
    assertThat(of.value(new Request(measure("column_percentage"), cell))).contains(Exact.of(40));
    assertThat(of.value(new Request(measure("percentage"), cell))).contains(Exact.of(20));
    assertThat(of.value(new Request(measure("expected_count"), cell))).contains(Exact.of(30));
    assertThat(of.value(new Request(measure("chi_squared_part"), cell))).contains(Exact.of(10, 3));
    Exact parts = Exact.ZERO;
    for (int row = 1; row <= 2; row++) {
      for (int column = 1; column <= 2; column++) {
        List<Exact> each = List.of(Exact.of(row), Exact.of(column));
        parts = parts.plus(of.value(new Request(measure("chi_squared_part"), each)).orElseThrow());
      }
    }
    assertThat(of.value(Request.of(Measures.CHI_SQUARED))).contains(parts);
    assertThat(of.value(new Request(measure("percentage"), List.of(Exact.of(3), Exact.ONE))))
        .isEmpty();
  }
}
