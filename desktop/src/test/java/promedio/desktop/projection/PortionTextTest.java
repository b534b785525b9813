package promedio.desktop.projection;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whether the numbers of pairs can be subtracted. */
class PortionTextTest {

  @ParameterizedTest
  @CsvSource({
    "before (g), after (g), true",
    "before, after, true",
    "age (years), yield (kg), false",
    "age [years], yield, false",
    "weight (first) (g), weight (g), true"
  })
  void onlyNumbersOfOneUnitAreSubtracted(String x, String y, boolean one) {
    assertThat(PortionText.haveOneUnit(x, y)).isEqualTo(one);
  }
}
