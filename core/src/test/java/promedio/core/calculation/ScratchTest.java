package promedio.core.calculation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.math.BigDecimal;
import java.time.Duration;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;

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

  static Stream<String> linesThatNeverCameToAnEnd() {
    return Stream.of(
        "-".repeat(42) + "1",
        "√".repeat(26) + "(0−2)",
        "2^99999999.5",
        "2^9999.5",
        "2^(0−99999999.5)",
        "9^9^√90",
        "√2^√3^√99",
        "(2^33000)^(1/3)",
        "(2^9990)^(1/3)",
        "log(2^9990)",
        "x+".repeat(3000) + "x",
        "not ".repeat(8000) + "1 > 0",
        "1 > 0 and ".repeat(3000) + "1 > 0",
        "2^99999 × ".repeat(300) + "1",
        "2^33 × ".repeat(300) + "1",
        "1/" + "9".repeat(900) + " + ",
        "|".repeat(3000),
        "1".repeat(30_000),
        "log(2^99999)",
        "ln(".repeat(150) + "3" + ")".repeat(150));
  }

  @ParameterizedTest
  @MethodSource("linesThatNeverCameToAnEnd")
  void everyLineComesToANumberOrARefusalSoon(String line) {
    assertTimeoutPreemptively(
        Duration.ofSeconds(5),
        () -> {
          try {
            assertThat(Scratch.of(line, CRATES)).isNotNull();
          } catch (CalculationException e) {
            assertThat(e.getMessage()).isNotBlank();
          }
        });
  }

  @Test
  void manySignsAndLongSumsAreStillCalculated() throws CalculationException {
    assertThat(Scratch.of("-".repeat(42) + "1", CRATES)).hasToString("1");
    assertThat(Scratch.of("√".repeat(30) + "1", CRATES)).hasToString("1");
    assertThat(Scratch.of("n+".repeat(900) + "n", CRATES)).hasToString("3604");
  }

  @ParameterizedTest
  @CsvSource({
    "value_t(0.975; 10), 2.2281388519862",
    "below_t(2.2281388519862; 10), 0.975",
    "value_z(0.975), 1.9599639845400",
    "1 − below_chi2(16.6666666666666; 1), 0.0000445571",
    "value_F(0.95; 2; 21), 3.4668001115424",
    "2 × (1 − below_z(1.96)), 0.0499957902964",
    "below_z(40), 1",
  })
  void theDistributionsAreKnown(String line, String begins) throws CalculationException {
    BigDecimal expected = new BigDecimal(begins);

    assertThat(Scratch.of(line, CRATES).rounded(expected.scale(), Rounding.HALF_UP))
        .isCloseTo(expected, within(expected.ulp()));
  }

  @ParameterizedTest
  @CsvSource({
    "value_t(0.975), takes 2 numbers in its brackets",
    "below_z(1; 2), takes 1 number in its brackets",
    "value_t(1.5; 10), this has no result",
    "below_t(1; 0.01), this has no result",
    "value_t(10^(-99); 0.5), this has no result",
    "below_t(2; 0), this has no result",
  })
  void whatCannotBeReadOffADistributionIsTold(String line, String why) {
    assertThatThrownBy(() -> Scratch.of(line, CRATES)).hasMessageContaining(why);
  }

  @Test
  void aSlipOfThePenIsToldWithItsPlace() {
    assertThatThrownBy(() -> Scratch.of("3 + Σy", CRATES))
        .isInstanceOfSatisfying(
            CalculationException.class, e -> assertThat(e.place()).isEqualTo(4));
    assertThatThrownBy(() -> Scratch.of("3 > 2", CRATES))
        .hasMessageContaining("not a calculation with numbers");
    assertThatThrownBy(() -> Scratch.of("(3 + 4", CRATES)).hasMessageContaining(")");
  }
}
