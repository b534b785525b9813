package promedio.desktop.window.sample;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.desktop.window.shell.OpenWindow;

/** What is asked with a number of its own is answered and marked as any measure is. */
class AskedViewTest extends OpenWindow {

  @Override
  protected Assignment assignment() {
    return Assignment.empty("Pears")
        .with(Item.of(1, "North", "g", new Source.ValuesText("12 15 11 20 17 13 19 14 16 41")));
  }

  private void ask(String key, String number) {
    Measure measure = Measures.ofKey(key).orElseThrow();
    robot.interact(() -> measures().setValue(measure));
    robot.interact(() -> find("#ask-number", TextField.class).setText(number));
    fire("#ask-add");
  }

  @SuppressWarnings("unchecked")
  private ChoiceBox<Measure> measures() {
    return find("#ask-measure", ChoiceBox.class);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "percentile   | 90   | percentile-90      | 30.50 | a percentile is the np-th value",
        "z_score      | 20   | z_score-20         | 0.03  | divided by the variance",
        "trimmed_mean | 1/10 | trimmed_mean-1-10  | 17.80 | this is the mean"
      })
  void aWrongAnswerIsExplained(
      String key, String number, String node, String answer, String words) {
    ask(key, number);
    answer("#answer-" + node, answer);

    assertThat(text("#mark-" + node)).isIn("slip", "right by another rule");
    fire("#answer-explain");
    assertThat(
            robot.lookup("#answer-explained .label").queryAllAs(Label.class).stream()
                .map(Label::getText))
        .anyMatch(told -> told.contains(words));
  }

  @Test
  void anIntervalIsAskedAnsweredAndMarkedWhereSigmaIsKnown() {
    ask("interval_mean_lower", "95; 4");
    String node = "interval_mean_lower-95-4";
    String right = text("#result-" + node);
    answer("#answer-" + node, right);

    assertThat(text("#mark-" + node)).isEqualTo("right");
    assertThat(text("#margin-heading"))
        .isEqualTo("Lower limit of the 95 % confidence interval of the mean, σ = 4");
  }

  @Test
  void aRightAnswerAgreesAndCountsInTheProgress() {
    ask("percentile", "50");
    answer("#answer-percentile-50", "15.5");

    assertThat(text("#mark-percentile-50")).isEqualTo("right");
    assertThat(workspace.analysis().progress().agreed()).isOne();
    assertThat(text("#margin-sentence")).isEqualTo("50 % of the values do not exceed 15.50 g.");
  }

  @ParameterizedTest
  @CsvSource({
    "percentile, 130, 130 does not lie from 0 to 100",
    "moment, 5, '5 is not one of 2, 3, 4'",
    "z_score, ten, “ten” is not a number"
  })
  void aNumberThatCannotBeTakenIsRefusedInWordsAndStays(String key, String number, String words) {
    ask(key, number);

    assertThat(text("#ask-problem")).contains(words);
    assertThat(find("#ask-number", TextField.class).getText()).isEqualTo(number);
    assertThat(workspace.analysis().asked()).isEmpty();
  }

  @Test
  void theRuleForPercentilesStandsInTheStripWhereOneIsAsked() {
    assertThat(robot.lookup("#rule-percentiles").tryQuery()).isEmpty();
    ask("percentile", "90");

    assertThat(shown("#rule-percentiles")).isTrue();
  }

  @Test
  void whatIsAskedNoLongerComesBackWithItsAnswerByUndo() {
    Request rank = Request.of(Measures.PERCENTILE_RANK, Exact.of(15));
    ask("percentile_rank", "15");
    answer("#answer-percentile_rank-15", "40");
    fire("#ask-remove-percentile_rank-15");
    assertThat(workspace.analysis().asked()).isEmpty();
    assertThat(workspace.analysis().work(rank).answer()).isEmpty();

    robot.interact(workspace.session()::undo);
    assertThat(workspace.analysis().asked()).containsExactly(rank);
    assertThat(find("#answer-percentile_rank-15", TextField.class).getText()).isEqualTo("40");
  }

  @Test
  void theFiveNumbersAreATableWhoseCellsAreTheQuestionsOfTheSheet() {
    ask("five_numbers", "");
    answer("#asked-five_numbers-answer-q1", "11");
    answer("#asked-five_numbers-answer-median", "15");

    assertThat(text("#asked-five_numbers-mark-median")).isEqualTo("slip");
    assertThat(find("#answer-median", TextField.class).getText()).isEqualTo("15");
    assertThat(find("#answer-q1", TextField.class).getText()).isEqualTo("11");
    answer("#answer-median", "15.5");
    assertThat(find("#asked-five_numbers-answer-median", TextField.class).getText())
        .isEqualTo("15.5");
    assertThat(text("#asked-five_numbers-mark-median")).isEqualTo("right");
    assertThat(text("#asked-five_numbers-result-max")).isEqualTo("41");

    fire("#asked-five_numbers-whole");
    assertThat(workspace.request()).isEqualTo(Request.of(Measures.FIVE_NUMBERS));
  }
}
