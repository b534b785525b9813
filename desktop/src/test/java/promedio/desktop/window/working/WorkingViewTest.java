package promedio.desktop.window.working;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.rules.Rule;
import promedio.core.working.OwnWorking;
import promedio.desktop.window.shell.OpenWindow;

/** Working by hand in the window: uncovering steps, two methods, own numbers, scratch paper. */
class WorkingViewTest extends OpenWindow {

  @BeforeEach
  void typeFourCrates() {
    robot.interact(() -> workspace.shelf().addSample(new Source.ValuesText("8 10 11 11")));
    choose(Measures.VARIANCE);
  }

  private void choose(Measure measure) {
    robot.interact(() -> workspace.chooseTask(Request.of(measure)));
  }

  /** What the steps say to a screen reader; a formula is a picture. */
  private List<String> steps(String pane) {
    return robot.lookup("#" + pane + "steps .working-step").queryAllAs(Node.class).stream()
        .map(Node::getAccessibleText)
        .toList();
  }

  @Test
  void aWorkingIsUncoveredStepByStepAndRememberedByItsMethod() {
    assertThat(steps("working-")).isEmpty();
    fire("#working-next");
    assertThat(steps("working-")).containsExactly("Σx = 8 + 10 + 11 + 11 = 40");
    fire("#working-all");
    assertThat(steps("working-"))
        .hasSize(5)
        .endsWith("s² = Σ(x − x̄)² / (n − 1) = 6 / (4 − 1) = 2");
    fire("#working-method-shortcut");
    assertThat(steps("working-")).contains("Σx² = 406");
    assertThat(workspace.assignment().course().method(Measures.VARIANCE))
        .isEqualTo(Method.SHORTCUT);

    choose(Measures.MEDIAN);
    assertThat(steps("working-")).isEmpty();
    choose(Measures.VARIANCE);
    fire("#working-all");
    assertThat(steps("working-")).contains("Σx² = 406");
    robot.interact(workspace.session()::undo);
    fire("#working-all");
    assertThat(steps("working-")).startsWith("Σx = 8 + 10 + 11 + 11 = 40");
  }

  @Test
  void aWorkingIsCopiedInTheFormsThatDocumentsTake() {
    fire("#working-all");
    MenuButton copy = find("#working-copy", MenuButton.class);

    robot.interact(() -> copy.getItems().get(0).fire());
    robot.interact(
        () -> {
          assertThat(Clipboard.getSystemClipboard().getString()).contains("s² = Σ(x − x̄)²");
          assertThat(Clipboard.getSystemClipboard().getHtml()).contains("<math", "<table>");
        });
    robot.interact(() -> copy.getItems().get(3).fire());
    robot.interact(
        () -> assertThat(Clipboard.getSystemClipboard().getString()).contains("\\frac{"));
    robot.interact(() -> copy.getItems().get(4).fire());
    robot.interact(
        () ->
            assertThat(Clipboard.getSystemClipboard().getString())
                .startsWith("x\tx − x̄\t(x − x̄)²\n8\t−2\t4")
                .endsWith("Σ 40\t0\t6"));
  }

  @Test
  void aReasonIsToldWhereItIsAskedFor() {
    fire("#working-all");
    Label reason = find("#working-step-5 .working-why", Label.class);
    assertThat(reason.isVisible()).isFalse();

    robot.interact(() -> find("#working-step-5 .link", Hyperlink.class).fire());
    assertThat(reason.isVisible()).isTrue();
    assertThat(reason.getText()).contains("n − 1 instead of n");
  }

  @Test
  void withRoundingOnTheWayItsCostIsTold() {
    robot.interact(
        () ->
            workspace.takeCourse(
                "Course",
                workspace
                    .assignment()
                    .rules()
                    .with(Rule.CARRY, Rule.CARRY.values().get(1))
                    .with(Rule.PLACES, 1)));
    choose(Measures.SD);
    fire("#working-all");

    List<String> ending =
        robot.lookup(".working-ending").queryAllAs(Label.class).stream()
            .map(Label::getText)
            .toList();
    assertThat(ending)
        .containsExactly(
            "Rounded by the course rules: 1", "Without rounding on the way it is 1.4.");
  }

  @Test
  void twoMethodsBesideEachOtherMeet() {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT7);
    settle();
    assertThat(text("#working-title")).startsWith("Variance of");
    fire("#working-beside");

    assertThat(steps("sheet-")).endsWith("s² = Σ(x − x̄)² / (n − 1) = 6 / (4 − 1) = 2");
    assertThat(steps("beside-")).contains("Σx² = 406");
    assertThat(text("#working-meeting"))
        .isEqualTo("Both give 2.00. Both find Σx = 40, n = 4 on the way.");
    fire("#beside-method-step");
    assertThat(steps("beside-")).startsWith("A = 10", "h = 1");
    fire("#working-back");
    assertThat(find("#sheet-name", Label.class).getScene()).isNotNull();
  }

  @Test
  void aPercentileIsWorkedOnTheSheet() {
    fire("#working-on-sheet");
    robot.interact(() -> taskChoice().setValue("percentile"));
    robot.interact(() -> find("#working-number", TextField.class).setText("50"));
    robot.interact(
        () -> {
          TextField number = find("#working-number", TextField.class);
          number.fireEvent(new ActionEvent());
        });
    fire("#sheet-all");

    assertThat(text("#working-title")).startsWith("Percentile 50 of");
    assertThat(steps("sheet-")).contains("pos = (n + 1) · p = (4 + 1) · 0.5 = 2.5");
  }

  @SuppressWarnings("unchecked") // the ids are ours
  private ChoiceBox<String> taskChoice() {
    return find("#working-task", ChoiceBox.class);
  }

  @Test
  void ownNumbersAreMarkedWithFollowThroughAndKept() {
    fire("#working-on-sheet");
    fire("#sheet-mine");
    // The steps tell no values now.
    assertThat(robot.lookup("#sheet-steps .step-own").queryAll()).hasSize(5);
    write("#sheet-step-1 .step-own", "42");
    write("#sheet-step-3 .step-own", "10.5");

    assertThat(words("#sheet-step-1")).isEqualTo("not right");
    assertThat(words("#sheet-step-3")).isEqualTo("right, from your own numbers before it");
    assertThat(text("#sheet-mistakes")).startsWith("One mistake");
    robot.interact(() -> find("#sheet-step-1 .link", Hyperlink.class).fire());
    assertThat(words("#sheet-step-1")).isEqualTo("should be 40");

    write("#sheet-step-1 .step-own", "40");
    assertThat(words("#sheet-step-1")).isEqualTo("right");
    assertThat(words("#sheet-step-3")).isEqualTo("not right");
    assertThat(ownWorkings()).hasSize(1);
    fire("#sheet-mine");
    fire("#sheet-mine");
    assertThat(find("#sheet-step-1 .step-own", TextField.class).getText()).isEqualTo("40");
  }

  private void write(String selector, String text) {
    robot.interact(() -> find(selector, TextField.class).requestFocus());
    robot.interact(() -> find(selector, TextField.class).setText(text));
    settle();
  }

  private String words(String step) {
    return robot.lookup(step + " .quiet").queryAllAs(Label.class).stream()
        .map(Label::getText)
        .findFirst()
        .orElse("");
  }

  @Test
  void anOwnTableIsMarkedCellByCell() {
    fire("#working-on-sheet");
    fire("#sheet-mine");
    robot.interact(() -> robot.lookup("#work-rows").query().getScene().getRoot().layout());
    TextField deviation = find("#own-cell-1-0", TextField.class);
    robot.interact(() -> deviation.setText("2"));
    robot.interact(() -> find("#own-cell-2-0", TextField.class).setText("4"));
    settle();

    assertThat(deviation.getAccessibleHelp()).isEqualTo("not right");
    assertThat(find("#own-cell-2-0", TextField.class).getAccessibleHelp()).isEqualTo("right");
    robot.interact(() -> deviation.setText("-2"));
    settle();
    assertThat(deviation.getAccessibleHelp()).isEqualTo("right");
  }

  @Test
  void aPastedBlockFillsTheOwnTable() {
    fire("#working-on-sheet");
    fire("#sheet-mine");
    robot.interact(
        () -> {
          ClipboardContent content = new ClipboardContent();
          content.putString("-2\t4\n0\t0\n1\t1\n1\t2\n");
          Clipboard.getSystemClipboard().setContent(content);
          find("#own-cell-1-0", TextField.class).requestFocus();
        });
    robot.push(KeyCode.CONTROL, KeyCode.V);
    settle();

    assertThat(ownWorkings())
        .singleElement()
        .satisfies(own -> assertThat(own.entries()).hasSize(8));
    assertThat(text("#sheet-mistakes")).startsWith("One mistake");
    robot.interact(workspace.session()::undo);
    assertThat(ownWorkings()).isEmpty();
  }

  @Test
  void scratchPaperCalculatesWithTheQuantitiesOfTheSample() {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT8);
    robot.write("8.5*2").push(KeyCode.ENTER);
    robot.interact(
        () -> {
          TextField scratch = find("#scratch", TextField.class);
          scratch.setText("Σx / 3");
        });
    robot.push(KeyCode.ENTER);
    settle();

    assertThat(robot.lookup("#scratch-lines .scratch-line").queryAllAs(Label.class))
        .extracting(Label::getText)
        .containsExactly("8.5*2 = 17", "Σx / 3 = 40/3 ≈ 13.3333");
    robot.write("9^9^9").push(KeyCode.ENTER);
    assertThat(text("#scratch-fault").toLowerCase(Locale.ROOT)).contains("no result");
    assertThat(Optional.of(find("#scratch", TextField.class).getText())).contains("9^9^9");
    assertThat(workspace.item().scratch()).hasSize(2);
  }

  private List<OwnWorking> ownWorkings() {
    return workspace.assignment().questions().stream()
        .flatMap(question -> question.work().workings().values().stream())
        .toList();
  }
}
