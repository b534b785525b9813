package promedio.desktop.window.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.desktop.projection.ViewState;
import promedio.desktop.window.shell.OpenWindow;

/** A printed question is pasted into the window. */
class QuestionViewTest extends OpenWindow {

  private static final String PEARS =
      "Weights: 118, 131, 124. Treat them as a population.\n"
          + "(a) Find the mean to 2 decimal places.\n(b) Find the range.";

  @Test
  void itIsReadWhileItIsTypedAndTakenInAsOneEdit() {
    robot.push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.V);
    settle();
    assertThat(find("#question-take", Button.class).isDisabled()).isTrue();
    robot.interact(
        () ->
            find("#question-text", TextArea.class)
                .setText("Weights: 118, 131, 124.\n(a) Find the mean.\n(b) Find the range."));
    settle();
    assertThat(texts("#question-understood .test-text"))
        .containsExactly("1. values Weights (3): 118; 131; 124", "(a) mean", "(b) range");

    fire("#question-take");
    assertThat(workspace.projection().choice().page()).isEqualTo(ViewState.Page.PARTS);
    assertThat(workspace.assignment().parts()).hasSize(2);
    answer("#part-answer-1-mean", "124.33");
    assertThat(text("#part-mark-1-mean")).isEqualTo("right");
    robot.interact(workspace.session()::undo);
    robot.interact(workspace.session()::undo);
    settle();
    assertThat(workspace.assignment().parts()).isEmpty();
    assertThat(workspace.assignment().items()).isEmpty();
  }

  /** As one does who has copied a question somewhere. */
  private void pasteQuestion(String question) {
    robot.interact(workspace::showQuestion);
    robot.interact(() -> find("#question-text", TextArea.class).requestFocus());
    paste(question);
    settle();
  }

  private void choose(String mark) {
    robot.interact(() -> find(mark, Node.class).requestFocus());
    robot.type(KeyCode.ENTER);
    settle();
  }

  private List<String> understood() {
    return texts("#question-understood .test-text");
  }

  @SuppressWarnings("unchecked")
  private <T> void set(String selector, T value) {
    robot.interact(() -> ((ChoiceBox<T>) find(selector, ChoiceBox.class)).setValue(value));
    settle();
  }

  @Test
  void aMarkStandsUnderItsWordsAlsoWhereTheFirstLinesHaveNone() {
    pasteQuestion("Some pears were weighed.\n\n" + PEARS);
    Bounds words = onScreen("#question-mark-0");
    Bounds paper = onScreen(".mark-paper");

    assertThat(paper.getMinY()).isCloseTo(words.getMinY(), within(3.0));
    assertThat(paper.getMinX()).isCloseTo(words.getMinX(), within(3.0));
  }

  private Bounds onScreen(String selector) {
    Node node = robot.lookup(selector).query();
    return node.localToScreen(node.getBoundsInLocal());
  }

  @Test
  void whatIsPastedIsMarkedInItsTextAndEachMarkCanBeChanged() {
    pasteQuestion(PEARS);
    assertThat(shown("#question-text")).isFalse();
    assertThat(find("#question-mark-0", Text.class).getText()).isEqualTo("118, 131, 124");
    assertThat(find("#question-mark-2", Text.class).getAccessibleText())
        .isEqualTo("mean; asked: mean");

    choose("#question-mark-2");
    set("#mark-measure-2", Measures.PERCENTILE);
    fill("#mark-number-2", "90");
    robot.type(KeyCode.ENTER);
    settle();
    choose("#question-mark-1");
    set("#mark-value-1", "n-1");
    choose("#question-mark-3");
    set("#mark-places-3", 3);
    choose("#question-mark-0");
    fill("#mark-name-0", "pears");
    robot.type(KeyCode.ENTER);
    settle();

    assertThat(understood())
        .containsExactly(
            "1. values pears (3): 118; 131; 124",
            "Course rule: divide by n − 1, a sample",
            "(a) percentile 90 · 3 decimal places",
            "(b) range");
    fire("#question-take");
    assertThat(workspace.assignment().items().get(0).name()).isEqualTo("pears");
    assertThat(workspace.assignment().parts().get(0).stated().places()).hasValue(3);
  }

  @Test
  void aMarkIsRemovedByAKeyAndThatIsUndone() {
    pasteQuestion(PEARS);
    robot.interact(() -> find("#question-mark-4", Node.class).requestFocus());
    robot.type(KeyCode.DELETE);
    settle();
    assertThat(understood()).contains("(b) no number is asked");
    choose("#question-mark-0");
    fire("#mark-remove-0");
    assertThat(understood()).contains("No data found: numbers in lists or tables are data.");

    fire("#question-undo");
    fire("#question-undo");

    assertThat(understood())
        .containsExactly(
            "1. values Weights (3): 118; 131; 124",
            "Course rule: divide by n, a population",
            "(a) mean · 2 decimal places",
            "(b) range");
    assertThat(shown("#question-undo")).isFalse();
  }

  @Test
  void aNumberThatCannotBeAskedIsToldAndChangesNothing() {
    pasteQuestion(PEARS);
    choose("#question-mark-2");
    set("#mark-measure-2", Measures.PERCENTILE);
    fill("#mark-number-2", "ninety");
    robot.type(KeyCode.ENTER);
    settle();

    assertThat(text("#mark-problem-2")).contains("ninety");
    assertThat(understood()).contains("(a) mean · 2 decimal places");
  }

  @Test
  void theTextIsEditedAgainAndWhatWasChangedStays() {
    pasteQuestion(PEARS);
    choose("#question-mark-4");
    set("#mark-measure-4", Measures.IQR);
    fire("#question-edit");
    assertThat(shown("#question-text")).isTrue();

    robot.interact(() -> find("#question-text", TextArea.class).appendText("\n(c) The median?"));
    settle();
    assertThat(understood()).endsWith("(b) interquartile range", "(c) median");
    fire("#question-marks");
    assertThat(shown("#question-text")).isFalse();
  }

  @Test
  void aQuestionIsReadFromAFile() throws Exception {
    Path file = Files.writeString(folder.resolve("question.txt"), PEARS);
    when(fileChoice.toOpen()).thenReturn(Optional.of(file));
    robot.interact(workspace::showQuestion);
    fire("#question-file");
    waitUntil(() -> understood().size() == 4);
    assertThat(find("#question-text", TextArea.class).getText()).isEqualTo(PEARS);

    when(fileChoice.toOpen()).thenReturn(Optional.of(folder.resolve("none.pdf")));
    fire("#question-file");
    waitUntil(() -> text("#question-told").startsWith("none.pdf cannot be read"));
    assertThat(find("#question-text", TextArea.class).getText()).isEqualTo(PEARS);
  }

  @Test
  void whatHasNoDataCannotBeTakenAndEscapeGoesBack() {
    robot.interact(workspace::showQuestion);
    robot.interact(() -> find("#question-text", TextArea.class).setText("Explain the mean."));
    settle();

    assertThat(find("#question-take", Button.class).isDisabled()).isTrue();
    fire("#question-cancel");
    assertThat(workspace.projection().choice().page()).isEqualTo(ViewState.Page.NOTHING);
  }
}
