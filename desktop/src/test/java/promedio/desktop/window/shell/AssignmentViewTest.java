package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;

/** The window as a student uses it: typing, clicking, pressing keys. */
class AssignmentViewTest extends OpenWindow {

  private void type(String selector, String text) {
    robot.clickOn(selector).write(text);
    settle();
  }

  private void chooseRule(String code, int value) {
    robot.clickOn("#rule-" + code);
    settle();
    robot.interact(() -> find("#rule-" + code, MenuButton.class).getItems().get(value).fire());
    robot.interact(() -> find("#rule-" + code, MenuButton.class).hide());
  }

  @Test
  void someoneNewTypesEightNumbersAndReadsTheirStandardDeviation() {
    assertThat(robot.lookup("#empty-type").query().isVisible()).isTrue();

    robot.write("2 4 4 4 5 5 7 9");
    settle();

    assertThat(text("#result-mean")).isEqualTo("5.00");
    assertThat(text("#result-sd")).isEqualTo("2.14");
    assertThat(text("#counts")).isEqualTo("8 values");
    assertThat(text("#sheet-name")).isEqualTo("Sample 1");
  }

  @Test
  void anAnswerIsCalledWrongOnlyWhenItIsFinished() {
    robot.write("8 10 11 12");

    type("#answer-mean", "10.2");
    assertThat(find("#mark-mean", Label.class).isVisible()).isFalse();
    robot.write("6");
    assertThat(find("#mark-mean", Label.class).isVisible()).isFalse();
    robot.type(KeyCode.ENTER);
    settle();
    assertThat(text("#mark-mean")).isEqualTo("rounding");
    assertThat(text("#margin-answer"))
        .contains("is nearly right; this may be a matter of rounding");

    robot.type(KeyCode.BACK_SPACE).write("5");
    settle();
    assertThat(text("#mark-mean")).isEqualTo("right");
  }

  @Test
  void theMarginTellsOfTheMeasureThatIsChosen() {
    robot.write("8 10 11 12");

    robot.clickOn("#measure-median");

    assertThat(text("#margin-heading")).isEqualTo("Median");
    assertThat(text("#margin-sentence")).contains("10.50 or less");
    assertThat(find("#formula", Node.class).getAccessibleText())
        .isEqualTo("Formula: Md = (x(2) + x(3)) / 2");
  }

  @Test
  void everyRuleOfTheStripIsAtWork() {
    robot.write("8 10 11 12 14.5");

    chooseRule("divisor", 1);
    assertThat(text("#result-variance")).isEqualTo("4.64");
    chooseRule("places", 4);
    assertThat(text("#result-variance")).isEqualTo("4.6400");
    chooseRule("quartiles", 1);
    assertThat(text("#result-q1")).isEqualTo("10.0000");
    chooseRule("skewness", 5);
    assertThat(text("#result-skewness")).isEqualTo("0.0000");
    chooseRule("sign", 1);
    assertThat(text("#result-variance")).isEqualTo("4,6400");
    assertThat(text("#rule-divisor")).isEqualTo("n, a population");

    robot.push(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(text("#result-variance")).isEqualTo("4.6400");
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
    settle();
    assertThat(text("#result-variance")).isEqualTo("4,6400");
  }

  @Test
  void unreadableEntriesAreMarkedAndCanBeMended() {
    robot.write("12.5 14o 13");
    settle();
    assertThat(text("#counts")).isEqualTo("2 values · 1 invalid");
    Button problem = find(".problem", Button.class);
    assertThat(problem.getText()).isEqualTo("“14o” is not a number");

    robot.clickOn(problem);
    assertThat(find("#values", TextArea.class).getSelectedText()).isEqualTo("14o");
    robot.write("140");
    settle();

    assertThat(text("#counts")).isEqualTo("3 values");
    assertThat(find("#values", TextArea.class).getText()).isEqualTo("12.5 140 13");
    assertThat(robot.lookup(".problem").tryQuery()).isEmpty();
  }

  @Test
  void undoGoesAllTheWayBackAndRedoForthAgain() {
    robot.write("8 10");
    type("#answer-mean", "9");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(find("#answer-mean", TextField.class).getText()).isEmpty();
    robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(robot.lookup("#empty-type").query().isVisible()).isTrue();
    assertThat(find("#values", TextArea.class).getText()).isEmpty();

    for (int i = 0; i < 3; i++) {
      robot.push(KeyCode.CONTROL, KeyCode.Y);
    }
    settle();
    assertThat(find("#values", TextArea.class).getText()).isEqualTo("8 10");
    assertThat(find("#answer-mean", TextField.class).getText()).isEqualTo("9");
    assertThat(text("#mark-mean")).isEqualTo("right");
  }

  @Test
  void aTableOfValuesAndFrequenciesIsTypedLineByLine() {
    robot.clickOn("#new-table");
    robot.write("3 12").type(KeyCode.ENTER).write("4 8");
    settle();

    assertThat(text("#result-mean")).isEqualTo("3.40");
    assertThat(text("#counts")).isEqualTo("2 rows, Σf = 20");
  }

  @Test
  void oneColumnOfAFileComesInAsValuesToTypeOn() throws IOException, TimeoutException {
    Path file =
        Files.writeString(folder.resolve("two.csv"), "row,kg,g\na,1.5,100\nb,x,\nc,3,300\n");
    when(fileChoice.toOpen()).thenReturn(Optional.of(file));

    robot.clickOn("#open-file");
    waitUntil(() -> !robot.lookup("#import-take").query().isDisabled());
    robot.doubleClickOn("#import-columns").push(KeyCode.CONTROL, KeyCode.A).write("kg");
    robot.type(KeyCode.ENTER);
    settle();
    robot.clickOn("#import-take");
    settle();

    assertThat(find("#values", TextArea.class).getText()).isEqualTo("1.5 x 3");
    assertThat(text("#sheet-name")).isEqualTo("kg");
    assertThat(text("#counts")).isEqualTo("2 values · 1 invalid");
  }

  @Test
  void aFileThatCannotBeReadLeavesEverythingAsItWas() throws IOException, TimeoutException {
    robot.write("8 10");
    Path file = Files.writeString(folder.resolve("words.csv"), "a,b\n");
    when(fileChoice.toOpen()).thenReturn(Optional.of(file));

    robot.push(KeyCode.CONTROL, KeyCode.O);
    waitUntil(() -> robot.lookup("#import-problem").query().isVisible());

    assertThat(text("#import-problem")).contains("words.csv", "there is a header but no row");
    robot.clickOn("#import-leave");
    settle();
    assertThat(text("#result-mean")).isEqualTo("9.00");
  }

  @Test
  void aLongColumnComesWholeAndIsNotEditedAsText() throws IOException, TimeoutException {
    Path file = Files.writeString(folder.resolve("long.csv"), "g\n" + "3\n4\nNA\n".repeat(2000));
    when(fileChoice.toOpen()).thenReturn(Optional.of(file));

    robot.clickOn("#open-file");
    waitUntil(() -> !robot.lookup("#import-take").query().isDisabled());
    robot.clickOn("#import-take");
    waitUntil(() -> workspace.table() != null);
    robot.clickOn("#table-put");
    settle();
    robot.clickOn("#item-1");
    settle();

    assertThat(text("#result-mean")).isEqualTo("3.50");
    assertThat(text("#counts")).isEqualTo("4\u202F000 values · 2\u202F000 missing");
    assertThat(find("#values", TextArea.class).isEditable()).isFalse();
  }

  @Test
  void theEmptyStateBeginsByPasteOrDemo() {
    robot.interact(
        () -> {
          ClipboardContent content = new ClipboardContent();
          content.putString("8\n10\n11");
          Clipboard.getSystemClipboard().setContent(content);
        });
    robot.clickOn("#empty-paste");
    settle();
    assertThat(text("#counts")).isEqualTo("3 values");

    robot.push(KeyCode.CONTROL, KeyCode.Z);
    robot.clickOn("#empty-demo");
    settle();
    assertThat(text("#sheet-name")).isEqualTo("North terrace");
    assertThat(text("#mark-mean")).isEqualTo("right, too few places");
    assertThat(text("#mark-q1")).isEqualTo("right by another rule");
  }

  @Test
  void whatIsPastedOutsideOfAFieldIsANewSample() {
    robot.write("8 10");
    robot.interact(
        () -> {
          ClipboardContent content = new ClipboardContent();
          content.putString("1\t2\n3");
          Clipboard.getSystemClipboard().setContent(content);
        });
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT2).push(KeyCode.CONTROL, KeyCode.V);
    settle();

    assertThat(text("#sheet-name")).isEqualTo("Sample 2");
    assertThat(text("#result-mean")).isEqualTo("2.00");
  }

  @Test
  void moreMeasuresAreOneButtonAway() {
    robot.write("1 2 4");
    assertThat(robot.lookup("#measure-geometric_mean").queryAll()).isEmpty();

    fire("#more-position");
    settle();

    assertThat(find("#measure-geometric_mean", Node.class).isVisible()).isTrue();
    assertThat(text("#result-geometric_mean")).isEqualTo("2.00");
  }

  @Test
  void namesAndAnswersAreSpokenToAssistiveTools() {
    robot.write("8 10");

    assertThat(find("#answer-sd", TextField.class).getAccessibleText())
        .isEqualTo("My answer to standard deviation: 1.41");
    assertThat(find("#values", TextArea.class).getAccessibleText()).startsWith("Values");
    assertThat(find("#rule-quartiles", MenuButton.class).getAccessibleText())
        .isEqualTo("quartiles: by halves, without the median");
    assertThat(find("#item-1", Button.class).getAccessibleText()).contains("Sample 1", "chosen");
  }

  @Test
  void theTitleAndTheNameOfASampleAreWrittenWhereTheyStand() {
    robot.write("8 10");
    robot.doubleClickOn("#title").write("Apples");
    robot.clickOn("#item-name").push(KeyCode.CONTROL, KeyCode.A).write("Row 7");
    settle();

    assertThat(workspace.assignment().title()).isEqualTo("Apples");
    assertThat(text("#sheet-name")).isEqualTo("Row 7");
  }

  @Test
  void aWholeDayOfWorkTypedChangedUndoneSavedAndOpenedAgain() throws Exception {
    Path file = folder.resolve("pears.promedio");
    when(fileChoice.toSave(any())).thenReturn(Optional.of(folder.resolve("pears")));
    when(fileChoice.toOpen()).thenReturn(Optional.of(file));
    robot.write("8 10 11 12");
    type("#answer-mean", "10.25");
    chooseRule("divisor", 1);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(text("#assignment-menu")).isEqualTo("Assignment •");

    robot.push(KeyCode.CONTROL, KeyCode.S);
    settle();
    assertThat(text("#assignment-menu")).isEqualTo("Assignment");
    assertThat(file).exists();
    Assignment saved = workspace.assignment();

    robot.interact(() -> menu("menu-begin").fire());
    assertThat(robot.lookup("#empty-type").query().isVisible()).isTrue();
    robot.push(KeyCode.CONTROL, KeyCode.O);
    settle();

    assertThat(workspace.assignment()).isEqualTo(saved);
    assertThat(text("#mark-mean")).isEqualTo("right");
    assertThat(text("#result-mean")).isEqualTo("10.25");
  }

  @Test
  void aDamagedFileIsNamedAndChangesNothing() throws Exception {
    robot.write("8 10");
    Path file = Files.writeString(folder.resolve("torn.promedio"), "PK\u0003\u0004 torn");
    when(fileChoice.toOpen()).thenReturn(Optional.of(file));

    robot.push(KeyCode.CONTROL, KeyCode.O);
    settle();

    assertThat(find("#notice .label", Label.class).getText())
        .contains("Not opened, and nothing was changed", "torn.promedio");
    assertThat(text("#result-mean")).isEqualTo("9.00");
  }

  @Test
  void aChangedRuleTellsWhatItMoved() {
    robot.write("8 10 11 12");

    chooseRule("divisor", 1);

    assertThat(text("#moved")).contains("variance 2.92 → 2.19", "standard deviation 1.71 → 1.48");
    assertThat(text("#aside-variance")).isEqualTo("was 2.92");
    robot.clickOn("#values").write(" ");
    settle();
    assertThat(find("#moved", Label.class).getParent().isVisible()).isFalse();
  }

  @Test
  void theMarginShowsTheMeasureByEveryOtherRule() {
    robot.write("8 10 11 12 14 15");
    type("#answer-q1", "9.5");

    assertThat(find("#other-rules", Node.class).isVisible()).isTrue();
    assertThat(robot.from(robot.lookup("#other-rules")).lookup(".your-answer").queryAll())
        .isNotEmpty();
    robot.clickOn("#measure-mean");
    assertThat(find("#other-rules", Node.class).isVisible()).isFalse();
  }

  @Test
  void aValueIsTakenOutOnTrialAndTheTrialDropped() {
    robot.write("8 10 11 50");
    settle();
    robot.clickOn("#tile-4");
    assertThat(find("#values", TextArea.class).getSelectedText()).isEqualTo("50");

    robot.clickOn("#what-if-take-out");
    settle();
    assertThat(text("#what-if-outcome"))
        .isEqualTo(
            "Without 50: mean 19.75 → 9.67, median 10.50 → 10.00, standard deviation 20.21 → 1.53.");
    assertThat(text("#aside-mean")).isEqualTo("→ 9.67");
    assertThat(text("#result-mean")).isEqualTo("19.75");

    robot.clickOn("#what-if-drop");
    settle();
    assertThat(find("#values", TextArea.class).getText()).isEqualTo("8 10 11 50");
    assertThat(text("#result-mean")).isEqualTo("19.75");
  }

  @Test
  void aTrialIsKeptByTheKeyboardAlone() {
    robot.write("8 10 11 50");
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT2);
    settle();
    robot.type(KeyCode.RIGHT).type(KeyCode.DELETE);
    settle();
    robot.type(KeyCode.ENTER);
    settle();

    assertThat(find("#values", TextArea.class).getText()).isEqualTo("8 10 11 ");
    assertThat(text("#result-mean")).isEqualTo("9.67");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(text("#result-mean")).isEqualTo("19.75");
  }

  @Test
  void aNumberIsPutInOnTrialAndKept() {
    robot.write("8 10");
    type("#what-if-number", "12");
    robot.clickOn("#what-if-put-in");
    settle();
    assertThat(text("#aside-mean")).isEqualTo("→ 10.00");

    robot.clickOn("#what-if-keep");
    settle();

    assertThat(find("#values", TextArea.class).getText()).isEqualTo("8 10 12");
    assertThat(text("#result-mean")).isEqualTo("10.00");
  }

  @Test
  void theValueAtTheCaretIsChosenInTheLineUp() {
    robot.write("12 8 10");
    settle();

    assertThat(find("#tile-2", Label.class).getText()).isEqualTo("10");
    assertThat(find("#tile-2", Label.class).getPseudoClassStates())
        .anyMatch(state -> state.getPseudoClassName().equals("chosen"));
  }

  @Test
  void rulesAreKeptUnderANameAndTakenAgain() {
    chooseRule("divisor", 1);
    robot.clickOn("#course");
    settle();
    robot.interact(
        () -> {
          TextField name = (TextField) robot.lookup("#course-name").query();
          name.setText("Statistics I");
          name.fireEvent(new ActionEvent());
        });
    assertThat(text("#course")).isEqualTo("By the rules of Statistics I");
    assertThat(settings.get().courses()).containsKey("Statistics I");

    chooseRule("divisor", 0);
    assertThat(text("#course")).isEqualTo("Rules of this assignment");
    robot.interact(() -> find("#course", MenuButton.class).getItems().get(0).fire());
    assertThat(text("#rule-divisor")).isEqualTo("n, a population");
  }

  @Test
  void theShelfDuplicatesAppendsMovesAndRemoves() {
    robot.write("8 10");
    robot.interact(() -> action("item-duplicate").fire());
    assertThat(text("#sheet-name")).isEqualTo("Sample 1, copy");
    robot.interact(() -> action("item-up").fire());
    assertThat(workspace.assignment().items().get(0).name()).isEqualTo("Sample 1, copy");
    robot.interact(() -> workspace.items().append(workspace.assignment().items().get(1)));
    assertThat(find("#values", TextArea.class).getText()).isEqualTo("8 10 8 10");
    type("#item-unit", "kg");
    type("#item-note", "weighed twice");
    assertThat(workspace.item().unit()).isEqualTo("kg");
    assertThat(workspace.item().note()).isEqualTo("weighed twice");

    robot.interact(() -> action("item-remove").fire());

    assertThat(text("#sheet-name")).isEqualTo("Sample 1");
    assertThat(workspace.assignment().items()).hasSize(1);
  }

  @Test
  void keysAreListedAndTheLookIsRemembered() {
    robot.interact(() -> menu("menu-keys").fire());
    settle();
    assertThat(find("#key-sheet", Node.class).isVisible()).isTrue();
    robot.type(KeyCode.SPACE);
    settle();
    assertThat(find("#key-sheet", Node.class).isVisible()).isFalse();

    robot.push(KeyCode.CONTROL, KeyCode.EQUALS);
    robot.interact(() -> ((CheckMenuItem) menu("menu-dark")).setSelected(true));

    assertThat(settings.get().textPercent()).isEqualTo(110);
    assertThat(settings.get().dark()).isTrue();
    assertThat(find(".assignment", Node.class).getStyleClass()).contains("dark");
  }

  private MenuItem menu(String id) {
    return item("#assignment-menu", id);
  }

  private MenuItem action(String id) {
    return item("#item-actions", id);
  }

  private MenuItem item(String menu, String id) {
    return find(menu, MenuButton.class).getItems().stream()
        .filter(item -> id.equals(item.getId()))
        .findFirst()
        .orElseThrow();
  }
}
