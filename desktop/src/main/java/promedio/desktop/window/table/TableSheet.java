package promedio.desktop.window.table;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;
import promedio.core.tidy.ChooseColumns;
import promedio.core.tidy.LeaveOutRows;
import promedio.core.tidy.SortRows;
import promedio.core.tidy.Total;
import promedio.core.tidy.TotalAcross;
import promedio.core.tidy.TotalsRow;
import promedio.desktop.Texts;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Describe;
import promedio.desktop.window.control.Keys;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.CellBlock;
import promedio.desktop.work.ClassRows;
import promedio.desktop.work.ColumnSketch;
import promedio.desktop.work.Workspace;

/** The sheet of a table of several columns: its cells, and what a selected block comes to. */
public final class TableSheet extends BorderPane {

  private static final int MOST_GROUPS = 40;

  private final Workspace workspace;
  private final ColumnSketch.Finder finder;
  private final Label name = new Label();
  private final Label counts = new Label();
  private final Label found = new Label();
  private final TextField find = new TextField();
  private final TextField goTo = new TextField();
  private final MenuButton rowsMenu = new MenuButton(Texts.of("table.rows-menu"));
  private final ComboBox<String> values = new ComboBox<>();
  private final ComboBox<String> groups = new ComboBox<>();
  private final ComboBox<String> frequencies = new ComboBox<>();
  private final CellGrid grid = new CellGrid();
  private final BlockLine foot;
  private final List<Node> ofCells;
  private final Label whyUnread = Controls.wrapped("", "quiet");
  private final Node unread;
  private @Nullable Table shown;

  /** What the sheet asks of the window. */
  public interface Actions {
    void export(Table table, String name);

    /** Reads the file of a table that is not read. */
    void read(ImportedTable unread);
  }

  /** Shown where the columns are classes with their frequencies. */
  private final Button putClasses = new Button(Texts.of("table.put-classes"));

  public TableSheet(Workspace workspace, Actions actions) {
    this.workspace = workspace;
    this.finder = new ColumnSketch.Finder(workspace.background());
    this.foot = new BlockLine(workspace);
    getStyleClass().add("table-sheet");
    name.getStyleClass().add("serif-heading");
    name.setId("table-name");
    counts.getStyleClass().add("quiet");
    counts.setId("table-counts");
    grid.setId("table-grid");
    grid.setAccessibleText(Texts.of("table.cells"));
    Node finding = buildFinding(actions);
    Node toShelf = buildToShelf();
    ofCells = List.of(finding, toShelf, foot);
    unread = buildUnread(actions);
    setTop(new VBox(6, new VBox(2, name, counts), finding, toShelf));
    setCenter(grid);
    setBottom(foot);
    grid.selectionProperty().subscribe(block -> showBlock());
    grid.addEventHandler(KeyEvent.KEY_PRESSED, this::copy);
    workspace.tableProperty().subscribe(this::show);
  }

  private Node buildFinding(Actions actions) {
    find.setId("table-find");
    find.setPromptText(Texts.of("table.find"));
    find.setAccessibleText(Texts.of("table.find"));
    find.setPrefColumnCount(12);
    find.setOnAction(event -> findNext());
    goTo.setId("table-go-to");
    goTo.setPromptText(Texts.of("table.go-to"));
    goTo.setAccessibleText(Texts.of("table.go-to"));
    goTo.setPrefColumnCount(6);
    goTo.setOnAction(event -> goTo());
    found.getStyleClass().add("quiet");
    found.setId("table-found");
    rowsMenu.setId("table-rows-menu");
    rowsMenu
        .getItems()
        .addAll(
            item("table.sort-up", () -> sort(false)),
            item("table.sort-down", () -> sort(true)),
            item("table.leave-out-rows", this::leaveOutRows),
            item("table.only-columns", this::onlyColumns),
            item("table.sum-across", () -> across(Total.SUM)),
            item("table.mean-across", () -> across(Total.MEAN)),
            item("table.sum-row", () -> workspace.tables().addStep(new TotalsRow(Total.SUM))),
            item("table.mean-row", () -> workspace.tables().addStep(new TotalsRow(Total.MEAN))));
    Button export = new Button(Texts.of("table.export"));
    export.setId("table-export");
    export.getStyleClass().add("link");
    export.setOnAction(
        event -> {
          ImportedTable now = workspace.tableProperty().get();
          if (now != null) {
            actions.export(now.table(), now.name());
          }
        });
    FlowPane line =
        new FlowPane(8, 6, find, goTo, rowsMenu, export, removing("table-remove"), found);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  private Button removing(String id) {
    Button remove = new Button(Texts.of("table.remove"));
    remove.getStyleClass().add("link");
    remove.setId(id);
    remove.setOnAction(event -> workspace.tables().removeTable());
    return remove;
  }

  /** What stands in the place of the cells where the file is not read. */
  private Node buildUnread(Actions actions) {
    whyUnread.setId("table-unread");
    Button read = new Button(Texts.of("open.read-table"));
    read.setId("table-read");
    read.setOnAction(
        event -> {
          ImportedTable now = workspace.tableProperty().get();
          if (now != null) {
            actions.read(now);
          }
        });
    VBox told = new VBox(12, whyUnread, read, removing("table-unread-remove"));
    told.getStyleClass().add("empty-state");
    told.setAlignment(Pos.CENTER);
    return told;
  }

  private MenuItem item(String key, Runnable action) {
    MenuItem item = Controls.literal(new MenuItem(Texts.of(key)));
    item.setId(key.replace('.', '-'));
    item.setOnAction(event -> action.run());
    return item;
  }

  private Node buildToShelf() {
    values.setId("table-values");
    values.setAccessibleText(Texts.of("table.values"));
    groups.setId("table-groups");
    groups.setAccessibleText(Texts.of("table.groups"));
    frequencies.setId("table-frequencies");
    frequencies.setAccessibleText(Texts.of("table.frequencies"));
    Button put = new Button(Texts.of("table.put"));
    put.setId("table-put");
    put.setOnAction(event -> putOnShelf());
    putClasses.setId("table-put-classes");
    putClasses.setOnAction(event -> putClasses());
    FlowPane line =
        new FlowPane(
            8,
            4,
            new Label(Texts.of("table.values")),
            values,
            new Label(Texts.of("table.groups")),
            groups,
            new Label(Texts.of("table.frequencies")),
            frequencies,
            put,
            putClasses);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  /** Puts the focus on the cells. */
  public void focusCells() {
    grid.requestFocus();
  }

  private void show(@Nullable ImportedTable imported) {
    if (imported == null) {
      shown = null;
      return;
    }
    Table table = imported.table();
    name.setText(imported.name());
    ofCells.forEach(node -> Nodes.setShown(node, imported.isRead()));
    setCenter(imported.isRead() ? grid : unread);
    whyUnread.setText(Texts.of("table.unread", imported.original().place()));
    Nodes.setShown(counts, imported.isRead());
    counts.setText(
        Texts.of(
            "table.counts",
            Describe.grouped(table.rows()),
            table.columns().size(),
            imported.original().name()));
    if (table.equals(shown)) {
      return;
    }
    shown = table;
    grid.show(
        new TableContent(
            table, finder, workspace.assignment().sign(), grid::selectColumn, grid::measureAgain));
    foot.show(table, null);
    found.setText("");
    Nodes.setShown(putClasses, ClassRows.of(table, workspace.assignment().sign()).isPresent());
    String value = values.getValue();
    String group = groups.getValue();
    values.getItems().setAll(names(table, true));
    values.getItems().addAll(words(table));
    groups.getItems().setAll(Texts.of("table.all-rows"));
    groups.getItems().addAll(names(table, false));
    String frequency = frequencies.getValue();
    frequencies.getItems().setAll(Texts.of("table.no-frequencies"));
    frequencies.getItems().addAll(names(table, true));
    frequencies.setValue(
        frequencies.getItems().contains(frequency) ? frequency : frequencies.getItems().get(0));
    values.setValue(
        values.getItems().contains(value)
            ? value
            : values.getItems().stream().findFirst().orElse(null));
    groups.setValue(groups.getItems().contains(group) ? group : groups.getItems().get(0));
  }

  private static List<String> names(Table table, boolean numbers) {
    return table.columns().stream()
        .filter(column -> numbers ? column.kind() == Kind.NUMBER : column.kind() == Kind.CATEGORY)
        .map(Column::name)
        .toList();
  }

  /** What can be counted, since it cannot be measured. */
  private static List<String> words(Table table) {
    return table.columns().stream()
        .filter(column -> column.kind() != Kind.NUMBER)
        .map(Column::name)
        .toList();
  }

  private void putClasses() {
    ImportedTable from = workspace.tableProperty().get();
    if (from != null) {
      ClassRows.of(from.table(), workspace.assignment().sign())
          .ifPresent(
              lines -> workspace.shelf().addNamed(from.name(), new Source.ClassesText(lines)));
    }
  }

  private void showBlock() {
    Table table = shown;
    if (table != null) {
      foot.show(table, grid.selectionProperty().get());
    }
  }

  private void copy(KeyEvent event) {
    CellBlock block = grid.selectionProperty().get();
    Table table = shown;
    if (Keys.COPY.match(event) && block != null && table != null) {
      ClipboardContent content = new ClipboardContent();
      content.putString(block.text(table));
      Clipboard.getSystemClipboard().setContent(content);
      found.setText(Texts.of("table.copied", Describe.grouped(block.cells())));
      event.consume();
    }
  }

  /** The first cell after the selected one that holds the text, from the top again at the end. */
  private void findNext() {
    Table table = shown;
    String sought = find.getText().strip().toLowerCase(Locale.ROOT);
    if (table == null || sought.isEmpty() || table.rows() == 0) {
      return;
    }
    CellBlock block = grid.selectionProperty().get();
    long width = table.columns().size();
    long start = block == null ? -1 : block.firstRow() * width + block.firstColumn();
    long all = table.rows() * width;
    for (long i = 1; i <= all; i++) {
      long at = (start + i) % all;
      int row = (int) (at / width);
      int column = (int) (at % width);
      String text = table.columns().get(column).text(row);
      if (text.toLowerCase(Locale.ROOT).contains(sought)) {
        grid.select(CellBlock.between(row, column, row, column));
        found.setText(
            Texts.of("table.found", table.columns().get(column).name(), table.origin(row)));
        return;
      }
    }
    found.setText(Texts.of("table.not-found", find.getText().strip()));
  }

  private void goTo() {
    Table table = shown;
    String typed = goTo.getText().replaceAll("\\D", "");
    if (table == null || typed.isEmpty() || typed.length() > 9 || table.columns().isEmpty()) {
      return;
    }
    int sought = Integer.parseInt(typed);
    int row =
        IntStream.range(0, table.rows())
            .filter(i -> table.origin(i) == sought)
            .findFirst()
            .orElse(-1);
    if (row < 0) {
      found.setText(Texts.of("table.no-row", sought));
    } else {
      grid.select(new CellBlock(row, row, 0, table.columns().size() - 1));
      found.setText("");
    }
  }

  private Optional<CellBlock> block() {
    Optional<CellBlock> block = Optional.ofNullable(grid.selectionProperty().get());
    if (block.isEmpty()) {
      found.setText(Texts.of("table.select-first"));
    }
    return block;
  }

  private void sort(boolean descending) {
    Table table = shown;
    if (table != null) {
      block()
          .map(b -> table.columns().get(b.firstColumn()).name())
          .ifPresent(column -> workspace.tables().addStep(new SortRows(column, descending)));
    }
  }

  private void leaveOutRows() {
    Table table = shown;
    if (table != null) {
      block()
          .map(b -> new TreeSet<>(b.origins(table)))
          .ifPresent(rows -> workspace.tables().addStep(new LeaveOutRows(rows)));
    }
  }

  private void onlyColumns() {
    withColumns(names -> workspace.tables().addStep(new ChooseColumns(names)));
  }

  private void across(Total total) {
    String into = Texts.of(total == Total.SUM ? "table.sum-name" : "table.mean-name");
    withColumns(names -> workspace.tables().addStep(new TotalAcross(names, total, into)));
  }

  private void withColumns(Consumer<List<String>> action) {
    Table table = shown;
    if (table != null) {
      block().map(b -> b.columns(table).stream().map(Column::name).toList()).ifPresent(action);
    }
  }

  private void putOnShelf() {
    ImportedTable from = workspace.tableProperty().get();
    String value = values.getValue();
    if (from == null || value == null) {
      found.setText(Texts.of("table.no-numbers"));
      return;
    }
    if (frequencies.getSelectionModel().getSelectedIndex() > 0) {
      putWithFrequencies(from.table(), value, frequencies.getValue());
      return;
    }
    Map<String, Link> links = new LinkedHashMap<>();
    if (groups.getSelectionModel().getSelectedIndex() <= 0) {
      links.put(value, Link.of(from.id(), value));
    } else {
      String by = groups.getValue();
      WordColumn parted = (WordColumn) from.table().column(by).orElseThrow();
      int[] sizes = parted.counts();
      for (int i = 0; i < sizes.length && links.size() < MOST_GROUPS; i++) {
        if (sizes[i] > 0) {
          String group = parted.words().get(i);
          links.put(
              Texts.of("table.group-name", value, group), new Link(from.id(), value, by, group));
        }
      }
    }
    workspace.tables().addLinked(links);
    found.setText(Texts.of("table.put-done", links.size()));
  }

  /** A table of values and frequencies is typed on; it does not follow this one. */
  private void putWithFrequencies(Table table, String value, String frequency) {
    Column x = table.column(value).orElseThrow();
    Column f = table.column(frequency).orElseThrow();
    boolean words = x instanceof WordColumn;
    String lines =
        IntStream.range(0, table.rows())
            .filter(row -> !x.isMissing(row) && !f.isMissing(row))
            .mapToObj(row -> written(x.text(row), words) + "\t" + written(f.text(row), false))
            .collect(Collectors.joining("\n"));
    workspace
        .shelf()
        .addNamed(value, words ? new Source.CategoriesText(lines) : new Source.TableText(lines));
  }

  private String written(String text, boolean word) {
    return word ? text : text.replace('.', workspace.assignment().sign().sign());
  }
}
