package promedio.desktop.window.graph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Pane;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.grouping.ClassChoice;
import promedio.core.measure.Request;
import promedio.core.rules.ClassEnd;
import promedio.core.rules.Rule;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.window.shell.OpenWindow;

/** Class tables typed as they are printed, samples in classes, and their graphs. */
class ClassesViewTest extends OpenWindow {

  private List<String> cells() {
    return robot.lookup("#class-table .work-cell").queryAllAs(Label.class).stream()
        .map(Label::getText)
        .toList();
  }

  private void typeWeights() {
    fire("#new-classes");
    paste("10-19 5\n20-29 8\n30-39 4");
  }

  @SuppressWarnings("unchecked") // the ids are ours
  private ChoiceBox<String> choice(String selector) {
    return find(selector, ChoiceBox.class);
  }

  @Test
  void aPrintedTableIsTypedAndItsColumnsFillThemselves() {
    typeWeights();

    assertThat(text("#sheet-name")).startsWith("class table");
    assertThat(text("#result-median")).isEqualTo("23.88");
    assertThat(cells().subList(0, 8))
        .containsExactly("9.5–19.5", "14.5", "5", "0.2941", "29.41", "5", "17", "0.5");
    assertThat(robot.lookup("#class-table .tally").queryAllAs(Label.class))
        .extracting(Label::getText)
        .containsExactly("||||/", "||||/ |||", "||||");
    // Only the rules of class tables stand in the strip.
    assertThat(find("#rule-median-position", Node.class).isVisible()).isTrue();
    robot.interact(
        () -> workspace.setRule(Rule.MEDIAN_POSITION, Rule.MEDIAN_POSITION.values().get(1)));
    assertThat(text("#result-median")).isEqualTo("24.50");
  }

  @Test
  void aClassTableIsNotOfferedWhatItIsAlready() {
    typeWeights();

    assertThat(shown("#graph-as-table")).isFalse();
    assertThat(shown("#graph-compare")).isFalse();
    assertThat(shown("#graph-copy-table")).isTrue();
  }

  @Test
  void theShelfScrollsToWhatIsChosen() throws Exception {
    for (int i = 0; i < 14; i++) {
      robot.interact(() -> workspace.shelf().addSample(new Source.ValuesText("8 10 11")));
    }
    settle();
    ScrollPane shelf = find(".shelf-items", ScrollPane.class);
    waitUntil(() -> shelf.getVvalue() > 0.95);

    robot.interact(() -> workspace.choose(1));
    waitUntil(() -> shelf.getVvalue() < 0.05);
    assertThat(shelf.getVvalue()).isLessThan(0.05);
  }

  @Test
  void aClassThatOverlapsIsToldAndNothingTypedIsLost() {
    typeWeights();
    robot.write("35-49 2");
    settle();

    assertThat(text("#form-problem-4")).isEqualTo("class 35–49 begins before class 30–39 ends");
    // The others are worked with meanwhile.
    assertThat(text("#result-median")).isEqualTo("23.88");
    assertThat(((Source.ClassesText) workspace.item().source()).text()).endsWith("35-49 2\t");
  }

  @Test
  void theWorkingOfAClassTableStandsInTheMargin() {
    typeWeights();
    robot.interact(() -> workspace.chooseTask(Request.of(Measures.MEDIAN)));
    fire("#working-all");

    List<String> steps =
        robot.lookup("#working-steps .working-step").queryAllAs(Node.class).stream()
            .map(Node::getAccessibleText)
            .toList();
    assertThat(steps)
        .contains("L = 19.5", "Md = L + (pos − F₋) / f · h = 19.5 + (8.5 − 5) / 8 · 10 = 23.875");
  }

  @Test
  void aSampleIsGroupedAsTheStudentWantsAndChecked() {
    robot.interact(
        () ->
            workspace.shelf().addSample(new Source.ValuesText("118 121 124 126 127 129 131 140")));
    assertThat(find("#graph-toggle", Hyperlink.class).getText()).isEqualTo("Show");
    fire("#graph-toggle");

    assertThat(text("#graph-note")).isEqualTo("Σf = 8 = n");
    robot.interact(() -> choice("#graph-by").setValue("limits"));
    robot.interact(() -> find("#graph-numbers", TextField.class).setText("120 130 140"));
    assertThat(cells()).startsWith("120–130", "125", "5");
    assertThat(text("#graph-note")).isEqualTo("Σf = 6, and 2 values lie outside");
    fire("#graph-end");
    assertThat(workspace.assignment().rules().get(Rule.CLASS_END)).isEqualTo(ClassEnd.UPPER);
    assertThat(text("#graph-note")).isEqualTo("Σf = 7, and 1 value lies outside");
    robot.interact(() -> find("#graph-numbers", TextField.class).setText("13o"));
    assertThat(cells()).isNotEmpty();
  }

  @Test
  void aClassIsChosenByKeyAndItsValuesAreTold() {
    robot.interact(() -> workspace.shelf().addSample(new Source.ValuesText("118 121 121 124 135")));
    fire("#graph-toggle");
    robot.interact(() -> choice("#graph-by").setValue("width"));
    robot.interact(() -> find("#graph-numbers", TextField.class).setText("10"));
    Label second =
        robot.lookup("#class-table .work-cell").queryAllAs(Label.class).stream()
            .filter(cell -> cell.getText().equals("120–130"))
            .findFirst()
            .orElseThrow();
    robot.interact(second::requestFocus);
    robot.push(KeyCode.ENTER);
    settle();

    assertThat(text("#graph-note")).isEqualTo("In 120–130: 121×2  124");
    assertThat(second.getPseudoClassStates()).anyMatch(s -> s.getPseudoClassName().equals("lit"));
  }

  @Test
  void aGraphIsDrawnCopiedAndSaved() throws Exception {
    typeWeights();
    ImageView picture = find("#graph", ImageView.class);
    waitUntil(() -> picture.getImage() != null);
    assertThat(picture.getAccessibleText()).startsWith("Histogram of class table 1 in 3 classes");

    robot.interact(() -> find("#graph-mark-median", CheckBox.class).fire());
    fire("#graph-ogive");
    waitUntil(() -> picture.getAccessibleText().startsWith("Ogive"));
    fire("#graph-copy");
    robot.interact(() -> assertThat(Clipboard.getSystemClipboard().hasImage()).isTrue());
    fire("#graph-copy-table");
    robot.interact(
        () ->
            assertThat(Clipboard.getSystemClipboard().getString())
                .startsWith("lower\tupper\tfrequency"));
    Path svg = folder.resolve("ogive.svg");
    when(fileChoice.toExport(any())).thenReturn(Optional.of(svg));
    fire("#graph-save");
    waitUntil(() -> text("#graph-note").equals("Saved as " + svg));
    assertThat(Files.readString(svg)).contains("<svg").contains("path");
  }

  @Test
  void aPictureIsSavedAsLargeAndFineAsWanted() throws Exception {
    typeWeights();
    waitUntil(() -> find("#graph", ImageView.class).getImage() != null);
    fill("#graph-size", "500 x 300");
    @SuppressWarnings("unchecked") // the ids are ours
    ChoiceBox<Integer> dots = find("#graph-dots", ChoiceBox.class);
    robot.interact(() -> dots.setValue(300));
    assertThat(saved("large.png").getWidth()).isEqualTo(Math.round(500 * 300 / 72.0));

    fill("#graph-size", "9x9");
    assertThat(field("#graph-size").getPseudoClassStates()).contains(StyleNames.WRONG);
    fire("#graph-save");
    assertThat(text("#graph-note")).contains("“9x9” is not a size");

    fill("#graph-size", "5000x5000");
    fire("#graph-save");
    assertThat(text("#graph-note")).contains("more than 100 million pixels");

    fill("#graph-size", "");
    robot.interact(() -> dots.setValue(144));
    assertThat(saved("usual.png").getWidth()).isEqualTo(1280);
  }

  private BufferedImage saved(String name) throws Exception {
    Path png = folder.resolve(name);
    when(fileChoice.toExport(any())).thenReturn(Optional.of(png));
    fire("#graph-save");
    waitUntil(() -> text("#graph-note").equals("Saved as " + png));
    return ImageIO.read(png.toFile());
  }

  @Test
  void aPictureOfAnotherKindIsNotSaved() throws Exception {
    typeWeights();
    waitUntil(() -> find("#graph", ImageView.class).getImage() != null);
    when(fileChoice.toExport(any())).thenReturn(Optional.of(folder.resolve("graph.bmp")));
    fire("#graph-save");

    assertThat(text("#graph-note")).contains("should end in .png, .svg or .pdf");
  }

  @Test
  void groupedStandsBesideRawAndBecomesATableOfItsOwn() {
    robot.interact(
        () ->
            workspace.shelf().addSample(new Source.ValuesText("118 121 124 126 127 129 131 140")));
    fire("#graph-toggle");
    fire("#graph-compare");
    assertThat(cells()).containsSequence("mean", "127.00");
    fire("#graph-as-table");

    assertThat(workspace.item().source()).isInstanceOf(Source.ClassesText.class);
    assertThat(workspace.item().name()).endsWith("in classes");
    assertThat(find("#graph-toggle", Node.class).isVisible()).isFalse();
  }

  private void typeSample() throws TimeoutException {
    fire("#new-sample");
    paste("118 121 124 126 127 129 131 131 140 152");
    robot.interact(
        () -> workspace.items().setClasses(new ClassChoice("limits", "110 120 130 140 160")));
    fire("#graph-toggle");
    waitUntil(() -> find("#graph", ImageView.class).getImage() != null);
    robot.interact(() -> find("#graph-numbers", Node.class).requestFocus());
    scrollToGraphs();
  }

  /** The graph stands at the upper edge of what is seen of the sheet. */
  private void scrollToGraphs() {
    ScrollPane scroll = find("#measures-scroll", ScrollPane.class);
    robot.interact(
        () -> {
          Node picture = find("#graph-paper", Node.class);
          double top = scroll.getContent().sceneToLocal(picture.localToScene(0, 0)).getY();
          double hidden =
              scroll.getContent().getBoundsInLocal().getHeight()
                  - scroll.getViewportBounds().getHeight();
          scroll.setVvalue(Math.min(1, top / hidden));
        });
    settle();
  }

  @Test
  void aBoundaryIsTakenInThePictureAndMoved() throws Exception {
    typeSample();
    GraphPicture picture = (GraphPicture) find("#graph-paper", Pane.class).getParent();
    double[] place = new double[1];
    waitUntil(
        () -> {
          place[0] = picture.boundaryPlace(1).orElse(-1);
          return place[0] > 0;
        });
    Bounds paper =
        find("#graph-paper", Pane.class)
            .localToScreen(find("#graph-paper", Pane.class).getBoundsInLocal());
    Point2D start = new Point2D(paper.getMinX() + place[0], paper.getMinY() + 60);
    robot.drag(start, MouseButton.PRIMARY).moveBy(14, 0).moveBy(14, 0);
    settle();
    robot.drop();
    settle();

    ClassChoice moved = workspace.item().classes();
    assertThat(moved.by()).isEqualTo("limits");
    String[] limits = moved.numbers().split(" ", -1);
    assertThat(limits).hasSize(5).startsWith("110").endsWith("130", "140", "160");
    assertThat(Double.parseDouble(limits[1])).isGreaterThan(120).isLessThan(130);
    robot.interact(workspace.session()::undo);
    assertThat(workspace.item().classes().numbers()).startsWith("110 120 ");
  }

  @Test
  void theValuesOfAChosenClassStandOutInTheLineUp() throws Exception {
    typeSample();
    Label first = robot.lookup("#class-table .work-cell").queryAllAs(Label.class).iterator().next();
    robot.interact(() -> first.getOnMouseClicked().handle(null));
    settle();

    assertThat(lit("#tile-1")).isTrue();
    assertThat(lit("#tile-2")).isFalse();
  }

  private boolean lit(String selector) {
    return find(selector, Node.class).getPseudoClassStates().contains(StyleNames.OF_CLASS);
  }

  @Test
  void groupingIsComparedWithTheValuesAndWithOtherWidths() throws Exception {
    fire("#new-sample");
    paste("118 121 124 126 127 129 131 131 140 152");
    fire("#graph-toggle");
    robot.interact(() -> workspace.items().setClasses(new ClassChoice("width", "10")));
    fire("#graph-compare");

    List<String> heads =
        robot.lookup("#class-table .class-head").queryAllAs(Label.class).stream()
            .map(Label::getText)
            .toList();
    assertThat(heads).contains("width 5", "width 20");
    List<String> cells = cells();
    int mean = cells.indexOf("mean");
    assertThat(cells.subList(mean, mean + 6))
        .containsExactly("mean", "129.90", "131.00", "+1.10", "130.50", "132.00");
    assertThat(cells).contains("mode");
    assertThat(text("#graph-compare")).isEqualTo("Show the classes");
    fire("#graph-compare");
    assertThat(cells()).startsWith("110–120");
  }

  @Test
  void howASampleIsDrawnStaysWithItAndIsTakenBack() throws Exception {
    typeSample();
    fire("#graph-ogive");
    robot.interact(() -> find("#graph-mark-quartiles", CheckBox.class).fire());
    fill("#graph-title", "Pears");
    fill("#graph-percentiles", "90");
    int first = workspace.item().id();
    fire("#new-sample");
    robot.write("1 2 3");
    settle();
    assertThat(text("#graph-title")).isEmpty();
    assertThat(find("#graph-histogram", ToggleButton.class).isSelected()).isTrue();
    // Percentiles are read off ogives alone.
    assertThat(field("#graph-percentiles").getParent().isVisible()).isFalse();

    robot.interact(() -> workspace.choose(first));
    assertThat(text("#graph-title")).isEqualTo("Pears");
    assertThat(text("#graph-percentiles")).isEqualTo("90");
    assertThat(find("#graph-ogive", ToggleButton.class).isSelected()).isTrue();
    assertThat(find("#graph-mark-quartiles", CheckBox.class).isSelected()).isTrue();
  }

  @Test
  void whatIsWrittenAboutAGraphAndCannotBeUsedIsSaid() throws Exception {
    typeSample();
    fill("#graph-ticks", "every 5");

    assertThat(field("#graph-ticks").getPseudoClassStates()).contains(StyleNames.WRONG);
    assertThat(text("#graph-look-problem")).startsWith("“every 5” is not a tick spacing");
    fill("#graph-ticks", "5");
    assertThat(shown("#graph-look-problem")).isFalse();
    assertThat(field("#graph-ticks").getPseudoClassStates()).doesNotContain(StyleNames.WRONG);
  }

  @Test
  void theArithmeticOfARuleIsShownAndNumbersThatMakeNoClassesAreExplained() throws Exception {
    typeSample();
    robot.interact(() -> choice("#graph-by").setValue("rice"));
    assertThat(text("#graph-arithmetic"))
        .isEqualTo(
            "Rice: 2 · ∛10, rounded up, is 5 classes; R ÷ 5 = 34 ÷ 5 = 6.8"
                + " → rounded up to 10 wide, from a multiple of that: 5 classes from 110");

    robot.interact(() -> choice("#graph-by").setValue("limits"));
    fill("#graph-numbers", "130 120");
    assertThat(shown("#graph-arithmetic")).isFalse();
    assertThat(text("#graph-classes-problem")).startsWith("120 is not above 130");
    assertThat(field("#graph-numbers").getPseudoClassStates()).contains(StyleNames.WRONG);
    assertThat(text("#graph-numbers")).isEqualTo("130 120");

    fill("#graph-numbers", "110 130 160");
    assertThat(shown("#graph-classes-problem")).isFalse();
    assertThat(cells()).startsWith("110–130");
  }

  @Test
  void anotherSampleIsDrawnInTheSameClasses() throws Exception {
    fire("#new-sample");
    robot.write("99 120 160");
    robot.interact(() -> workspace.items().rename("South"));
    int south = workspace.item().id();
    typeSample();
    @SuppressWarnings("unchecked") // the ids are ours
    ChoiceBox<Integer> other = find("#graph-other", ChoiceBox.class);
    assertThat(other.getItems()).contains(south);
    robot.interact(() -> other.setValue(south));
    assertThat(workspace.item().graph().beside()).isEqualTo(south);

    // Taken off the shelf, it no longer stands beside.
    int chosen = workspace.item().id();
    robot.interact(
        () -> {
          workspace.choose(south);
          workspace.shelf().removeChosen();
          workspace.choose(chosen);
        });
    assertThat(other.getItems()).doesNotContain(south);
    assertThat(other.getValue()).isNotEqualTo(south);
  }
}
