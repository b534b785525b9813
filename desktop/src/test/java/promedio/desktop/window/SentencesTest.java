package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.rules.Rule;
import promedio.desktop.Texts;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.work.Background;
import promedio.desktop.work.Reckoning;
import promedio.desktop.work.Workspace;

class SentencesTest {

  static Stream<Item> demo() {
    return DemoAssignment.create().items().stream();
  }

  private static Reckoning reckoning(int id, String... rule) {
    Workspace workspace =
        new Workspace(DemoAssignment.create(), new Background(Runnable::run, Runnable::run));
    workspace.choose(id);
    for (int i = 0; i < rule.length; i += 2) {
      Assignment now = workspace.assignment();
      workspace.replace(now.withRules(now.rules().with(rule[i], rule[i + 1])));
    }
    return workspace.reckoningProperty().get();
  }

  @ParameterizedTest
  @MethodSource("demo")
  void everyMeasureOfEverySampleHasASentenceAndAFormulaThatCanBeSet(Item item) {
    Reckoning reckoning = reckoning(item.id());
    for (Measure measure : Measure.values()) {
      Result result = reckoning.measures().get(measure);

      assertThat(Sentences.about(measure, result, reckoning))
          .as(measure.key())
          .endsWith(".")
          .doesNotContain("{");
      reckoning
          .formulas()
          .of(measure)
          .ifPresent(
              equation ->
                  assertThat(FormulaSetter.set(equation.latex()).path())
                      .as(measure.key())
                      .startsWith("M"));
    }
  }

  static Stream<Rule<?>> rulesOfTheStrip() {
    return Stream.of(
        Rule.DIVISOR, Rule.QUARTILES, Rule.MODE, Rule.SKEWNESS, Rule.PLACES, Rule.ROUNDING);
  }

  @ParameterizedTest
  @MethodSource("rulesOfTheStrip")
  <T> void everyValueOfARuleIsToldInWords(Rule<T> rule) {
    for (T value : rule.values()) {
      assertThat(Texts.of("rule." + rule.code() + "." + rule.codeOf(value))).isNotBlank();
      assertThat(reckoning(1, rule.code(), rule.codeOf(value)).rules().get(rule)).isEqualTo(value);
    }
  }

  @Test
  void sentencesSayTheNumbersOfTheSample() {
    Reckoning north = reckoning(1);

    assertThat(Sentences.about(Measure.MEAN, north.measures().get(Measure.MEAN), north))
        .isEqualTo("If the total were shared equally among 24 values, each would be 138.83 g.");
    assertThat(Sentences.about(Measure.MODES, north.measures().get(Measure.MODES), north))
        .startsWith("131, 139 g occur most often");
    Reckoning moments = reckoning(1, "skewness", "pearson-median");
    assertThat(Sentences.about(Measure.SKEWNESS, moments.measures().get(Measure.SKEWNESS), moments))
        .contains("large values pull it up");
  }
}
