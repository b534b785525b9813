package promedio.core.computation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.formula.Equation;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Shape;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

class EquationsTest {

  private static final Data EIGHT =
      new Sample(Values.ofDecimals(new long[] {1, 2, 3, 4, 5, 6, 7, 8}, 0));

  private static String plain(Data data, Measure measure, String... rule) {
    CourseRules rules = CourseRules.DEFAULTS;
    for (int i = 0; i < rule.length; i += 2) {
      rules = ByCode.with(rules, rule[i], rule[i + 1]);
    }
    return Computation.of(data, rules)
        .equation(Request.of(measure))
        .map(Equation::plain)
        .orElse("");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "MEAN; x̄ = Σx / n",
        "VARIANCE; s² = Σ(x − x̄)² / (n − 1)",
        "SD; s = √(Σ(x − x̄)² / (n − 1))",
        "MEDIAN; Md = (x(4) + x(5)) / 2",
        "Q1; Q₁ = (x(2) + x(3)) / 2",
        "CV; CV = 100 · s / |x̄|",
        "GEOMETRIC_MEAN; G = ⁿ√(Πx)",
        "HARMONIC_MEAN; H = n / Σ(1 / x)",
        "SKEWNESS; G₁ = √(n · (n − 1)) / (n − 2) · m₃ / m₂^(3/2)",
        "SKEWNESS_PEARSON_MEDIAN; Sk(Md) = 3 · (x̄ − Md) / s",
        "LOWER_FENCE; lower fence = Q₁ − 3/2 · IQR"
      })
  void ofASampleOfEight(String key, String expected) {
    Measure measure = Measures.ofKey(key.toLowerCase(Locale.ROOT)).orElseThrow();
    assertThat(plain(EIGHT, measure)).isEqualTo(expected);
  }

  @Test
  void aPopulationHasItsOwnSymbolsAndDivisor() {
    assertThat(plain(EIGHT, Measures.SD, "divisor", "n")).isEqualTo("σ = √(Σ(x − μ)² / n)");
    assertThat(plain(EIGHT, Measures.STANDARD_ERROR, "divisor", "n")).isEqualTo("SE = s / √(n)");
  }

  @Test
  void aTableWeighsWithItsFrequencies() {
    Data table = FrequencyTable.of(List.of(new FrequencyTable.Row(Exact.of(3), Exact.of(5))), 0);

    assertThat(plain(table, Measures.MEAN)).isEqualTo("x̄ = Σ(f · x) / Σf");
    assertThat(plain(table, Measures.GEOMETRIC_MEAN)).isEqualTo("G = (Πx^f)^(1 / Σf)");
    assertThat(plain(table, Measures.MEDIAN)).isEqualTo("Md = x(3)");
  }

  @Test
  void quartilesShowWhereTheirRuleFindsThem() {
    assertThat(plain(EIGHT, Measures.Q1, "quartiles", "hf6"))
        .isEqualTo("Q₁ = x(2) + 1/4 · (x(3) − x(2))");
    assertThat(plain(EIGHT, Measures.Q1, "quartiles", "hf3")).isEqualTo("Q₁ = x(2)");
    assertThat(plain(EIGHT, Measures.Q3, "quartiles", "hf1")).isEqualTo("Q₃ = x(6)");
    assertThat(plain(EIGHT, Measures.Q3, "quartiles", "halves-with-median"))
        .isEqualTo("Q₃ = (x(6) + x(7)) / 2");
  }

  @Test
  void whereThereAreNoPositionsThereIsNoFormula() {
    Data none = new Sample(Values.of(List.of()));
    Data one = new Sample(Values.of(List.of(Exact.ONE)));

    assertThat(plain(none, Measures.MEDIAN)).isEmpty();
    assertThat(plain(one, Measures.Q1)).isEmpty();
    assertThat(plain(EIGHT, Measures.MODES)).isEmpty();
  }

  @Test
  void latexBracketsOnlyWhatNeedsIt() {
    assertThat(
            Computation.of(EIGHT, CourseRules.DEFAULTS)
                .equation(Request.of(Measures.SD))
                .orElseThrow()
                .latex())
        .isEqualTo("s = \\sqrt{\\frac{\\sum \\left(x - \\bar{x}\\right)^{2}}{n - 1}}");
  }

  private static List<Measure> ofOneNumber() {
    return Measures.all().stream().filter(m -> m.shape() == Shape.ONE).toList();
  }

  @ParameterizedTest
  @MethodSource("ofOneNumber")
  void everyMeasureButTheModeHasOneWithBalancedBraces(Measure measure) {
    String latex =
        Computation.of(EIGHT, CourseRules.DEFAULTS)
            .equation(Request.of(measure))
            .orElseThrow()
            .latex();

    assertThat(latex).contains(" = ");
    assertThat(latex.chars().filter(c -> c == '{').count())
        .isEqualTo(latex.chars().filter(c -> c == '}').count());
  }
}
