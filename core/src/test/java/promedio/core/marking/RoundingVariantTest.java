package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;

/** How the last digit of an answer comes about. */
class RoundingVariantTest {

  private static Exact exact(String text) {
    return Exact.of(new BigDecimal(text));
  }

  @ParameterizedTest
  @CsvSource({
    "2.675, 2, ROUNDED, 2.68",
    "2.675, 2, OTHER_TIE, 2.68",
    "2.665, 2, ROUNDED, 2.67",
    "2.665, 2, OTHER_TIE, 2.66",
    "2.679, 2, CUT, 2.67",
    "-2.679, 2, CUT, -2.67",
    "2.670, 2, CUT, 2.67",
    "2.672, 2, ONE_ABOVE, 2.68",
    "2.672, 2, ONE_BELOW, 2.66",
    "17.6, 0, CUT, 17",
    "17.6, 0, ONE_ABOVE, 19"
  })
  void theDigitsAreWrittenAsTheEndingSays(
      String number, int places, RoundingVariant variant, BigDecimal written) {
    assertThat(variant.of(exact(number), places, Rounding.HALF_UP)).hasValue(written);
  }

  @Test
  void oneOffThatIsTheSameAsCuttingIsNoEndingOfItsOwn() {
    assertThat(RoundingVariant.ONE_BELOW.of(exact("2.679"), 2, Rounding.HALF_UP)).isEmpty();
    assertThat(RoundingVariant.ONE_ABOVE.of(exact("-2.679"), 2, Rounding.HALF_UP)).isEmpty();
  }

  @Test
  void rootsAreCutExactly() {
    assertThat(RoundingVariant.CUT.of(Exact.of(2).sqrt(), 3, Rounding.HALF_UP))
        .hasValue(new BigDecimal("1.414"));
    assertThat(RoundingVariant.CUT.of(Exact.of(3).sqrt(), 3, Rounding.HALF_UP))
        .hasValue(new BigDecimal("1.732"));
    assertThat(RoundingVariant.CUT.of(Exact.of(7).sqrt().negate(), 1, Rounding.HALF_UP))
        .hasValue(new BigDecimal("-2.6"));
  }
}
