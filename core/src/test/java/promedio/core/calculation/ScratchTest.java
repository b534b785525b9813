package promedio.core.calculation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.number.Exact;

/** Arithmetic on scratch paper. */
class ScratchTest {

  private static final Map<String, Exact> CRATES =
      Map.of(
          "n", Exact.of(4),
          "Σx", Exact.of(40),
          "Σx²", Exact.of(406),
          "x̄", Exact.of(10),
          "s", Exact.of(2).sqrt(),
          "s²", Exact.of(2));

  @ParameterizedTest
  @CsvSource({
    "12.5 × 3, 75/2",
    "Σx / n, 10",
    "(Σx² − Σx²/n) ÷ (n−1), 203/2",
    "(Σx² - (Σx)²/n) / (n-1), 2",
    "√(s²), sqrt(2)",
    "s · s, 2",
    "|3 − x̄|, 7",
    "2^10, 1024",
    "1/3 + 1/6, 1/2",
    "9^(1/2), 3"
  })
  void aLineIsCalculatedExactlyWithTheQuantitiesOfTheSample(String line, String result)
      throws CalculationException {
    assertThat(Scratch.of(line, CRATES)).hasToString(result);
  }

  @ParameterizedTest
  @ValueSource(strings = {"9^9^9", "2^(2^40)", "1/0", "√(0−2)", "((9^999)^999)^999"})
  void whatHasNoResultOrTooLargeAOneIsRefused(String line) {
    assertThatThrownBy(() -> Scratch.of(line, CRATES))
        .isInstanceOf(CalculationException.class)
        .hasMessageContaining("no result");
  }

  @Test
  void aSlipOfThePenIsToldWithItsPlace() {
    assertThatThrownBy(() -> Scratch.of("3 + Σy", CRATES))
        .isInstanceOfSatisfying(
            CalculationException.class, e -> assertThat(e.place()).isEqualTo(4));
    assertThatThrownBy(() -> Scratch.of("3 > 2", CRATES))
        .hasMessageContaining("no calculation with numbers");
    assertThatThrownBy(() -> Scratch.of("(3 + 4", CRATES)).hasMessageContaining(")");
  }
}
