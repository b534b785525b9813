package promedio.desktop.window.shell;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.session.Background;
import promedio.desktop.window.table.CellGrid;
import promedio.desktop.work.CellBlock;
import promedio.files.table.DataSource;

/** Whoever cannot see the window, or has no mouse, can use all of it. */
class AccessibilityTest extends OpenWindow {

  @Override
  protected Assignment assignment() {
    return DemoAssignment.create();
  }

  /** {@return what can take the focus and has no name that is spoken} */
  private List<String> nameless() {
    List<String> found = new ArrayList<>();
    Set<Node> labelled = new HashSet<>();
    collectLabelled(view, labelled);
    collect(view, labelled, found);
    return found;
  }

  private static void collectLabelled(Node node, Set<Node> labelled) {
    if (node instanceof Label label && label.getLabelFor() != null) {
      labelled.add(label.getLabelFor());
    }
    if (node instanceof Parent parent) {
      parent.getChildrenUnmodifiable().forEach(child -> collectLabelled(child, labelled));
    }
  }

  private static void collect(Node node, Set<Node> labelled, List<String> found) {
    if (!node.isVisible()) {
      return;
    }
    if (node.isFocusTraversable() && !hasName(node) && !labelled.contains(node)) {
      found.add(node.getClass().getSimpleName() + "#" + node.getId() + node.getStyleClass());
    }
    // What a control is made of speaks through it; a scroll pane only holds other things.
    boolean holds = !(node instanceof Control) || node instanceof ScrollPane;
    if (node instanceof Parent parent && holds) {
      parent.getChildrenUnmodifiable().forEach(child -> collect(child, labelled, found));
    }
  }

  private static boolean hasName(Node node) {
    String spoken = node.getAccessibleText();
    boolean text = node instanceof Labeled labeled && !String.valueOf(labeled.getText()).isBlank();
    return text || (spoken != null && !spoken.isBlank()) || node instanceof ScrollPane;
  }

  private void look(Runnable to) {
    robot.interact(to);
    settle();
  }

  @Test
  void everythingThatTakesTheFocusHasANameInEveryView() {
    for (Item item : workspace.assignment().items()) {
      look(() -> workspace.choose(item.id()));
      assertThat(nameless()).as(item.name()).isEmpty();
    }
    look(() -> workspace.choose(1));
    fire("#graph-toggle");
    fire("#working-all");
    assertThat(nameless()).as("graphs and a working").isEmpty();
    fire("#more-position");
    assertThat(nameless()).as("all measures").isEmpty();
    look(() -> workspace.showParts(true));
    assertThat(nameless()).as("parts").isEmpty();
    look(() -> workspace.chooseTable(1));
    assertThat(nameless()).as("a table and its steps").isEmpty();
    look(view::showKeys);
    assertThat(nameless()).as("the keys").isEmpty();
  }

  @Test
  void theSheetOfAWorkingHasNamesToo() {
    look(() -> workspace.choose(1));
    look(() -> workspace.chooseTask(Request.of(Measures.VARIANCE)));
    fire("#working-on-sheet");
    assertThat(nameless()).isEmpty();
    fire("#working-beside");
    fire("#sheet-mine");
    assertThat(nameless()).as("own numbers beside %s", Request.of(Measures.VARIANCE)).isEmpty();
  }

  @Test
  void tabGoesRoundTheWindowAndLosesNothingOnTheWay() {
    look(() -> workspace.choose(4));
    look(view::startTyping);
    // In the field a tab belongs to the values; with Control it leaves.
    robot.push(KeyCode.CONTROL, KeyCode.TAB);
    settle();
    Set<Node> reached = new HashSet<>();
    for (int step = 0; step < 150; step++) {
      Node focused = view.getScene().getFocusOwner();
      assertThat(focused).isNotNull();
      assertThat(focused.isVisible()).isTrue();
      reached.add(focused);
      if (!focused.equals(find("#values", Node.class))) {
        robot.push(KeyCode.TAB);
      } else {
        robot.push(KeyCode.CONTROL, KeyCode.TAB);
      }
      settle();
    }

    for (String selector :
        List.of("#values", "#item-1", "#answer-mean", "#answer-sd", "#rule-divisor", "#title")) {
      assertThat(reached).as(selector).contains(find(selector, Node.class));
    }
  }

  @Test
  void aNewMarkIsSpokenByTheFieldThatHasTheFocus() {
    look(() -> workspace.choose(2));
    answer("#answer-median", "1");
    await(Background.Lane.EXPLAINING);
    assertThat(field("#answer-median").getAccessibleText())
        .startsWith("My answer to median: ")
        .endsWith("; " + text("#mark-median"));

    fill("#answer-median", "");
    assertThat(field("#answer-median").getAccessibleText()).doesNotContain(";");
  }

  @Test
  void theValuesOfTheLineUpSpeak() {
    look(() -> workspace.choose(1));
    look(() -> workspace.chooseTask(Request.of(Measures.MEDIAN)));
    look(() -> find("#line-up", Node.class).requestFocus());
    assertThat(find("#line-up", Node.class).getAccessibleText()).startsWith("24 values in order");

    robot.type(KeyCode.RIGHT);
    settle();

    assertThat(find("#line-up", Node.class).getAccessibleText())
        .contains(", position 1 of 24")
        .doesNotContain("made of");
    assertThat(find("#tile-12", Node.class).getAccessibleText())
        .endsWith(", position 12 of 24, used for the median");
  }

  @Test
  void theHeadsOfColumnsTakeTheFocusAndSelectTheirColumn() throws Exception {
    look(() -> workspace.chooseTable(1));
    waitUntil(
        () ->
            robot.lookup(".column-head").queryAll().stream()
                .allMatch(head -> !String.valueOf(head.getAccessibleText()).contains("…")));
    Node head = robot.lookup(".column-head").nth(1).query();
    assertThat(head.getAccessibleText()).startsWith("Column ").contains("n = ");

    look(head::requestFocus);
    robot.type(KeyCode.ENTER);
    settle();

    CellBlock selected = CellGrid.of(view.getScene()).selectionProperty().get();
    assertThat(selected.firstColumn()).isEqualTo(selected.lastColumn()).isOne();
    assertThat(selected.lastRow()).isEqualTo(workspace.table().table().rows() - 1);
  }

  @Test
  void escapeClosesWhatWasOpened() {
    look(view::showKeys);
    robot.type(KeyCode.ESCAPE);
    settle();
    assertThat(shown("#key-sheet")).isFalse();

    look(() -> workspace.showParts(true));
    robot.type(KeyCode.ESCAPE);
    settle();
    assertThat(shown("#parts")).isFalse();

    look(() -> workspace.choose(1));
    look(() -> workspace.workOnSheet(Request.of(Measures.MEAN)));
    robot.type(KeyCode.ESCAPE);
    settle();
    assertThat(workspace.projection().choice().working()).isNull();

    look(() -> workspace.imports().begin(DataSource.of("typed", "a;b\n1;2".getBytes(UTF_8))));
    robot.type(KeyCode.ESCAPE);
    settle();
    assertThat(workspace.imports().property().get()).isNull();
  }
}
