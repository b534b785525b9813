package promedio.desktop.window.working;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.collections.FXCollections;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.marking.OwnMark;
import promedio.core.message.Texts;
import promedio.core.working.Columns;
import promedio.core.working.WorkTable;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.Keys;
import promedio.files.report.ShownNumbers;
import promedio.files.report.WorkingTexts;

/**
 * The table of a working: head, rows, totals. Only the rows in sight are made, so that long tables
 * stay quick. In an own working the computed columns are fields.
 */
final class WorkTableView extends VBox {

  private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
  private static final double ROW = 27;
  private static final double CHARACTER = 7.7;
  private static final double PADDING = 16;
  private static final int MOST_ROWS_IN_SIGHT = 12;

  /** What a student wrote in the cells, and what that is worth. */
  interface Own {

    /** {@return what is written in a cell, both from 0} */
    String text(int column, int row);

    /** {@return what it is worth} */
    Optional<OwnMark> mark(int column, int row);

    /** Takes what is written. */
    void write(int column, int row, String text);

    /** Takes a block of cells that is pasted with its first cell here. */
    void paste(int column, int row, List<List<String>> block);
  }

  private final WorkTable table;
  private final List<List<String>> cells;

  /** The property of a cell that says in which column it stands. */
  private static final String COLUMN = "promedio.column";

  private final double[] widths;
  private final Optional<Own> own;
  private final ListView<Integer> rows = new ListView<>();
  private final Set<Integer> lit = new HashSet<>();
  private final List<List<Node>> shownColumns = new ArrayList<>();
  private final double scale;
  private final int lastTold;

  /** What a row is called stands before the columns, where it is called anything. */
  private final int offset;

  /**
   * Makes the view.
   *
   * @param scale how large text is, 1 for the usual size
   * @param told the columns whose totals are told; columns up to the last of them are filled in
   * @param own what the student writes; none shows the table itself
   * @param chosen told of a column that is clicked
   */
  WorkTableView(
      WorkTable table,
      ShownNumbers numbers,
      double scale,
      Set<Integer> told,
      Optional<Own> own,
      IntConsumer chosen) {
    this.table = table;
    this.scale = scale;
    this.cells = WorkingTexts.cells(table, numbers);
    this.offset = table.labels().isEmpty() ? 0 : 1;
    this.own = own;
    this.lastTold = told.stream().max(Integer::compare).orElse(-1);
    this.widths = widths();
    getStyleClass().add("work-table");
    setMaxWidth(USE_PREF_SIZE);
    setAccessibleText(Texts.of("working.table"));
    for (int i = 0; i < widths.length; i++) {
      shownColumns.add(new ArrayList<>());
    }
    HBox head = line(cells.get(0), "work-head", chosen);
    List<String> sums = new ArrayList<>(cells.get(cells.size() - 1));
    for (int i = 0; i < sums.size(); i++) {
      sums.set(
          i, told.contains(i - offset) ? sums.get(i) : i == 0 ? Texts.of("working.totals") : "");
    }
    HBox totals = line(sums, "work-totals", chosen);
    rows.setItems(
        FXCollections.observableArrayList(
            IntStream.range(0, table.rows().size()).boxed().toList()));
    rows.setId("work-rows");
    rows.setAccessibleText(Texts.of("working.table"));
    rows.setFixedCellSize(Math.ceil(ROW * scale));
    rows.getStyleClass().add("work-rows");
    rows.setCellFactory(view -> new Row());
    rows.setFocusTraversable(own.isEmpty());
    int inSight = Math.min(MOST_ROWS_IN_SIGHT, table.rows().size());
    double height = inSight * rows.getFixedCellSize() + 2;
    rows.setMinHeight(height);
    rows.setPrefHeight(height);
    rows.setMaxHeight(height);
    rows.setPrefWidth(naturalWidth());
    getChildren().addAll(head, rows, totals);
  }

  /** {@return how wide it has to be to show all columns} */
  double naturalWidth() {
    double width = table.rows().size() > MOST_ROWS_IN_SIGHT ? 16 : 4;
    for (double column : widths) {
      width += column;
    }
    return width;
  }

  /** Lights the columns up, and no others. */
  void light(List<Integer> columns) {
    lit.clear();
    lit.addAll(columns);
    for (int column = 0; column < shownColumns.size(); column++) {
      boolean now = lit.contains(column - offset);
      shownColumns.get(column).forEach(cell -> cell.pseudoClassStateChanged(LIT, now));
    }
    // The cells themselves stay: one of them may be typed in.
    Stream.of(".work-cell", ".work-own")
        .flatMap(kind -> rows.lookupAll(kind).stream())
        .forEach(this::showLit);
  }

  private void showLit(Node cell) {
    Object column = cell.getProperties().get(COLUMN);
    cell.pseudoClassStateChanged(LIT, column instanceof Integer && lit.contains(column));
  }

  /** Shows again what the student's cells are worth. */
  void showMarks() {
    rows.lookupAll(".work-own").stream()
        .map(TextField.class::cast)
        .forEach(field -> ((Runnable) field.getUserData()).run());
  }

  private double[] widths() {
    double[] found = new double[cells.get(0).size()];
    for (List<String> row : cells) {
      for (int i = 0; i < found.length; i++) {
        found[i] = Math.max(found[i], row.get(i).length() * CHARACTER + PADDING);
      }
    }
    for (int i = 0; i < found.length; i++) {
      found[i] *= scale;
    }
    return found;
  }

  private HBox line(List<String> texts, String styleClass, IntConsumer chosen) {
    HBox line = new HBox();
    line.getStyleClass().add(styleClass);
    for (int i = 0; i < texts.size(); i++) {
      int column = i;
      Label cell = cell(texts.get(i), i);
      cell.setOnMouseClicked(event -> chosen.accept(column - offset));
      shownColumns.get(i).add(cell);
      line.getChildren().add(cell);
    }
    return line;
  }

  private Label cell(String text, int column) {
    Label cell = new Label(text);
    cell.getStyleClass().add("work-cell");
    cell.setAlignment(Pos.CENTER_RIGHT);
    size(cell, column);
    return cell;
  }

  private void size(Region cell, int column) {
    cell.setMinWidth(widths[column]);
    cell.setPrefWidth(widths[column]);
    cell.setMaxWidth(widths[column]);
  }

  /** One row; made again for other rows as they come into sight. */
  private final class Row extends ListCell<Integer> {

    @Override
    protected void updateItem(Integer row, boolean empty) {
      super.updateItem(row, empty);
      setText(null);
      if (empty || row == null) {
        setGraphic(null);
        return;
      }
      HBox line = new HBox();
      for (int shown = 0; shown < widths.length; shown++) {
        int column = shown - offset;
        String text = column < 0 || isTold(column) ? cells.get(row + 1).get(shown) : "";
        Region cell = column < 0 || isGiven(column) ? cell(text, shown) : field(column, row);
        cell.getProperties().put(COLUMN, column);
        showLit(cell);
        line.getChildren().add(cell);
      }
      setGraphic(line);
    }

    private boolean isGiven(int column) {
      return own.isEmpty() || isData(column);
    }

    private boolean isTold(int column) {
      return isData(column) || column <= lastTold;
    }

    private boolean isData(int column) {
      return Columns.isRead(table.columns().get(column));
    }

    /** A block from a document or from cells fills the cells to the right and below. */
    private void paste(KeyEvent event, int column, int row) {
      String text = Clipboard.getSystemClipboard().getString();
      boolean block =
          Keys.PASTE.match(event) && text != null && text.strip().matches("(?s).*[\\t\\n].*");
      if (block) {
        event.consume();
        own.orElseThrow()
            .paste(
                column,
                row,
                text.stripTrailing().lines().map(line -> List.of(line.split("\t", -1))).toList());
        rows.refresh();
      }
    }

    private TextField field(int column, int row) {
      Own written = own.orElseThrow();
      TextField field = Fields.ofAssignment(new TextField(written.text(column, row)));
      field.getStyleClass().add("work-own");
      field.setId("own-cell-" + column + "-" + row);
      field.setAlignment(Pos.CENTER_RIGHT);
      field.setAccessibleText(
          Texts.of(
              "working.own-cell",
              cells.get(0).get(column + offset),
              row + 1,
              cells.get(row + 1).get(0)));
      size(field, column + offset);
      Runnable mark =
          () -> {
            // It may have changed otherwise: by undoing, for one.
            Fields.show(field, written.text(column, row));
            OwnMarks.show(field, written.mark(column, row));
          };
      field.setUserData(mark);
      field.addEventFilter(KeyEvent.KEY_PRESSED, event -> paste(event, column, row));
      field.textProperty().subscribe((old, text) -> written.write(column, row, text));
      mark.run();
      return field;
    }
  }
}
