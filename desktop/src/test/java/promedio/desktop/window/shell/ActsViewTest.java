package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.javafx.stage.WindowHelper;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.core.tidy.LeaveOutWhere;
import promedio.desktop.ReadTables;

/** What a person does is one act each, and the fields show the document whatever is undone. */
class ActsViewTest extends OpenWindow {

  @Override
  protected Assignment assignment() {
    return Assignment.empty("Pears")
        .with(Item.of(1, "crates", "g", new Source.ValuesText("8 10 11 11 14")));
  }

  private void undoKey() {
    robot.push(KeyCode.SHORTCUT, KeyCode.Z);
    settle();
  }

  @Test
  void anAnswerThatIsHalfTypedWhenAnotherWindowIsLookedAtIsNoTryYet() {
    robot.interact(() -> field("#answer-mean").requestFocus());
    robot.write("1");
    Window window = view.getScene().getWindow();
    robot.interact(
        () -> {
          WindowHelper.setFocused(window, false);
          assertThat(field("#answer-mean").isFocused()).isFalse();
          WindowHelper.setFocused(window, true);
        });
    robot.write("0.8");
    settle();

    assertThat(field("#answer-mean").getText()).isEqualTo("10.8");
    assertThat(workspace.analysis().work(Request.of(Measures.MEAN)).tries()).isEmpty();
    robot.type(KeyCode.TAB);
    settle();
    assertThat(shown("#mark-mean")).isTrue();
  }

  @Test
  void undoingInMyWorkingChangesTheFieldToo() throws Exception {
    robot.interact(
        () -> {
          workspace.items().type("8 10 11 11 14");
          workspace.chooseTask(Request.of(Measures.VARIANCE));
          view.requestFocus();
        });
    robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT7);
    settle();
    fire("#sheet-mine");
    waitUntil(() -> robot.lookup("#own-cell-1-0").tryQuery().isPresent());
    robot.interact(() -> field("#own-cell-1-0").requestFocus());
    robot.write("-2.8");
    TextField step = (TextField) find("#sheet-step-1 .step-own", Node.class);
    robot.interact(step::requestFocus);
    robot.write("54");
    settle();
    undoKey();
    assertThat(step.getText()).isEmpty();
    undoKey();
    assertThat(field("#own-cell-1-0").getText()).isEmpty();
    robot.push(KeyCode.SHORTCUT, KeyCode.Y);
    settle();
    assertThat(field("#own-cell-1-0").getText()).isEqualTo("-2.8");
  }

  @Test
  void thePercentileThatIsChosenIsTheOneThatIsWorked() {
    Request percentile = Request.of(Measures.PERCENTILE, Exact.of(25));
    robot.interact(
        () -> {
          workspace.items().type("8 10 11 11 14");
          workspace.items().ask(percentile);
          workspace.chooseTask(percentile);
          view.requestFocus();
        });
    robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT7);
    settle();

    assertThat(workspace.projection().choice().working()).isEqualTo(percentile);
    assertThat(field("#working-number").getText()).isEqualTo("25");
    assertThat(text("#working-title")).contains("25");
  }

  @Test
  void aHypothesisIsAboutItsOwnSampleAndIsUndone() {
    robot.interact(
        () -> {
          workspace.items().type("8 10 11 11 14");
          workspace.shelf().addSample(new Source.ValuesText("20 21 25"));
          workspace.choose(1);
        });
    fire("#sample-test-mean");
    fill("#sample-test-mu", "9");
    assertThat(text("#sample-test-hypotheses")).contains("9");

    robot.interact(() -> workspace.choose(2));
    settle();
    assertThat(find("#sample-test-mean", ToggleButton.class).isSelected()).isFalse();
    robot.interact(() -> workspace.choose(1));
    settle();
    assertThat(field("#sample-test-mu").getText()).isEqualTo("9");
    robot.interact(workspace.session()::undo);
    settle();
    assertThat(workspace.item().id()).isEqualTo(1);
    assertThat(field("#sample-test-mu").getText()).isEmpty();
  }

  @Test
  void theFormOfAStepStaysOpenWhileAnotherOneEnds() throws Exception {
    robot.interact(
        () -> workspace.tables().addTable(ReadTables.imported("log", ReadTables.manyRows())));
    settle();
    robot.interact(() -> workspace.tables().addStep(new LeaveOutWhere("g = 3")));
    robot.interact(
        () ->
            find("#steps-add", MenuButton.class).getItems().stream()
                .filter(item -> "add-leave-out".equals(item.getId()))
                .findFirst()
                .orElseThrow()
                .fire());
    robot.interact(() -> field("#ask-condition").setText("g = 4"));
    waitUntil(() -> workspace.table().pipeline().stages().size() == 1);

    assertThat(field("#ask-condition").getText()).isEqualTo("g = 4");
    fire("#step-done");
    waitUntil(() -> workspace.table().pipeline().stages().size() == 2);
    assertThat(workspace.table().table().rows()).isEqualTo(ReadTables.MANY_ROWS * 48 / 50);
    assertThat(robot.lookup("#step-form").tryQuery()).isEmpty();
  }
}
