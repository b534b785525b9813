package promedio.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import promedio.core.message.BadInputException;

class StatedRulesTest {

  @Test
  void whatTheQuestionSaysGoesBeforeTheCourse() throws Exception {
    CourseRules course =
        CourseRules.DEFAULTS.with("quartiles", "hf7").with("alpha", "0.1").with("divisor", "n");

    CourseRules rules = StatedRules.NONE.with("alpha", "0.05").with("tails", "lower").over(course);

    assertThat(rules.get(Rule.ALPHA)).isEqualTo(new BigDecimal("0.05"));
    assertThat(rules.get(Rule.TAILS)).isEqualTo(Tails.LOWER);
    assertThat(rules.get(Rule.DIVISOR)).isEqualTo(Divisor.N);
    assertThat(rules.get(Rule.QUARTILES)).isEqualTo(QuantileRule.HF7);
  }

  @Test
  void whatIsUsualInAnyCourseCanBeSaidToo() throws Exception {
    CourseRules population = CourseRules.DEFAULTS.with("divisor", "n");

    assertThat(StatedRules.NONE.with("divisor", "n-1").over(population).get(Rule.DIVISOR))
        .isEqualTo(Divisor.N_MINUS_1);
  }

  @Test
  void placesAreThoseOfResultsAndOfProbabilitiesWhichHaveAtLeastOne() {
    assertThat(StatedRules.places(3).codes()).isEqualTo(Map.of("places", "3", "p-places", "3"));
    assertThat(StatedRules.places(0).codes()).isEqualTo(Map.of("places", "0"));
    assertThat(StatedRules.places(3).withPlaces(Optional.empty())).isEqualTo(StatedRules.NONE);
  }

  @Test
  void howQuartilesAreFoundIsSaidByTheCourseAndNotByAQuestion() {
    assertThatExceptionOfType(BadInputException.class)
        .isThrownBy(() -> StatedRules.NONE.with("quartiles", "hf7"))
        .withMessageContaining("“quartiles” is a rule of the course");
    assertThatExceptionOfType(BadInputException.class)
        .isThrownBy(() -> StatedRules.NONE.with("tails", "both"));
  }
}
