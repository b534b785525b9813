package promedio.desktop.window.table;

import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.ImportedTable;
import promedio.core.message.Texts;
import promedio.core.table.Column;
import promedio.core.table.Table;
import promedio.core.tidy.ChooseColumns;
import promedio.core.tidy.LeaveOutRows;
import promedio.core.tidy.SortRows;
import promedio.core.tidy.Total;
import promedio.core.tidy.TotalAcross;
import promedio.core.tidy.TotalsRow;
import promedio.desktop.projection.Describe;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.FollowFocus;
import promedio.desktop.window.control.Keys;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.CellBlock;
import promedio.desktop.work.ColumnProfile;
import promedio.desktop.work.TableSearch;
import promedio.desktop.work.Workspace;

/** The sheet of a table of several columns: its cells, and what a selected block comes to. */
public final class TableSheet extends BorderPane {

  private final Workspace workspace;
  private final ColumnProfile.Finder finder;
  private final Label name = new Label();
  private final Label counts = new Label();
  private final Label found = new Label();
  private final TextField find = new TextField();
  private final TextField goTo = new TextField();
  private final MenuButton rowsMenu = new MenuButton(Texts.of("table.rows-menu"));
  private final AddSamplesBar toShelf;
  private final CombineColumnsBar together;
  private final SortBar order;
  private final CellGrid grid = new CellGrid();
  private final SelectionSummary foot;
  private final BorderPane body = new BorderPane();
  private final List<Node> ofCells;
  private final Label whyUnread = Controls.wrapped("", "quiet");
  private final Node unread;
  private @Nullable ImportedTable original;

  /** Its rows in the order in which they are looked at. */
  private @Nullable Table shown;

  /** What the sheet asks of the window. */
  public interface Actions {
    void export(Table table, String name);

    /** Reads the file of a table that is not read. */
    void read(ImportedTable unread);
  }

  public TableSheet(Workspace workspace, Actions actions) {
    this.workspace = workspace;
    this.finder = new ColumnProfile.Finder(workspace.background());
    this.foot = new SelectionSummary(workspace);
    getStyleClass().add("table-sheet");
    name.getStyleClass().add("serif-heading");
    name.setId("table-name");
    counts.getStyleClass().add("quiet");
    counts.setId("table-counts");
    grid.setId("table-grid");
    grid.setAccessibleText(Texts.of("table.cells"));
    Node finding = buildFinding(actions);
    toShelf = new AddSamplesBar(workspace, found::setText);
    together = new CombineColumnsBar(workspace);
    order = new SortBar(workspace, this::showRows);
    ofCells = List.of(finding, toShelf, together, foot);
    unread = buildUnread(actions);
    body.setCenter(grid);
    body.getStyleClass().add("table-body");
    body.setTop(new VBox(6, new VBox(2, name, counts), finding, order, toShelf, together));
    body.setBottom(foot);
    // Where large text leaves the cells too little room, all of the sheet moves.
    ScrollPane scroll = new ScrollPane(body);
    scroll.setFitToWidth(true);
    scroll.setFitToHeight(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("sheet-scroll");
    FollowFocus.in(scroll);
    setCenter(scroll);
    grid.selectionProperty().subscribe(block -> showBlock());
    grid.addEventHandler(KeyEvent.KEY_PRESSED, this::copy);
    workspace.show((before, now) -> show(now.table()));
  }

  private Node buildFinding(Actions actions) {
    find.setId("table-find");
    find.setPromptText(Texts.of("table.find"));
    find.setAccessibleText(Texts.of("table.find"));
    find.setPrefColumnCount(12);
    Fields.remembered(find, workspace, "table-find");
    find.setOnAction(event -> findNext());
    goTo.setId("table-go-to");
    goTo.setPromptText(Texts.of("table.go-to"));
    goTo.setAccessibleText(Texts.of("table.go-to"));
    goTo.setPrefColumnCount(6);
    Fields.remembered(goTo, workspace, "table-go-to");
    goTo.setOnAction(event -> goTo());
    found.getStyleClass().add("quiet");
    found.setId("table-found");
    rowsMenu.setId("table-rows-menu");
    rowsMenu
        .getItems()
        .addAll(
            item("table.sort-up", () -> sort(false)),
            item("table.sort-down", () -> sort(true)),
            new SeparatorMenuItem(),
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
          ImportedTable now = workspace.table();
          if (now != null) {
            actions.export(now.table(), now.name());
          }
        });
    FlowPane line =
        Controls.wrapping(
            new FlowPane(8, 6, find, goTo, rowsMenu, export, removing("table-remove"), found));
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
          ImportedTable now = workspace.table();
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

  /** Puts the focus on the cells. */
  public void focusCells() {
    grid.requestFocus();
  }

  private void show(@Nullable ImportedTable imported) {
    if (imported == null) {
      original = null;
      shown = null;
      return;
    }
    Table table = imported.table();
    name.setText(imported.name());
    ofCells.forEach(node -> Nodes.setShown(node, imported.isRead()));
    body.setCenter(imported.isRead() ? grid : unread);
    whyUnread.setText(Texts.of("table.unread", imported.original().place()));
    Nodes.setShown(counts, imported.isRead());
    counts.setText(
        Texts.of(
            "table.counts",
            Describe.grouped(table.rows()),
            table.columns().size(),
            imported.original().name()));
    ImportedTable before = original;
    original = imported;
    if (before == null || before.id() != imported.id() || !table.equals(before.table())) {
      order.of(imported);
      found.setText("");
      toShelf.show(table);
      together.show(table);
    }
  }

  private void showRows(Table table) {
    shown = table;
    grid.show(
        new TableContent(
            table, finder, workspace.assignment().sign(), grid::selectColumn, grid::measureAgain));
    foot.show(table, null);
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
      event.consume();
      workspace
          .background()
          .run(
              Background.Lane.COPYING,
              Texts.of("work.copying"),
              () -> block.text(table),
              text -> {
                Controls.copy(text);
                found.setText(Texts.of("table.copied", Describe.grouped(block.cells())));
              },
              failure -> {
                throw new IllegalStateException(failure);
              });
    }
  }

  /** The first cell after the selected one that holds the text, from the top again at the end. */
  private void findNext() {
    Table table = shown;
    String sought = find.getText().strip();
    if (table == null || sought.isEmpty()) {
      return;
    }
    Optional<TableSearch.Cell> from =
        Optional.ofNullable(grid.selectionProperty().get())
            .map(block -> new TableSearch.Cell(block.firstRow(), block.firstColumn()));
    workspace
        .background()
        .watch(
            Background.Lane.FINDING,
            Texts.of("work.finding", sought),
            progress -> new TableSearch(table, sought).after(from, progress),
            cell -> {
              if (table.equals(shown)) {
                cell.ifPresentOrElse(
                    at -> showFound(table, at),
                    () -> found.setText(Texts.of("table.not-found", sought)));
              }
            },
            failure -> {
              if (!(failure instanceof CancellationException)) {
                throw new IllegalStateException(failure);
              }
            });
  }

  private void showFound(Table table, TableSearch.Cell at) {
    grid.select(CellBlock.between(at.row(), at.column(), at.row(), at.column()));
    found.setText(
        Texts.of("table.found", table.columns().get(at.column()).name(), table.origin(at.row())));
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
          .ifPresent(column -> order.by(new SortRows(column, descending)));
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
}
