package promedio.desktop.window.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.event.Event;
import javafx.print.Printer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ListView;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.Clipboard;
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
import promedio.desktop.projection.ViewState;
import promedio.desktop.session.Background;
import promedio.desktop.window.shell.OpenWindow;

/** The document to hand in, as somebody makes it. */
class HandInViewTest extends OpenWindow {

  @Override
  protected Assignment assignment() {
    return Assignment.empty("Orchard")
        .with(Item.of(1, "upper", "g", new Source.ValuesText("8 10 12")))
        .with(Item.of(2, "lower", "g", new Source.ValuesText("9 11 16 20")))
        .asking(
            Part.of(1, "How heavy?", Selection.of(1), StatedRules.NONE),
            List.of(Request.of(Measures.MEAN)));
  }

  private void open() throws Exception {
    robot.push(KeyCode.SHORTCUT, KeyCode.P);
    settle();
    made();
  }

  private void made() throws Exception {
    await(Background.Lane.HAND_IN);
    waitUntil(
        () -> text("#handin-told").endsWith("page") || text("#handin-told").endsWith("pages"));
  }

  private int pages() {
    return find("#handin-pages", ListView.class).getItems().size();
  }

  private void tick(String selector) throws Exception {
    robot.interact(find(selector, CheckBox.class)::fire);
    settle();
    made();
  }

  @Test
  void theDocumentIsPreviewedChosenAndSavedAsPdf() throws Exception {
    open();
    assertThat(text("#handin-told")).isEqualTo("1 page");
    assertThat(find("#handin-part-1", CheckBox.class).isSelected()).isTrue();
    assertThat(find("#handin-item-2", CheckBox.class).isSelected()).isFalse();

    tick("#handin-item-2");
    assertThat(pages()).isGreaterThan(1);

    Path file = folder.resolve("answer.pdf");
    when(fileChoice.toExport("Orchard.pdf")).thenReturn(Optional.of(file));
    fire("#handin-save");
    waitUntil(() -> text("#handin-told").startsWith("The document was saved as"));
    assertThat(file).isNotEmptyFile();

    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(workspace.projection().choice().page()).isEqualTo(ViewState.Page.NOTHING);
  }

  @Test
  void otherFormatsAreSavedByTheEndingOfTheFile() throws Exception {
    open();
    Path file = folder.resolve("answer.tex");
    when(fileChoice.toExport(any())).thenReturn(Optional.of(file));
    robot.interact(
        () ->
            find("#handin-save-as", MenuButton.class).getItems().stream()
                .filter(item -> "handin-save-as-tex".equals(item.getId()))
                .findFirst()
                .orElseThrow()
                .fire());
    waitUntil(() -> Files.exists(file));

    assertThat(Files.readString(file)).contains("\\section{Part (a)}");
    assertThat(folder.resolve("answer-graphs/graph-1.pdf")).exists();
  }

  @Test
  void whatCannotBeSavedIsTold() throws Exception {
    open();
    Path file = Files.writeString(folder.resolve("no folder"), "");
    when(fileChoice.toExport(any())).thenReturn(Optional.of(file.resolve("answer.pdf")));
    fire("#handin-save");
    waitUntil(() -> text("#handin-told").startsWith("The document could not be saved"));

    assertThat(text("#handin-told")).contains("answer.pdf");
  }

  @Test
  void theDocumentIsCopiedForAWordProcessor() throws Exception {
    open();
    choose("handin-copy-all");
    waitUntil(() -> text("#handin-told").startsWith("The document was copied"));

    robot.interact(
        () -> {
          assertThat(Clipboard.getSystemClipboard().getHtml()).contains("<math", "Part (a)");
          assertThat(Clipboard.getSystemClipboard().getString()).contains("## Part \\(a\\)");
        });
  }

  private Menu section(String id) {
    Menu menu =
        find("#handin-copy", MenuButton.class).getItems().stream()
            .filter(item -> id.equals(item.getId()))
            .map(Menu.class::cast)
            .findFirst()
            .orElseThrow();
    robot.interact(() -> menu.getOnShowing().handle(new Event(Menu.ON_SHOWING)));
    return menu;
  }

  private void choose(String id) {
    robot.interact(
        () ->
            find("#handin-copy", MenuButton.class).getItems().stream()
                .filter(item -> id.equals(item.getId()))
                .forEach(MenuItem::fire));
  }

  private void choosePiece(String name) throws Exception {
    MenuItem piece =
        section("handin-copy-part-1").getItems().stream()
            .filter(item -> item.getText() != null && item.getText().startsWith(name))
            .findFirst()
            .orElseThrow();
    robot.interact(() -> Clipboard.getSystemClipboard().clear());
    robot.interact(piece::fire);
    // The line below may still tell of the piece before.
    waitUntil(() -> Clipboard.getSystemClipboard().hasHtml());
    waitUntil(() -> text("#handin-told").startsWith("It was copied"));
  }

  @Test
  void aFormulaATextAndAGraphAreCopiedByThemselves() throws Exception {
    open();

    choosePiece("Formula: ");
    robot.interact(
        () -> {
          assertThat(Clipboard.getSystemClipboard().getHtml()).contains("<math");
          assertThat(Clipboard.getSystemClipboard().getHtml()).doesNotContain("Part (a)", "<svg");
          assertThat(Clipboard.getSystemClipboard().getString()).contains(" = ");
        });
    choosePiece("Graph: ");
    robot.interact(
        () -> {
          assertThat(Clipboard.getSystemClipboard().getHtml()).contains("<svg");
          assertThat(Clipboard.getSystemClipboard().getString()).contains("upper");
        });
  }

  @Test
  void aWholePartIsCopied() throws Exception {
    open();
    Menu part = section("handin-copy-part-1");
    robot.interact(part.getItems().get(0)::fire);
    waitUntil(() -> text("#handin-told").startsWith("It was copied"));

    robot.interact(
        () ->
            assertThat(Clipboard.getSystemClipboard().getString())
                .contains("Part \\(a\\)")
                .doesNotContain("Course rules"));
  }

  @Test
  void whereThereIsNoPrinterThatIsTold() throws Exception {
    open();
    assumeTrue(Printer.getAllPrinters().isEmpty(), "there are printers here");
    fire("#handin-print");

    assertThat(text("#handin-told")).startsWith("No printer is set up on this computer.");
  }

  @Test
  void exerciseSheetsAreMadeForAClass() throws Exception {
    open();
    Path sheets = folder.resolve("sheets");
    when(fileChoice.toExport("sheets")).thenReturn(Optional.of(sheets));
    fill("#exercises-variants", "lots");
    fire("#exercises-make");
    assertThat(text("#handin-told")).isEqualTo("“lots” is not a number of sheets from 1 to 1000.");
    fill("#exercises-variants", "2");
    fill("#exercises-seed", "x");
    fire("#exercises-make");
    assertThat(text("#handin-told")).contains("“x” is not a whole number");
    fill("#exercises-seed", "7");
    fire("#exercises-make");
    waitUntil(() -> text("#handin-told").startsWith("2 sheets with solutions and a key"));

    assertThat(sheets.toFile().list())
        .containsExactlyInAnyOrder(
            "key.jsonl", "sheet-01.pdf", "sheet-02.pdf", "solution-01.pdf", "solution-02.pdf");

    fire("#exercises-make");
    waitUntil(() -> text("#handin-told").contains("already exists and is not empty"));
  }

  @Test
  void withoutAnyPartThereIsNothingToHandIn() throws Exception {
    open();
    robot.interact(find("#handin-part-1", CheckBox.class)::fire);
    settle();

    assertThat(text("#handin-told")).isEqualTo("Choose at least one part to hand in.");
    assertThat(find("#handin-save", Button.class).isDisabled()).isTrue();
    assertThat(pages()).isZero();
  }

  @Test
  void sectionsAreMovedByKeyboardAndTheFocusStays() throws Exception {
    open();
    tick("#handin-item-2");
    robot.interact(() -> find("#handin-up-item-2", Node.class).requestFocus());
    fire("#handin-up-item-2");
    made();

    assertThat(
            robot.lookup(".check-box").queryAllAs(CheckBox.class).stream()
                .map(CheckBox::getText)
                .filter(name -> name.equals("lower") || name.equals("Part (a)")))
        .containsExactly("lower", "Part (a)");
  }
}
