package promedio.desktop.window.sample;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.rules.StatedRules;
import promedio.desktop.window.shell.OpenWindow;

/** Results that are covered until they are found or uncovered. */
class CoveredViewTest extends OpenWindow {

  @Override
  protected Assignment assignment() {
    return Assignment.empty("Orchard")
        .with(Item.of(1, "upper", "g", new Source.ValuesText("12 15 11 20 17")))
        .with(Item.of(2, "lower", "g", new Source.ValuesText("9 11 16 20")))
        .with(Item.of(3, "both", "g", Source.Picked.of(List.of(1, 2))))
        .asking(
            Part.of(1, "How heavy?", Selection.of(1), StatedRules.NONE),
            List.of(Request.of(Measures.MEAN)))
        .asking(
            Part.of(2, "Halve them.", Selection.of(1), StatedRules.NONE),
            List.of(Request.of(Measures.MEDIAN)))
        .asking(
            Part.of(3, "How far?", Selection.of(1), StatedRules.NONE),
            List.of(Request.of(Measures.SD)))
        .withCovered(true);
  }

  private List<String> lineUp() {
    return robot.lookup(".line-up-label").queryAllAs(Label.class).stream()
        .filter(Label::isVisible)
        .map(Label::getText)
        .toList();
  }

  private void decide(String button) {
    robot.interact(() -> find(button, RadioButton.class).requestFocus());
    robot.type(KeyCode.SPACE);
    settle();
  }

  @Test
  void aResultIsCoveredUntilTheAnswerIsRight() {
    assertThat(text("#result-mean")).isEqualTo("?");
    assertThat(text("#margin-sentence")).startsWith("Covered: work it out");
    assertThat(lineUp()).noneMatch(label -> label.contains("balances") || label.contains("median"));

    answer("#answer-mean", "14");
    assertThat(text("#mark-mean")).isNotEqualTo("right");
    assertThat(text("#result-mean")).isEqualTo("?");
    assertThat(text("#margin-answer")).doesNotContain("15");

    answer("#answer-mean", "15");
    assertThat(text("#mark-mean")).isEqualTo("right");
    assertThat(text("#result-mean")).isEqualTo("15.00");
    assertThat(text("#result-sd")).isEqualTo("?");
    assertThat(text("#margin-sentence")).contains("15.00 g");
    assertThat(lineUp()).anyMatch(label -> label.contains("15"));
  }

  @Test
  void oneResultIsUncoveredAndThatIsToldAndUndone() {
    answer("#answer-sd", "2");
    assertThat(text("#margin-answer")).doesNotContain("3.67");
    fire("#uncover");

    assertThat(text("#result-sd")).isEqualTo("3.67");
    assertThat(text("#result-mean")).isEqualTo("?");
    assertThat(workspace.assignment().uncovered()).hasSize(1);
    assertThat(texts(".quiet")).anyMatch(line -> line.endsWith("1 uncovered"));

    robot.interact(workspace.session()::undo);
    settle();
    assertThat(text("#result-sd")).isEqualTo("?");
    assertThat(workspace.assignment().uncovered()).isEmpty();
  }

  private void coverOnlyPart(int part) {
    robot.interact(() -> workspace.items().setCovered(false));
    robot.interact(() -> workspace.showParts(true));
    settle();
    fire("#part-covered-" + part);
    robot.interact(() -> workspace.showParts(false));
    settle();
  }

  @Test
  void theLineUpHidesWhatAPartCoversWhileItsSheetIsOutOfSight() {
    robot.interact(() -> workspace.items().setCovered(false));
    settle();
    assertThat(lineUp()).anyMatch(label -> label.contains("median"));
    coverOnlyPart(2);

    assertThat(text("#result-median")).isEqualTo("?");
    assertThat(lineUp()).noneMatch(label -> label.contains("median"));
  }

  @Test
  void whatWouldTellACoveredResultIsCoveredWithIt() {
    coverOnlyPart(1);

    // The mean is asked; the sum tells it, the median does not.
    assertThat(text("#result-mean")).isEqualTo("?");
    assertThat(text("#result-sum")).isEqualTo("?");
    assertThat(text("#result-median")).isEqualTo("15.00");
    answer("#answer-mean", "15");
    assertThat(text("#result-sum")).isEqualTo("75.00");
  }

  @Test
  void theVarianceIsCoveredWithTheStandardDeviation() {
    coverOnlyPart(3);

    assertThat(text("#result-sd")).isEqualTo("?");
    assertThat(text("#result-variance")).isEqualTo("?");
    assertThat(text("#result-sum")).isEqualTo("75.00");
    answer("#answer-sd", "3.67");
    assertThat(text("#result-variance")).isEqualTo("13.50");
  }

  @Test
  void whatIfIsAskedAgainOnceAllThatAPartCoversIsFound() {
    coverOnlyPart(1);
    assertThat(field("#what-if-number").getParent().isVisible()).isFalse();

    answer("#answer-mean", "15");
    assertThat(field("#what-if-number").getParent().isVisible()).isTrue();
  }

  @Test
  void aCoveredTestIsAnsweredStepByStep() {
    robot.interact(() -> workspace.choose(3));
    settle();
    fire("#groups-test-two");
    assertThat(text("#groups-test-problem")).startsWith("The rest is covered with the p-value");
    assertThat(text("#groups-test-sentence")).isEmpty();
    assertThat(shown("#groups-test-decision")).isFalse();

    answer("#answer-t_two_df", "7");
    assertThat(text("#mark-t_two_df")).isEqualTo("right");
    decide("#groups-test-decide-keep");
    assertThat(text("#groups-test-decision-mark")).isEqualTo("right");
    assertThat(text("#result-t_two_p")).isEqualTo("?");
    answer("#answer-t_two_p", "0.7376");
    assertThat(text("#mark-t_two_p")).isEqualTo("right");
    assertThat(text("#groups-test-sentence")).startsWith("It was not shown that the mean of upper");
  }

  @Test
  void allIsShownWhenNothingIsCoveredAnyMore() {
    robot.interact(
        () -> {
          CheckMenuItem cover =
              find("#assignment-menu", MenuButton.class).getItems().stream()
                  .filter(item -> "menu-cover".equals(item.getId()))
                  .map(CheckMenuItem.class::cast)
                  .findFirst()
                  .orElseThrow();
          assertThat(cover.isSelected()).isTrue();
          cover.setSelected(false);
          cover.fire();
        });
    settle();

    assertThat(workspace.assignment().covered()).isFalse();
    assertThat(text("#result-mean")).isEqualTo("15.00");
    assertThat(text("#margin-sentence")).doesNotContain("Covered");
  }

  @Test
  void theCellsOfAComparisonAreCoveredToo() {
    robot.interact(() -> workspace.choose(3));
    settle();

    assertThat(text("#summary-0-2")).isEqualTo("?");
    assertThat(text("#comparison-alike")).startsWith("What is alike");
    fire("#groups-test-variance");
    assertThat(text("#groups-test-problem")).startsWith("The rest is covered");
    assertThat(text("#groups-test-sentence")).isEmpty();
  }
}
