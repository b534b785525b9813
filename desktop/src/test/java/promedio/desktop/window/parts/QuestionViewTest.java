package promedio.desktop.window.parts;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import promedio.desktop.projection.Choice;
import promedio.desktop.window.shell.OpenWindow;

/** A printed question is pasted into the window. */
class QuestionViewTest extends OpenWindow {

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
    assertThat(workspace.projection().choice().over()).isEqualTo(Choice.Over.PARTS);
    assertThat(workspace.assignment().parts()).hasSize(2);
    answer("#part-answer-1-mean", "124.33");
    assertThat(text("#part-mark-1-mean")).isEqualTo("right");
    robot.interact(workspace::undo);
    robot.interact(workspace::undo);
    settle();
    assertThat(workspace.assignment().parts()).isEmpty();
    assertThat(workspace.assignment().items()).isEmpty();
  }

  @Test
  void whatHasNoDataCannotBeTakenAndEscapeGoesBack() {
    robot.interact(workspace::showQuestion);
    robot.interact(() -> find("#question-text", TextArea.class).setText("Explain the mean."));
    settle();

    assertThat(find("#question-take", Button.class).isDisabled()).isTrue();
    fire("#question-cancel");
    assertThat(workspace.projection().choice().over()).isEqualTo(Choice.Over.NOTHING);
  }
}
