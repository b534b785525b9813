package promedio.desktop.window.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Source;
import promedio.core.table.Table;
import promedio.desktop.session.Background;
import promedio.desktop.window.shell.OpenWindow;
import promedio.desktop.work.CellBlock;
import promedio.files.table.DataSource;

/** ImportSession a table in, looking at it and tidying it, as a student does. */
class TableViewTest extends OpenWindow {

  private static final String TRAYS =
      """
      Huerta Valdemora
      tray;variety;weight;crates
      1;Blanca;131,5;3
      2;Conference;140;5
      3;Blanca;14o;2
      4;Ercolini;-999;4
      5;Blanca;128;NA
      Total;;;14
      """;

  private Path write(String name, String text) throws IOException {
    return Files.writeString(folder.resolve(name), text);
  }

  private void preview(Path file) throws TimeoutException {
    robot.interact(() -> view.open(file));
    waitUntilRead();
  }

  private void waitUntilRead() throws TimeoutException {
    waitUntil(() -> !robot.lookup("#import-take").query().isDisabled());
  }

  private void importTrays() throws IOException, TimeoutException {
    preview(write("trays.csv", TRAYS));
    take();
  }

  private void take() throws TimeoutException {
    robot.clickOn("#import-take");
    waitUntil(() -> workspace.table() != null);
  }

  private Table table() {
    return workspace.table().table();
  }

  private List<String> column(String name) {
    return IntStream.range(0, table().rows())
        .mapToObj(row -> table().column(name).orElseThrow().text(row))
        .toList();
  }

  private String said(String selector) {
    return robot.lookup(selector + " .label").queryAllAs(Label.class).stream()
        .map(Labeled::getText)
        .collect(Collectors.joining(" "));
  }

  private void choose(String menu, String item) {
    robot.interact(
        () ->
            find(menu, MenuButton.class).getItems().stream()
                .filter(i -> item.equals(i.getText()) || item.equals(i.getId()))
                .findFirst()
                .orElseThrow()
                .fire());
    settle();
  }

  private void addStep(String kind) {
    choose("#steps-add", "add-" + kind);
  }

  private void select(String selector, String item) {
    robot.interact(
        () -> {
          @SuppressWarnings("unchecked")
          ComboBox<String> box = find(selector, ComboBox.class);
          box.setValue(item);
        });
    settle();
  }

  @Test
  void thePreviewSaysWhatWasUnderstoodAndFollowsEveryDecision() throws Exception {
    preview(write("trays.csv", TRAYS));

    assertThat(text("#reading-separator")).isEqualTo("semicolon ;");
    assertThat(text("#reading-decimal")).isEqualTo("comma ,");
    assertThat(text("#reading-header-line")).isEqualTo("in line 2");
    assertThat(text("#reading-foot-rows")).isEqualTo("1 row");
    assertThat(said("#reading-unreadable")).contains("line 5, weight: “14o”");
    assertThat(text("#import-counts")).startsWith("5 rows and 4 columns");

    robot.clickOn("#reading-missing").write("-999").type(KeyCode.ENTER);
    waitUntilRead();
    choose("#reading-foot-rows", "none");
    waitUntil(() -> text("#import-counts").startsWith("6 rows"));

    assertThat(text("#reading-foot-rows")).isEqualTo("none");
    assertThat(workspace.assignment().tables()).isEmpty();
  }

  @Test
  void columnsAreChosenByClickOrByTypingTheirNumbers() throws Exception {
    preview(write("trays.csv", TRAYS));

    robot.clickOn("#import-column-0");
    settle();
    assertThat(find("#import-columns", TextField.class).getText())
        .isEqualTo("variety, weight, crates");
    robot.clickOn("#import-columns").push(KeyCode.CONTROL, KeyCode.A).write("3, variety, wat");
    robot.type(KeyCode.ENTER);
    settle();
    assertThat(robot.lookup(".problem-text").queryAllAs(Label.class))
        .extracting(Labeled::getText)
        .contains("There is no column “wat”");
    robot.clickOn("#import-columns").push(KeyCode.CONTROL, KeyCode.A).write("3, variety");
    robot.type(KeyCode.ENTER);
    settle();
    take();

    assertThat(table().names()).containsExactly("weight", "variety");
    assertThat(robot.lookup("#step-0").tryQuery()).isPresent();
  }

  @Test
  void selectedCellsTellTheirSumAndMeanAtOnce() throws Exception {
    importTrays();

    robot.interact(() -> find("#table-grid", CellGrid.class).select(new CellBlock(0, 1, 2, 2)));
    settle();
    assertThat(said("#block-line"))
        .contains("2 cells", "sum 271.50", "mean 135.75", "smallest 131.50");
    robot.clickOn("#table-grid").type(KeyCode.HOME).push(KeyCode.CONTROL, KeyCode.A);
    settle();
    assertThat(said("#block-line")).contains("20 cells", "2 missing");
    robot.push(KeyCode.CONTROL, KeyCode.C);
    await(Background.Lane.COPYING);
    String[] copied = new String[1];
    robot.interact(() -> copied[0] = Clipboard.getSystemClipboard().getString());
    assertThat(copied[0]).startsWith("1\tBlanca\t131.5\t3\n2\tConference\t140\t5\n3\tBlanca\t14o");
  }

  @Test
  void cellsAreFoundAndRowsAreGoneTo() throws Exception {
    importTrays();

    robot.clickOn("#table-find").write("erco").type(KeyCode.ENTER);
    await(Background.Lane.FINDING);
    assertThat(text("#table-found")).isEqualTo("variety, row 4");
    robot.clickOn("#table-go-to").write("2").type(KeyCode.ENTER);
    settle();
    assertThat(find("#table-grid", CellGrid.class).selectionProperty().get())
        .isEqualTo(new CellBlock(1, 1, 0, 3));
    robot.clickOn("#table-find").push(KeyCode.CONTROL, KeyCode.A).write("plum");
    robot.type(KeyCode.ENTER);
    await(Background.Lane.FINDING);
    assertThat(text("#table-found")).isEqualTo("“plum” was not found");
  }

  @Test
  void aFormulaWithAnErrorPointsAtItAndNothingTypedIsLost() throws Exception {
    importTrays();

    addStep("compute");
    robot.clickOn("#ask-new-name").write("kg");
    robot.clickOn("#ask-formula").write("wieght * 2");
    settle();
    assertThat(text("#step-trial")).startsWith("there is no column “wieght”");
    assertThat(text("#step-where")).isEqualTo("▸wieght * 2");
    robot.type(KeyCode.ENTER);
    settle();
    assertThat(table().names()).doesNotContain("kg");

    robot.push(KeyCode.CONTROL, KeyCode.A).write("weight / 1000").type(KeyCode.ENTER);
    settle();
    assertThat(column("kg")).containsExactly("0.1315", "0.14", "", "-0.999", "0.128");
    assertThat(find("#step-on-0", CheckBox.class).getText())
        .isEqualTo("compute kg = weight / 1000: 4 entries");
  }

  @Test
  void stepsAreSwitchedMovedChangedRemovedAndUndone() throws Exception {
    importTrays();
    addStep("leave-out");
    robot.clickOn("#ask-condition").write("weight < 0").type(KeyCode.ENTER);
    settle();
    addStep("sort");
    select("#ask-column", "weight");
    robot.clickOn("#step-done");
    settle();
    assertThat(column("tray")).containsExactly("5", "1", "2", "3");

    robot.clickOn("#step-on-0");
    settle();
    assertThat(column("tray")).containsExactly("4", "5", "1", "2", "3");
    robot.clickOn("#step-up-1");
    settle();
    assertThat(find("#step-on-0", CheckBox.class).getText()).startsWith("sort by weight");
    robot.clickOn("#step-edit-0");
    settle();
    select("#ask-order", "largest first");
    robot.clickOn("#step-done");
    settle();
    assertThat(column("tray")).startsWith("2", "1");
    robot.clickOn("#step-remove-0");
    settle();
    assertThat(column("tray")).containsExactly("1", "2", "3", "4", "5");
    // The focus stays among the steps, so that undo is about them.
    assertThat(find("#step-remove-0", Node.class).isFocused()).isTrue();
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(column("tray")).startsWith("2", "1");
  }

  @Test
  void rowsAreLookedAtInAnotherOrderAndTheTableStaysAsItIs() throws Exception {
    importTrays();
    List<String> before = column("tray");
    robot.interact(() -> grid().select(CellBlock.between(0, 2, 0, 2)));
    choose("#table-rows-menu", "table-sort-down");
    await(Background.Lane.ORDERING);

    assertThat(text("#table-order"))
        .isEqualTo("Shown by weight, largest first. The table itself is not changed.");
    assertThat(column("tray")).isEqualTo(before);
    robot.interact(() -> grid().select(CellBlock.between(0, 0, 4, 0)));
    robot.interact(grid()::requestFocus);
    robot.push(KeyCode.SHORTCUT, KeyCode.C);
    await(Background.Lane.COPYING);
    robot.interact(
        () -> assertThat(Clipboard.getSystemClipboard().getString()).isEqualTo("2\n1\n5\n4\n3"));

    robot.interact(() -> grid().select(CellBlock.between(0, 0, 0, 0)));
    choose("#table-rows-menu", "table-leave-out-rows");
    assertThat(column("tray")).containsExactly("1", "3", "4", "5");
    await(Background.Lane.ORDERING);
    fire("#table-order-keep");
    assertThat(shown("#row-order")).isFalse();
    assertThat(column("tray")).containsExactly("1", "5", "4", "3");
  }

  private CellGrid grid() {
    return find("#table-grid", CellGrid.class);
  }

  @Test
  void samplesByGroupFollowTheTableWhenAStepChanges() throws Exception {
    importTrays();
    select("#table-values", "weight");
    select("#table-groups", "variety");
    robot.clickOn("#table-put");
    settle();

    assertThat(workspace.assignment().items())
        .extracting(item -> item.name())
        .containsExactly("weight, Blanca", "weight, Conference", "weight, Ercolini");
    robot.clickOn("#table-1");
    addStep("mend");
    select("#ask-column", "weight");
    robot.clickOn("#ask-row").write("3");
    robot.clickOn("#ask-value").write("140").type(KeyCode.ENTER);
    settle();
    robot.clickOn("#item-1");
    settle();
    assertThat(text("#result-mean")).isEqualTo("133.17");
    assertThat(workspace.assignment().items().get(0).source())
        .isInstanceOfSatisfying(Source.Linked.class, l -> assertThat(l.unreadable()).isZero());
  }

  @Test
  void totalsGoAcrossColumnsAndRowsAreLeftOutFromTheSelection() throws Exception {
    importTrays();

    robot.interact(() -> find("#table-grid", CellGrid.class).select(new CellBlock(0, 0, 2, 3)));
    choose("#table-rows-menu", "table-sum-across");
    assertThat(column("total")).containsExactly("134.5", "145", "2", "-995", "128");
    robot.interact(() -> find("#table-grid", CellGrid.class).select(new CellBlock(3, 4, 0, 0)));
    choose("#table-rows-menu", "table-leave-out-rows");
    assertThat(column("tray")).containsExactly("1", "2", "3");
    choose("#table-rows-menu", "table-mean-row");
    assertThat(column("tray")).endsWith("2");
    assertThat(column("variety")).endsWith("Mean");
  }

  @Test
  void aColumnWithFrequenciesBecomesATableOfValuesAndFrequencies() throws Exception {
    preview(write("baskets.csv", "pears;baskets\n3;12\n4;8\n;5\n"));
    take();
    select("#table-frequencies", "baskets");
    robot.clickOn("#table-put");
    settle();

    assertThat(text("#result-mean")).isEqualTo("3.40");
    assertThat(text("#counts")).isEqualTo("2 rows, Σf = 20");
  }

  @Test
  void aPrintedTableInAFileBecomesAClassTable() throws Exception {
    preview(write("weights.csv", "from;to;pears\n100;109;4\n110;119;4\n120;129;2\n"));
    take();
    robot.clickOn("#table-put-classes");
    settle();

    // 109.5 + (5 − 4)/4 · 10.
    assertThat(text("#result-median")).isEqualTo("112.00");
    assertThat(text("#sheet-name")).startsWith("weights");
  }

  @Test
  void aTypedTableIsReadWhileItIsTyped() throws Exception {
    robot.clickOn("#type-table");
    settle();
    robot.write("day,crates").type(KeyCode.ENTER).write("Mon,3").type(KeyCode.ENTER);
    robot.write("Tue,5");
    waitUntil(() -> text("#import-counts").startsWith("2 rows and 2 columns"));
    take();

    assertThat(column("day")).containsExactly("Mon", "Tue");
  }

  @Test
  void aPastedPageTableIsLookedAtFirst() throws Exception {
    ClipboardContent content = new ClipboardContent();
    content.putHtml(
        "<table><tr><th>kg</th><th>day</th></tr><tr><td>3</td><td>Mon</td></tr></table>");
    content.putString("kg\tday\n3\tMon");
    robot.interact(() -> Clipboard.getSystemClipboard().setContent(content));
    robot.clickOn("#open-file");
    robot.push(KeyCode.CONTROL, KeyCode.V);
    waitUntilRead();

    assertThat(text("#import-counts")).startsWith("1 row and 2 columns");
  }

  @Test
  void theTidiedTableAndItsStepsGoOutAndStepsComeBack() throws Exception {
    Path csv = folder.resolve("out.csv");
    Path steps = folder.resolve("out.steps.json");
    when(fileChoice.toExport(any())).thenReturn(Optional.of(csv)).thenReturn(Optional.of(steps));
    when(fileChoice.toOpen()).thenReturn(Optional.of(steps));
    importTrays();
    addStep("leave-out");
    robot.clickOn("#ask-condition").write("variety = Blanca").type(KeyCode.ENTER);
    settle();

    robot.clickOn("#table-export");
    waitUntil(() -> Files.exists(csv));
    robot.clickOn("#steps-save");
    await(Background.Lane.EXPORT);
    settle();
    assertThat(Files.readString(csv))
        .isEqualTo("tray,variety,weight,crates\n2,Conference,140,5\n4,Ercolini,-999,4\n");
    assertThat(Files.readString(steps)).contains("leave-out", "variety = Blanca");
    robot.clickOn("#step-remove-0");
    settle();
    assertThat(table().rows()).isEqualTo(5);
    robot.clickOn("#steps-load");
    await(Background.Lane.IMPORT);
    settle();
    assertThat(table().rows()).isEqualTo(2);
  }

  @Test
  void aTableOfManyRowsIsBroughtInTidiedAndSavedAndComesBackTheSame() throws Exception {
    String rows =
        IntStream.range(0, 25_000)
            .mapToObj(i -> i + "," + i % 7 + "\n")
            .collect(Collectors.joining());
    preview(write("log.csv", "pear,grade\n" + rows));
    take();
    addStep("leave-out");
    robot.clickOn("#ask-condition").write("grade = 3").type(KeyCode.ENTER);
    waitUntil(() -> table().rows() < 25_000);
    int left = table().rows();
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT5).push(KeyCode.CONTROL, KeyCode.END);
    settle();
    assertThat(find("#table-grid", CellGrid.class).getAccessibleText())
        .startsWith("grade, row 25\u202F000: ");

    Path saved = folder.resolve("saved.promedio");
    robot.interact(
        () -> {
          store.save(saved, false, note -> {}, problem -> {});
          workspace.replace(Assignment.empty("x"));
          store.open(saved, opened -> workspace.chooseTable(1), refused -> {});
        });
    waitUntil(() -> workspace.table() != null);
    assertThat(table().rows()).isEqualTo(left);
    assertThat(workspace.table().pipeline().steps()).hasSize(1);
  }

  @Test
  void aFileIsWrittenWholeWhileCellsAreSelected() throws Exception {
    Path csv = folder.resolve("out.csv");
    when(fileChoice.toExport(any())).thenReturn(Optional.of(csv));
    importTrays();
    CellGrid grid = CellGrid.of(view.getScene());
    int rows = workspace.table().table().rows();
    robot.interact(
        () -> {
          find("#table-export", ButtonBase.class).fire();
          for (int row = 0; row < rows; row++) {
            grid.select(CellBlock.between(0, 0, row, 3));
          }
        });
    waitUntil(
        () ->
            Files.exists(csv)
                && !workspace.background().isBusy(Background.Lane.EXPORT)
                && !workspace.background().isBusy(Background.Lane.SELECTION));

    assertThat(Files.readAllLines(csv)).hasSize(rows + 1);
    assertThat(robot.lookup(".block-line").queryAll()).isNotEmpty();
  }

  private List<String> cells(String grid) {
    return robot.lookup(grid + " .grid-cell").queryAllAs(Label.class).stream()
        .filter(Node::isVisible)
        .map(Labeled::getText)
        .filter(text -> !text.replace('\u2007', ' ').isBlank())
        .toList();
  }

  @Test
  void nothingOfAFileBeforeStandsThereWhileAnotherIsRead() throws Exception {
    DataSource other = DataSource.of(write("crates.csv", "crate;load\n7;20\n9;22\n"));
    preview(write("trays.csv", TRAYS));
    assertThat(cells("#import-grid")).contains("Ercolini");

    robot.interact(
        () -> {
          // Its outcome is told to the window only when this is done.
          workspace.imports().begin(other);
          view.applyCss();
          view.layout();
          assertThat(text("#import-counts")).isEqualTo("Reading the first rows …");
          assertThat(cells("#import-grid")).isEmpty();
          assertThat(robot.lookup("#reading-separator").tryQuery()).isEmpty();
        });
    waitUntilRead();

    assertThat(cells("#import-grid")).contains("crate", "22").doesNotContain("Ercolini");
    assertThat(text("#import-counts")).startsWith("2 rows and 2 columns");
  }

  @Test
  void theFirstRowsOfALargeFileSayTheKindsOfColumnsBeforeTheyCanBeChosen() throws Exception {
    String rows =
        IntStream.range(0, 120_000)
            .mapToObj(row -> "T" + row + ",Blanca,13" + row % 10)
            .collect(Collectors.joining("\n", "tray,variety,weight\n", "\n"));
    DataSource log = DataSource.of(write("log.csv", rows));
    List<String> kinds = new CopyOnWriteArrayList<>();
    List<Boolean> taking = new CopyOnWriteArrayList<>();
    robot.interact(
        () ->
            workspace
                .imports()
                .begin(log)
                .headProperty()
                .subscribe(
                    head -> {
                      view.applyCss();
                      view.layout();
                      robot
                          .lookup("#import-grid .column-kind")
                          .queryAllAs(Label.class)
                          .forEach(kind -> kinds.add(kind.getText()));
                      taking.add(!robot.lookup("#import-take").query().isDisabled());
                    }));
    waitUntilRead();

    assertThat(kinds).startsWith("text", "categories", "numbers");
    assertThat(taking).containsOnly(false);
    assertThat(text("#import-counts")).startsWith("120\u202F000 rows");
    assertThat(find("#import-column-2", CheckBox.class).isSelected()).isTrue();
  }

  @Test
  void theLastColumnIsWhollyInSightAtTheEndOfARow() throws Exception {
    String names =
        IntStream.rangeClosed(1, 30)
            .mapToObj(column -> "weight of tray " + column)
            .collect(Collectors.joining(","));
    String values =
        IntStream.rangeClosed(1, 30).mapToObj(String::valueOf).collect(Collectors.joining(","));
    preview(write("wide.csv", names + "\n" + values + "\n" + values + "\n"));
    assertThat(robot.lookup("#import-column-29").tryQuery()).isEmpty();

    robot.clickOn("#import-grid").type(KeyCode.END);
    settle();

    Node head = robot.lookup("#import-column-29").query();
    Node grid = robot.lookup("#import-grid").query();
    double right = head.localToScene(head.getBoundsInLocal()).getMaxX();
    assertThat(head.getParent().isVisible()).isTrue();
    assertThat(right).isLessThan(grid.localToScene(grid.getBoundsInLocal()).getMaxX());
    assertThat(cells("#import-grid")).contains("weight of tray 30");
    robot.type(KeyCode.HOME);
    settle();
    assertThat(cells("#import-grid")).contains("weight of tray 1");
  }

  @Test
  void whatIsGoneThroughUnseenChangesNothing() throws Exception {
    Assignment before = workspace.assignment();
    assertThat(robot.lookup("#import-grid").tryQuery()).isEmpty();
    robot.interact(view::rehearse);
    await(Background.Lane.REHEARSAL);
    settle();

    assertThat(robot.lookup("#import-grid").query().getParent().getParent().isVisible()).isFalse();
    robot.interact(() -> find("#import-take", ButtonBase.class).fire());
    settle();
    assertThat(workspace.assignment()).isEqualTo(before);
    assertThat(workspace.imports().property().get()).isNull();
    importTrays();
    assertThat(table().names()).containsExactly("tray", "variety", "weight", "crates");
  }
}
