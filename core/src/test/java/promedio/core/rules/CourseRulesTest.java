package promedio.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.ByCode;
import promedio.core.message.BadInputException;

class CourseRulesTest {

  static Stream<Rule<?>> rules() {
    return Rule.all().stream();
  }

  @Test
  void defaultsAreTheFirstOfEachRule() {
    assertThat(CourseRules.DEFAULTS.codes())
        .hasToString(
            "{divisor=n-1, quartiles=halves-without-median, percentiles=hf6,"
                + " mode=none-when-all-equal, skewness=adjusted, places=2, rounding=half-up,"
                + " carry=exact, class-end=lower, median-position=n/2, grouped-mode=interpolated,"
                + " open-class=absent, sheppard=off, tails=two, alpha=0.05, variances=equal,"
                + " correction=none, yates=off, rank-ties=shared, large-sample=t, p-places=4, p-style=plain}");
  }

  @ParameterizedTest
  @MethodSource("rules")
  <T> void everyValueCanBeChosenByItsCode(Rule<T> rule) {
    for (T value : rule.values()) {
      CourseRules chosen = ByCode.with(CourseRules.DEFAULTS, rule.code(), rule.codeOf(value));

      assertThat(chosen.get(rule)).isEqualTo(value);
      assertThat(chosen.code(rule)).isEqualTo(rule.codeOf(value));
      assertThat(chosen.with(rule, rule.initial())).isEqualTo(CourseRules.DEFAULTS);
    }
  }

  @Test
  void changingOneRuleLeavesTheOthers() {
    CourseRules changed =
        ByCode.with(ByCode.with(CourseRules.DEFAULTS, "places", "4"), "divisor", "n");

    assertThat(changed.get(Rule.PLACES)).isEqualTo(4);
    assertThat(changed.get(Rule.DIVISOR)).isEqualTo(Divisor.N);
    assertThat(changed.get(Rule.SKEWNESS)).isEqualTo(SkewnessRule.ADJUSTED);
    assertThat(changed)
        .isEqualTo(ByCode.with(ByCode.with(CourseRules.DEFAULTS, "divisor", "n"), "places", "4"))
        .isNotEqualTo(CourseRules.DEFAULTS);
  }

  @Test
  void anUnknownCodeNamesThoseThereAre() {
    assertThatThrownBy(() -> CourseRules.DEFAULTS.with("quartile", "hf1"))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("“quartile”")
        .hasMessageContaining("divisor, quartiles, percentiles");
    assertThatThrownBy(() -> CourseRules.DEFAULTS.with("places", "13"))
        .hasMessageContaining("“13”")
        .hasMessageContaining("0, 1, 2");
    assertThatThrownBy(() -> CourseRules.DEFAULTS.with("percentiles", "halves-with-median"))
        .hasMessageContaining("hf1, hf2");
  }

  @Test
  void aValueThatARuleDoesNotTakeIsAMistakeOfTheProgram() {
    assertThatThrownBy(() -> CourseRules.DEFAULTS.with(Rule.PLACES, 13))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(
            () -> CourseRules.DEFAULTS.with(Rule.PERCENTILES, QuantileRule.HALVES_WITH_MEDIAN))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @ValueSource(strings = {"two", "-1", "13", "", "exactly", "1.5", "999999999999"})
  void aCarryThatIsNoneIsRefusedWhereItIsMade(String code) {
    assertThatThrownBy(() -> new IntermediateRounding(code))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
