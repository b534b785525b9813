package promedio.core.distribution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;

/** What is read off curves has the digits that it shows, or is refused in words. */
class DistributionLookupTest {

  private static final List<String> NUMBERS =
      List.of(
          "1e-900", "1e-300", "1e-120", "1e-99", "1e-9", "0.003", "0.5", "0.97", "1", "2.5", "40",
          "1e4", "1e6", "1e9", "1e99", "1e120", "1e310", "1e900");

  private static Exact exact(String number) {
    return Exact.of(new BigDecimal(number));
  }

  private static List<Exact> degrees(String text) {
    return text == null
        ? List.of()
        : Arrays.stream(text.split(" ")).map(DistributionLookupTest::exact).toList();
  }

  @ParameterizedTest
  @CsvSource({
    // Computed with 40 digits by another program.
    "T, 0.5, 7, 0.121028958559905",
    "T, 60000, 2.5, 0.006210989131489095",
    "CHI_SQUARED, 3.7, 7, 0.1143596680280868",
    "F, 5 30, 2.5, 0.05244410472445022",
    "NORMAL, , 30, 4.906713927148187e-198"
  })
  void twelveDigitsAreRight(Distribution curve, String degrees, String at, String beyond)
      throws BadInputException {
    MathContext twelve = new MathContext(Approximate.SURE_DIGITS);

    assertThat(
            DistributionLookup.at(curve, degrees(degrees), exact(at)).upper().value().round(twelve))
        .isEqualByComparingTo(new BigDecimal(beyond).round(twelve));
  }

  @ParameterizedTest
  @CsvSource({
    "F, 1e300 1e300, 1, degrees of freedom",
    "T, 1e-300, 1, degrees of freedom",
    "T, 0.01, 1, degrees of freedom",
    "CHI_SQUARED, 1e400, 1, degrees of freedom",
    "CHI_SQUARED, 0, 1, above 0",
    "NORMAL, , 1e200, 10^100",
    "NORMAL, , 40, smaller than any"
  })
  void whereDigitsAreNotSureThatIsSaid(Distribution curve, String degrees, String at, String why) {
    assertThatThrownBy(() -> DistributionLookup.at(curve, degrees(degrees), exact(at)))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(why);
  }

  @Test
  void anAreaThatIsAlmostNothingIsRefused() {
    assertThatThrownBy(
            () ->
                DistributionLookup.of(Distribution.NORMAL, List.of(), exact("1e-400"), Tail.LOWER))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("10^−100");
    assertThatThrownBy(
            () -> DistributionLookup.of(Distribution.T, degrees("0.5"), exact("1e-99"), Tail.UPPER))
        .isInstanceOf(BadInputException.class);
  }

  @ParameterizedTest
  @EnumSource(Distribution.class)
  void whateverIsAskedThereIsAnAnswerOrAReason(Distribution curve) {
    int answers = 0;
    int refusals = 0;
    for (List<Exact> degrees : choices(curve.degrees())) {
      for (String number : NUMBERS) {
        for (Tail tail : Tail.values()) {
          try {
            Exact given = exact(number);
            DistributionLookup read =
                given.compareTo(Exact.ONE) < 0
                    ? DistributionLookup.of(curve, degrees, given, tail)
                    : DistributionLookup.at(curve, degrees, given);
            assertThat(read.area().value()).isBetween(BigDecimal.ZERO, BigDecimal.ONE);
            answers++;
          } catch (BadInputException e) {
            assertThat(e.why().text()).endsWith(".");
            refusals++;
          }
        }
      }
    }
    assertThat(answers).isPositive();
    assertThat(refusals).isPositive();
  }

  private static List<List<Exact>> choices(int degrees) {
    if (degrees == 0) {
      return List.of(List.of());
    }
    List<List<Exact>> all = new ArrayList<>();
    for (List<Exact> fewer : choices(degrees - 1)) {
      for (String number : NUMBERS) {
        List<Exact> more = new ArrayList<>(fewer);
        more.add(exact(number));
        all.add(more);
      }
    }
    return all;
  }
}
