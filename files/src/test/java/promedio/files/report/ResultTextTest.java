package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.catalogue.Measures;
import promedio.core.distribution.Approximate;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.PStyle;
import promedio.core.rules.Rule;

/** Results as a student copies them. */
class ResultTextTest {

  private static final CourseRules RULES = CourseRules.DEFAULTS;

  private static Exact number(String text) {
    return Exact.of(new BigDecimal(text));
  }

  private static String shown(String value, Request request, boolean grouped) {
    return ResultText.of(number(value), request, grouped, RULES, DecimalSign.POINT);
  }

  @ParameterizedTest
  @CsvSource({
    "min, 118, false, 118",
    "max, 12.125, false, 12.125",
    "modes, -7.5, false, −7.5",
    // No value of a class table is known: its mode is computed.
    "modes, 115.8636, true, 115.86",
    "mean, 118, false, 118.00",
    // The places would wipe it out.
    "mean, -0.0042, false, −0.0042",
    "mean, 0, false, 0.00",
    "df_between, 2, false, 2",
    "t_two_df, 17.456, false, 17.46"
  })
  void valuesAreShownAsTypedCountsWholeAndNothingAsZeroThatIsNot(
      String key, String value, boolean grouped, String expected) {
    assertThat(shown(value, Request.of(Measures.ofKey(key).orElseThrow()), grouped))
        .isEqualTo(expected);
  }

  @ParameterizedTest
  @CsvSource({
    "0.01234, 0.0123, .012",
    "0.00001, < 0.0001, < .001",
    "0.99999, > 0.9999, > .999",
    "1, 1.0000, 1.000"
  })
  void noPValueIsShownAsZeroOrOneThatIsNot(String p, String plain, String dropped) {
    Approximate value = new Approximate(new BigDecimal(p));

    assertThat(PValueText.told(value, RULES, DecimalSign.POINT)).isEqualTo(plain);
    assertThat(
            PValueText.told(
                value, RULES.with(Rule.P_STYLE, PStyle.LEADING_ZERO_DROPPED), DecimalSign.POINT))
        .isEqualTo(dropped);
  }

  @Test
  void ofAnIntervalNoDigitIsShownThatIsNotSure() {
    CourseRules twelve = RULES.with(Rule.PLACES, 12);
    Request lower =
        new Request(Measures.ofKey("interval_mean_lower").orElseThrow(), List.of(Exact.of(95)));

    assertThat(ResultText.of(number("-1916.773012857020"), lower, false, twelve, DecimalSign.POINT))
        .isEqualTo("−1916.77301286");
    assertThat(ResultText.of(number("7.8312"), lower, false, RULES, DecimalSign.POINT))
        .isEqualTo("7.83");
  }

  @Test
  void aBoundIsNoEquation() {
    assertThat(ResultText.equation("p", "< 0.0001", false)).isEqualTo("p < 0.0001");
    assertThat(ResultText.equation("x̄", "138.83", false)).isEqualTo("x̄ ≈ 138.83");
    assertThat(ResultText.equation("n", "24", true)).isEqualTo("n = 24");
  }
}
