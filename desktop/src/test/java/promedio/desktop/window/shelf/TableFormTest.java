package promedio.desktop.window.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.CheckBox;
import javafx.scene.control.TextArea;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Source;
import promedio.desktop.window.shell.OpenWindow;

/** Printed tables, typed into a form as the hand goes. */
class TableFormTest extends OpenWindow {

  private String typed() {
    Source source = workspace.item().source();
    return source instanceof Source.ClassesText classes
        ? classes.text()
        : ((Source.TableText) source).text();
  }

  @Test
  void tabAndEnterMoveAsTheHandDoesAndTheNextClassIsProposed() {
    fire("#new-classes");
    robot.write("10-19").type(KeyCode.TAB).write("5").type(KeyCode.ENTER);
    assertThat(field("#form-label-2").getPromptText()).isEqualTo("20–29");

    robot.type(KeyCode.ENTER).write("8").type(KeyCode.ENTER);
    // A frequency alone takes the class that is proposed.
    robot.type(KeyCode.TAB).write("4");
    settle();

    assertThat(typed()).isEqualTo("10-19\t5\n20–29\t8\n30–39\t4");
    assertThat(text("#form-boundaries-2")).isEqualTo("19.5–29.5");
    assertThat(text("#result-median")).isEqualTo("23.88");
  }

  @Test
  void aClassOutOfPlaceIsToldAtItsRowAndTheOthersCount() {
    fire("#new-classes");
    robot.write("10-19 5\n20-29 8\n25-39 2\n30-39 -4\n");
    settle();

    assertThat(text("#form-problem-3")).isEqualTo("class 25–39 begins before class 20–29 ends");
    assertThat(text("#form-problem-4")).isEqualTo("class 30–39 has the negative frequency -4");
    assertThat(robot.lookup("#form-problem-2").query().isVisible()).isFalse();
    assertThat(text("#counts")).startsWith("2 classes, Σf = 13");
    assertThat(field("#form-label-3").getText()).isEqualTo("25-39");
  }

  @Test
  void cumulativeFrequenciesAndThePrintedTotalAreTaken() {
    fire("#new-classes");
    robot.write("10-19 5\n20-29 13\n30-39 17\n");
    robot.interact(() -> robot.lookup("#form-cumulative").queryAs(CheckBox.class).fire());
    robot.clickOn("#form-total").write("17");
    settle();

    assertThat(text("#result-median")).isEqualTo("23.88");
    assertThat(text("#counts")).doesNotContain("written as their total");

    robot.write("0");
    settle();
    assertThat(text("#counts")).contains("add up to 17, but their total is given as 170");
  }

  @Test
  void aTableIsPastedIntoTheFormAndUndoneAtOnce() {
    fire("#new-classes");
    robot.interact(
        () -> {
          ClipboardContent content = new ClipboardContent();
          content.putString("10–20\t5\n20–30\t8\nn = 13\n");
          Clipboard.getSystemClipboard().setContent(content);
          field("#form-label-1").paste();
        });

    assertThat(field("#form-frequency-2").getText()).isEqualTo("8");
    assertThat(field("#form-total").getText()).isEqualTo("13");
    robot.interact(workspace.session()::undo);
    assertThat(field("#form-label-1").getText()).isEmpty();
  }

  @Test
  void arrowsMoveBetweenRowsAndBackspaceTakesAnEmptyRowAway() {
    fire("#new-table");
    robot.write("3 12\n4 7\n5 2\n").type(KeyCode.UP, KeyCode.UP);
    assertThat(field("#form-label-2").isFocused()).isTrue();
    assertThat(text("#counts")).contains("3 rows");

    robot.eraseText(1).type(KeyCode.TAB).eraseText(1).type(KeyCode.BACK_SPACE);
    settle();

    assertThat(typed()).isEqualTo("3\t12\n5\t2");
    assertThat(field("#form-frequency-1").isFocused()).isTrue();
  }

  @Test
  void theSameTableCanBeTypedAsLines() {
    fire("#new-table");
    robot.write("3 12\n4 7\n");
    fire("#values-manner");

    TextArea area = robot.lookup("#values").queryAs(TextArea.class);
    assertThat(area.isVisible()).isTrue();
    assertThat(area.getText()).isEqualTo("3\t12\n4\t7");
    robot.write("\n5 2");
    fire("#values-manner");
    assertThat(field("#form-frequency-3").getText()).isEqualTo("2");
  }
}
