package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.assignment.Assignment;
import promedio.desktop.demo.DemoAssignment;
import promedio.files.settings.Settings;

/** Nothing is cut off or out of reach, however small the window and however large the text. */
class AnySizeTest extends OpenWindow {

  @Override
  protected Assignment assignment() {
    return DemoAssignment.create();
  }

  private void look(double width, double height, int percent) {
    robot.interact(
        () -> {
          view.getScene().getWindow().setWidth(width);
          view.getScene().getWindow().setHeight(height);
        });
    robot.interact(() -> view.setTextPercent(percent));
    settle();
  }

  private static Bounds inWindow(Node node) {
    return node.localToScene(node.getLayoutBounds());
  }

  /** Controls that stand farther right than the pane that shows them. */
  private List<String> cutOff(ScrollPane pane) {
    List<String> cut = new ArrayList<>();
    double right = inWindow(pane).getMaxX() + 1;
    collect(pane.getContent(), right, cut);
    return cut;
  }

  private static void collect(Node node, double right, List<String> cut) {
    if (!node.isVisible()) {
      return;
    }
    if (node instanceof Control
        && !(node instanceof ScrollPane)
        && inWindow(node).getMaxX() > right) {
      String text = node instanceof Labeled labeled ? labeled.getText() : "";
      cut.add(node.getId() + " " + node.getClass().getSimpleName() + " " + text);
    }
    if (node instanceof Parent parent && !(node instanceof Control)) {
      parent.getChildrenUnmodifiable().forEach(child -> collect(child, right, cut));
    }
  }

  @ParameterizedTest(name = "{0} x {1} at {2} %, item {3}")
  @CsvSource({
    "1024, 700, 100, 1",
    "1280, 800, 100, 1",
    "1280, 800, 200, 1",
    "1024, 700, 200, 1",
    "1280, 800, 200, 5",
    "1024, 700, 200, 6",
    "1280, 800, 200, 6",
    "1280, 800, 200, 7"
  })
  void theSheetIsAsWideAsItsBand(double width, double height, int percent, int item) {
    robot.interact(() -> workspace.choose(item));
    look(width, height, percent);

    ScrollPane sheet = find("#measures-scroll", ScrollPane.class);
    Region content = (Region) sheet.getContent();
    assertThat(content.getWidth()).isLessThanOrEqualTo(sheet.getViewportBounds().getWidth() + 1);
    assertThat(cutOff(sheet)).isEmpty();
  }

  @ParameterizedTest(name = "{0} x {1} at {2} %")
  @CsvSource({"1280, 800, 100", "1280, 800, 200"})
  void theMarginIsAsWideAsItsBand(double width, double height, int percent) {
    look(width, height, percent);

    ScrollPane margin = robot.lookup(".margin-scroll").queryAs(ScrollPane.class);
    Region content = (Region) margin.getContent();
    assertThat(content.getWidth()).isLessThanOrEqualTo(margin.getViewportBounds().getWidth() + 1);
    assertThat(cutOff(margin)).isEmpty();
  }

  @ParameterizedTest(name = "{0} x {1} at {2} %")
  @CsvSource({"1024, 700, 100", "1280, 800, 100", "1280, 800, 200", "1024, 700, 200"})
  void theRulesTakeLittleAndTheShelfShowsItsItems(double width, double height, int percent) {
    look(width, height, percent);

    Node strip = robot.lookup(".rules-strip").query();
    Node more = find("#rules-more", Node.class);
    assertThat(!more.isVisible() || inWindow(more).getMaxX() <= width).as("More rules").isTrue();
    assertThat(inWindow(strip).getHeight()).isLessThan(height / 7);
    ScrollPane items = robot.lookup(".shelf-items").queryAs(ScrollPane.class);
    Bounds seen = inWindow(items);
    long shown =
        workspace.assignment().items().stream()
            .map(item -> inWindow(find("#item-" + item.id(), Node.class)))
            .filter(
                bounds ->
                    bounds.getMinY() >= seen.getMinY() - 1
                        && bounds.getMaxY() <= seen.getMaxY() + 1)
            .count();
    assertThat(shown).as("items in sight").isGreaterThanOrEqualTo(5);
    Bounds values = inWindow(find("#values", Node.class));
    assertThat(values.getHeight()).as("the field for values").isGreaterThan(60);
    assertThat(values.getMaxY()).isLessThanOrEqualTo(height);
  }

  @ParameterizedTest(name = "{0} x {1} at {2} %")
  @CsvSource({"1024, 700, 100", "1280, 800, 100", "1280, 800, 200", "1024, 700, 200"})
  void everySheetIsNoWiderThanTheWindow(double width, double height, int percent) {
    look(width, height, percent);
    Region frame = (Region) view.getChildren().get(0);
    for (Runnable sheet :
        List.<Runnable>of(
            () -> workspace.chooseTable(DemoAssignment.TRAYS),
            () -> workspace.choose(DemoAssignment.BY_TERRACE),
            () -> workspace.choose(DemoAssignment.TREES),
            () -> workspace.choose(DemoAssignment.REASONS),
            () -> workspace.choose(7),
            () -> workspace.choose(1),
            () -> workspace.workOnSheet(workspace.request()),
            () -> workspace.showParts(true),
            workspace::showDistributions,
            workspace::showQuestion,
            () -> workspace.showHandIn(true))) {
      robot.interact(sheet);
      settle();
      assertThat(frame.minWidth(-1))
          .as("%s", workspace.projection().choice())
          .isLessThanOrEqualTo(width);
    }
  }

  @ParameterizedTest(name = "{0} x {1} at {2} %")
  @CsvSource({"1024, 700, 100", "1280, 800, 200", "1024, 700, 200"})
  void theCellsOfATableKeepRoomAndNothingLiesOverThem(double width, double height, int percent) {
    robot.interact(() -> workspace.chooseTable(DemoAssignment.TRAYS));
    look(width, height, percent);

    Bounds cells = inWindow(find("#table-grid", Node.class));
    assertThat(cells.getHeight()).isGreaterThan(220);
    assertThat(inWindow(find("#block-line", Node.class)).getMinY())
        .isGreaterThanOrEqualTo(cells.getMaxY() - 1);
  }

  @ParameterizedTest(name = "{0} x {1} at {2} %")
  @CsvSource({"1024, 700, 100", "1280, 800, 200"})
  void buttonsAtTheHeadOfASheetShowAllOfTheirWords(double width, double height, int percent) {
    look(width, height, percent);
    robot.interact(() -> workspace.workOnSheet(workspace.request()));
    settle();
    assertThat(isWhole("#working-back")).isTrue();
    assertThat(isWhole("#working-beside")).isTrue();
    robot.interact(() -> workspace.showParts(true));
    settle();
    assertThat(isWhole("#parts-back")).isTrue();
    assertThat(isWhole("#parts-progress")).isTrue();
  }

  /** What is cut is shown with three dots in the place of the rest. */
  private boolean isWhole(String selector) {
    Labeled labeled = find(selector, Labeled.class);
    return ((Text) labeled.lookup(".text")).getText().equals(labeled.getText());
  }

  @Test
  void theLineAtTheHeadOfTheSheetLeadsToItsParts() {
    look(1280, 800, 200);
    fire("#jump-graphs");
    settle();

    ScrollPane sheet = find("#measures-scroll", ScrollPane.class);
    Bounds graph = inWindow(find("#graph-toggle", Node.class));
    assertThat(graph.getMinY()).isBetween(inWindow(sheet).getMinY() - 1, 700.0);
    assertThat(robot.lookup("#graph").tryQuery()).isPresent();
    fire("#jump-measures");
    settle();
    assertThat(find("#answer-mean", TextField.class).isFocused()).isTrue();
    fire("#jump-working");
    assertThat(shown("#measures-scroll")).isFalse();
  }

  @Test
  void bandsAreMadeWiderAndFoldedByKeys() {
    look(1280, 800, 100);
    Region shelf = robot.lookup(".shelf").queryAs(Region.class);
    double before = shelf.getWidth();
    robot.interact(() -> find("#grip-shelf", Node.class).requestFocus());

    robot.type(KeyCode.RIGHT, KeyCode.RIGHT);
    assertThat(shelf.getWidth()).isGreaterThan(before + 40);
    robot.type(KeyCode.ENTER);
    assertThat(shelf.isVisible()).isFalse();
    assertThat(find("#grip-shelf", Node.class).getAccessibleText()).contains("folded away");
    robot.type(KeyCode.ENTER);
    assertThat(shelf.isVisible()).isTrue();

    Settings.Band kept = settings.get().bands().get("shelf");
    assertThat(kept.folded()).isFalse();
    assertThat(kept.width()).isEqualTo(shelf.getPrefWidth());
  }

  @Test
  void rulesThatFindNoRoomAreAButtonAway() {
    look(1280, 800, 200);
    assertThat(shown("#rule-rounding")).isTrue();
    Node rounding = find("#rule-rounding", Node.class).getParent();
    assertThat(rounding.isVisible()).isFalse();

    robot.interact(() -> find("#rules-more", ToggleButton.class).fire());
    settle();
    assertThat(rounding.isVisible()).isTrue();
  }

  @ParameterizedTest(name = "{0} x {1} at {2} %")
  @CsvSource({"1024, 700, 100", "1280, 800, 100", "1280, 800, 200"})
  void noRuleIsCutOffWhereAllOfThemAreAskedFor(double width, double height, int percent) {
    look(width, height, percent);
    robot.interact(() -> workspace.choose(DemoAssignment.BY_TERRACE));
    settle();
    robot.interact(() -> find("#rules-more", ToggleButton.class).fire());
    settle();

    Bounds strip = inWindow(robot.lookup(".rules-strip").query());
    for (Node rule : robot.lookup(".rules-strip .rule").queryAll()) {
      if (rule.getParent().isVisible()) {
        assertThat(inWindow(rule).getMinY())
            .as(rule.getId())
            .isGreaterThanOrEqualTo(strip.getMinY());
        assertThat(inWindow(rule).getMaxY()).as(rule.getId()).isLessThanOrEqualTo(strip.getMaxY());
      }
    }
    assertThat(inWindow(find("#rules-more", Node.class)).getMaxY())
        .isLessThanOrEqualTo(strip.getMaxY());
  }

  @Test
  void withLargeTextTheMarginIsFoldedUntilItIsAskedFor() {
    look(1024, 700, 200);
    Node margin = robot.lookup(".margin-scroll").query().getParent();
    assertThat(margin.isVisible()).isFalse();

    robot.interact(() -> find("#grip-margin", Node.class).requestFocus());
    robot.type(KeyCode.ENTER);
    assertThat(margin.isVisible()).isTrue();
  }

  @Test
  void withLargeTextWhatIsAddedStandsInOneMenu() {
    look(1280, 800, 200);
    assertThat(shown("#new-sample")).isTrue();
    assertThat(find("#new-sample", Node.class).getParent().isVisible()).isFalse();

    int before = workspace.assignment().items().size();
    robot.interact(() -> find("#shelf-add", MenuButton.class).getItems().get(0).fire());
    settle();
    assertThat(workspace.assignment().items()).hasSize(before + 1);
  }

  @Test
  void aRowStaysInItsCardWhereALongVerdictStandsBesideWhatHasMoved() {
    look(1280, 800, 100);
    robot.interact(() -> workspace.chooseEntry(0));
    robot.interact(() -> find("#what-if-take-out", Button.class).fire());
    settle();
    assertThat(find("#mark-mean", Label.class).getText()).startsWith("right, too few places");
    assertThat(find("#aside-mean", Label.class).isVisible()).isTrue();

    Node row = find("#measure-mean", Node.class);
    assertThat(inWindow(find("#answer-mean", Node.class)).getMaxX())
        .isLessThanOrEqualTo(inWindow(row.getParent()).getMaxX());
  }
}
