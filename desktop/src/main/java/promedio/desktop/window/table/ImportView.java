package promedio.desktop.window.table;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.message.Texts;
import promedio.desktop.projection.Describe;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.ColumnNames;
import promedio.desktop.work.ImportSession;
import promedio.desktop.work.Workspace;
import promedio.files.table.DataSource;
import promedio.files.table.ReadTable;

/** The first rows of what is imported, as they are read, and what of it is taken. */
public final class ImportView extends BorderPane {

  /** Longer texts are not edited here. */
  private static final int MOST_TYPED = 200_000;

  private final Workspace workspace;
  private final Label heading = new Label();
  private final Label counts = new Label();
  private final Label problem = new Label();
  private final TextField columns = new TextField();
  private final Label columnsProblem = new Label();
  private final CheckBox keep = new CheckBox(Texts.of("import.keep"));
  private final Button take = new Button(Texts.of("import.take"));
  private final CellGrid grid = new CellGrid();
  private final TextArea text = new TextArea();
  private @Nullable ImportSession importing;
  private boolean showing;
  private boolean focusWhenRead;

  public ImportView(Workspace workspace) {
    this.workspace = workspace;
    getStyleClass().add("import-sheet");
    heading.getStyleClass().add("serif-heading");
    heading.setId("import-heading");
    counts.getStyleClass().add("quiet");
    counts.setId("import-counts");
    counts.setWrapText(true);
    problem.getStyleClass().add("refusal");
    problem.setId("import-problem");
    problem.setWrapText(true);
    grid.setId("import-grid");
    setTop(buildTop());
    text.setId("import-text");
    text.setPromptText(Texts.of("import.text.prompt"));
    text.setAccessibleText(Texts.of("import.text"));
    text.setPrefRowCount(7);
    text.textProperty().subscribe((old, now) -> type(now));
    setCenter(new VBox(8, text, problem, grid));
    VBox.setVgrow(grid, Priority.ALWAYS);
    ((VBox) getCenter()).setFillWidth(true);
    workspace.whileViewed(workspace.imports().property().subscribe(this::show));
  }

  private Node buildTop() {
    take.setId("import-take");
    take.setDefaultButton(true);
    take.setOnAction(event -> take());
    Button leave = new Button(Texts.of("import.leave"));
    leave.setId("import-leave");
    leave.getStyleClass().add("link");
    leave.setOnAction(event -> workspace.imports().end());
    columns.setId("import-columns");
    columns.setPrefColumnCount(22);
    columns.setAccessibleText(Texts.of("import.columns.name"));
    columns.setOnAction(event -> takeTyped());
    Fields.whenLeft(columns, this::takeTyped);
    columnsProblem.getStyleClass().add("problem-text");
    Label columnsLabel = new Label(Texts.of("import.columns"));
    columnsLabel.setLabelFor(columns);
    HBox chosen = new HBox(6, columnsLabel, columns);
    chosen.setAlignment(Pos.CENTER_LEFT);
    keep.setId("import-keep");
    FlowPane line = Controls.wrapping(new FlowPane(14, 6, take, leave, chosen, keep));
    line.setAlignment(Pos.CENTER_LEFT);
    VBox top = new VBox(4, heading, counts, line, columnsProblem);
    top.getStyleClass().add("import-top");
    return top;
  }

  /** Puts the focus on the button that imports. */
  public void focusTake() {
    focusWhenRead = take.isDisabled();
    take.requestFocus();
  }

  /**
   * Shows a session that nobody sees, in a room of this size, until its rows are laid out; unless
   * one that somebody sees begins meanwhile.
   */
  public void rehearse(ImportSession unseen, double width, double height) {
    show(unseen);
    resize(width, height);
    layOutUnseen();
    unseen
        .readProperty()
        .subscribe(
            read -> {
              if (read != null && importing == unseen) {
                layOutUnseen();
                show(null);
              }
            });
  }

  /** Cells are made as they are laid out, and want their styles then. */
  private void layOutUnseen() {
    applyCss();
    layout();
    applyCss();
  }

  private void show(@Nullable ImportSession now) {
    importing = now;
    if (now == null) {
      return;
    }
    // Nothing of a file that was looked at before, and the cells are there when the rows come.
    Nodes.setShown(grid, true);
    grid.show(new PlaceholderModel());
    counts.setText(Texts.of("import.awaited"));
    heading.setText(Texts.of("import.heading", now.source().name()));
    boolean file = now.source() instanceof DataSource.OfFile;
    Nodes.setShown(keep, file);
    keep.setSelected(!file || now.source().size() <= ImportSession.MOST_KEPT);
    Nodes.setShown(text, !file && now.source().size() <= MOST_TYPED);
    showing = true;
    text.setText(file ? "" : text(now.source()));
    showing = false;
    now.headProperty().subscribe(head -> showOf(now, this::showRows));
    now.readProperty().subscribe(read -> showOf(now, this::showRows));
    now.columnsProperty().subscribe(names -> showOf(now, () -> showColumns(names)));
    now.problemProperty().subscribe(text -> showOf(now, () -> showProblem(text)));
  }

  /** A session that another took the place of tells nothing. */
  private void showOf(ImportSession session, Runnable what) {
    if (importing == session) {
      what.run();
    }
  }

  private static String text(DataSource source) {
    return source instanceof DataSource.InMemory memory && source.size() <= MOST_TYPED
        ? new String(memory.bytes(), StandardCharsets.UTF_8)
        : "";
  }

  private void type(String typed) {
    ImportSession now = importing;
    if (now != null && !showing) {
      now.type(typed);
    }
  }

  /** Puts the caret where a table is typed. */
  public void focusText() {
    text.requestFocus();
  }

  private void showProblem(String text) {
    problem.setText(text);
    Nodes.setShown(problem, !text.isEmpty());
    if (!text.isEmpty()) {
      counts.setText(Texts.of("import.refused"));
      Nodes.setShown(grid, false);
    }
  }

  private void showColumns(List<String> names) {
    Fields.show(columns, ColumnNames.write(names));
    columns.positionCaret(0);
    ImportSession now = importing;
    take.setDisable(now == null || now.readProperty().get() == null || names.isEmpty());
    take.setText(
        Texts.of(
            now != null && now.isSample() ? "import.take-sample" : "import.take", names.size()));
    grid.requestLayout();
  }

  private void showRows() {
    ImportSession now = importing;
    ReadTable head = now == null ? null : now.headProperty().get();
    if (now == null || head == null) {
      take.setDisable(true);
      return;
    }
    ReadTable read = now.readProperty().get();
    Nodes.setShown(grid, true);
    grid.show(new ImportPreviewModel(head, read != null, now));
    take.setDisable(read == null);
    if (read != null && focusWhenRead) {
      focusWhenRead = false;
      take.requestFocus();
    }
    counts.setText(
        read == null
            ? Texts.of("import.reading")
            : Texts.of(
                "import.counts",
                Describe.grouped(read.table().rows()),
                read.table().columns().size()));
  }

  private void takeTyped() {
    ImportSession now = importing;
    if (now != null && now.readProperty().get() != null) {
      Optional<String> unknown = now.includeTyped(columns.getText());
      columnsProblem.setText(unknown.map(name -> Texts.of("import.no-column", name)).orElse(""));
      Nodes.setShown(columnsProblem, unknown.isPresent());
    }
  }

  private void take() {
    ImportSession now = importing;
    if (now == null || now.readProperty().get() == null) {
      return;
    }
    if (now.isSample()) {
      String name = now.columnsProperty().get().get(0);
      workspace.imports().end();
      workspace.shelf().addNamed(name, now.unit(), now.sample(workspace.assignment().sign()));
      return;
    }
    workspace.tables().importTable(now, keep.isSelected());
  }
}
