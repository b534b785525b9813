package promedio.desktop.window.table;

import java.util.Arrays;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import org.jspecify.annotations.Nullable;
import promedio.core.message.Texts;
import promedio.desktop.work.CellBlock;

/**
 * Cells in rows and columns, of which only those in sight are nodes; the first rows and the last
 * ones are in sight together. A block of cells can be selected by mouse and keys.
 */
public final class CellGrid extends Region {

  /** So many rows at the end stay in sight at the foot. */
  private static final int LAST_ROWS = 2;

  private static final double GAP = 9;

  /** How thick the scroll bars are. */
  private static final double BAR = 12;

  private final Pane cells = new Pane();
  private final ScrollBar across = new ScrollBar();
  private final ScrollBar down = new ScrollBar();
  private final Region tear = new Region();
  private final CellMeasure measure = new CellMeasure(cells);
  private final CellLabels labels = new CellLabels(cells);
  private final GridHeads heads = new GridHeads(measure);
  private final ReadOnlyObjectWrapper<@Nullable CellBlock> selection =
      new ReadOnlyObjectWrapper<>(this, "selection");
  private @Nullable GridContent content;
  private GridGeometry geometry = GridGeometry.NOTHING;
  private boolean stale;
  private int anchorRow;
  private int anchorColumn;
  private int leadRow;
  private int leadColumn;

  CellGrid() {
    getStyleClass().add("cell-grid");
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.TABLE_VIEW);
    across.setOrientation(Orientation.HORIZONTAL);
    down.setOrientation(Orientation.VERTICAL);
    tear.getStyleClass().add("tear");
    tear.setManaged(false);
    cells.getStyleClass().add("cells");
    Scrolling.clip(cells);
    getChildren().addAll(cells, heads, across, down);
    across.valueProperty().subscribe(v -> requestLayout());
    down.valueProperty().subscribe(v -> requestLayout());
    addEventHandler(ScrollEvent.SCROLL, event -> Scrolling.by(event, down, across));
    cells.addEventHandler(MouseEvent.MOUSE_PRESSED, event -> press(event, event.isShiftDown()));
    cells.addEventHandler(MouseEvent.MOUSE_DRAGGED, event -> press(event, true));
    addEventHandler(KeyEvent.KEY_PRESSED, this::handleKey);
    selection.subscribe(s -> requestLayout());
  }

  /** Shows other content, from its first row and column. */
  void show(GridContent shown) {
    content = shown;
    heads.clear();
    selection.set(null);
    anchorRow = 0;
    anchorColumn = 0;
    leadRow = 0;
    leadColumn = 0;
    down.setValue(0);
    across.setValue(0);
    requestLayout();
  }

  /** Shows the same columns with other texts in them, and stays where it is. */
  void refresh(GridContent shown) {
    content = shown;
    requestLayout();
  }

  /** {@return the selected block, {@code null} when there is none} */
  public ReadOnlyObjectProperty<@Nullable CellBlock> selectionProperty() {
    return selection.getReadOnlyProperty();
  }

  /** {@return the grid of the table that the window shows} */
  public static CellGrid of(Scene scene) {
    return (CellGrid) scene.lookup("#table-grid");
  }

  /** Selects a block and brings its first cell into sight. */
  public void select(CellBlock block) {
    anchorRow = block.lastRow();
    anchorColumn = block.lastColumn();
    leadRow = block.firstRow();
    leadColumn = block.firstColumn();
    selection.set(block);
    tellLead();
    bringIntoSight(leadRow, leadColumn);
  }

  /** Selects all cells of a column. */
  void selectColumn(int column) {
    if (content != null && content.rows() > 0) {
      anchorRow = content.rows() - 1;
      anchorColumn = column;
      leadRow = 0;
      leadColumn = column;
      selection.set(CellBlock.between(0, column, anchorRow, column));
      tellLead();
    }
  }

  private void press(MouseEvent event, boolean extending) {
    requestFocus();
    // The page that the grid stands on would take the focus away from it.
    event.consume();
    if (content == null) {
      return;
    }
    int row = geometry.rowAt(event.getY());
    if (row < 0) {
      return;
    }
    boolean wholeRow = event.getX() < geometry.rowHeadWidth();
    int column = wholeRow ? 0 : geometry.columnAt(event.getX());
    if (column < 0) {
      return;
    }
    lead(row, column, extending);
    if (wholeRow) {
      anchorColumn = content.columns() - 1;
      selection.set(CellBlock.between(anchorRow, 0, leadRow, anchorColumn));
    }
  }

  private void lead(int row, int column, boolean extending) {
    leadRow = row;
    leadColumn = column;
    if (!extending || selection.get() == null) {
      anchorRow = row;
      anchorColumn = column;
    }
    selection.set(CellBlock.between(anchorRow, anchorColumn, leadRow, leadColumn));
    tellLead();
  }

  /** Assistive tools read the cell that the last key or click went to. */
  private void tellLead() {
    GridContent now = content;
    if (now != null && leadRow < now.rows() && leadColumn < now.columns()) {
      setAccessibleText(
          Texts.of(
              "grid.cell",
              now.columnName(leadColumn),
              now.rowHead(leadRow),
              now.text(leadRow, leadColumn)));
    }
  }

  private void handleKey(KeyEvent event) {
    GridContent now = content;
    if (now == null || now.rows() == 0 || now.columns() == 0 || event.isAltDown()) {
      return;
    }
    int lastRow = now.rows() - 1;
    int lastColumn = now.columns() - 1;
    int page = Math.max(1, geometry.visibleRows() - 1);
    boolean far = event.isShortcutDown();
    switch (event.getCode()) {
      case UP -> move(far ? 0 : leadRow - 1, leadColumn, event);
      case DOWN -> move(far ? lastRow : leadRow + 1, leadColumn, event);
      case LEFT -> move(leadRow, far ? 0 : leadColumn - 1, event);
      case RIGHT -> move(leadRow, far ? lastColumn : leadColumn + 1, event);
      case PAGE_UP -> move(leadRow - page, leadColumn, event);
      case PAGE_DOWN -> move(leadRow + page, leadColumn, event);
      case HOME -> move(far ? 0 : leadRow, 0, event);
      case END -> move(far ? lastRow : leadRow, lastColumn, event);
      case A -> {
        if (far) {
          anchorRow = 0;
          anchorColumn = 0;
          leadRow = lastRow;
          leadColumn = lastColumn;
          selection.set(CellBlock.between(0, 0, lastRow, lastColumn));
          event.consume();
        }
      }
      default -> {
        // Other keys are for the window.
      }
    }
  }

  private void move(int row, int column, KeyEvent event) {
    GridContent now = content;
    if (now != null) {
      int toRow = Math.max(0, Math.min(now.rows() - 1, row));
      int toColumn = Math.max(0, Math.min(now.columns() - 1, column));
      lead(toRow, toColumn, event.isShiftDown());
      bringIntoSight(toRow, toColumn);
    }
    event.consume();
  }

  private void bringIntoSight(int row, int column) {
    int top = (int) down.getValue();
    int room = Math.max(1, geometry.scrolledRows());
    boolean atFoot =
        geometry.lastRows() > 0 && content != null && row >= content.rows() - geometry.lastRows();
    if (row < top) {
      down.setValue(row);
    } else if (row >= top + room && !atFoot) {
      down.setValue(Math.min(down.getMax(), row - room + 1.0));
    }
    bringColumnIntoSight(column);
  }

  private void bringColumnIntoSight(int column) {
    GridContent now = content;
    if (now == null || column >= now.columns()) {
      return;
    }
    double room = roomAcross();
    // Their heads may widen the columns before it, and so move it.
    heads.makeUpTo(now, column, room);
    double[] widths = heads.widths(now);
    double left = Arrays.stream(widths).limit(column).sum();
    double right = left + widths[column];
    if (left < across.getValue()) {
      across.setValue(left);
    } else if (right > across.getValue() + room) {
      across.setValue(right - room);
    }
  }

  @Override
  protected double computePrefHeight(double width) {
    return 320;
  }

  @Override
  protected double computeMinHeight(double width) {
    return 120;
  }

  @Override
  protected void layoutChildren() {
    GridContent now = content;
    if (now == null || getWidth() <= 0) {
      return;
    }
    GridGeometry.Room room =
        new GridGeometry.Room(
            getWidth() - BAR,
            getHeight() - BAR,
            measure.width(now.rowHead(Math.max(0, now.rows() - 1))) + GAP,
            Math.ceil(measure.height()));
    geometry = geometry(now, room);
    // Heads that come into sight may widen their columns, so that other columns are in sight.
    while (heads.make(now, geometry.firstColumn(), geometry.lastColumn())) {
      geometry = geometry(now, room);
    }
    double headHeight = heads.height();
    geometry = geometry(now, room.below(headHeight));
    double rowHead = geometry.rowHeadWidth();
    double edge = 1;
    heads.resizeRelocate(edge, edge, getWidth() - BAR - edge, headHeight);
    cells.resizeRelocate(
        edge, headHeight + edge, getWidth() - BAR - edge, getHeight() - headHeight - BAR - edge);
    across.resizeRelocate(rowHead, getHeight() - BAR - edge, getWidth() - BAR - rowHead, BAR);
    down.resizeRelocate(getWidth() - BAR - edge, headHeight, BAR, getHeight() - headHeight - BAR);
    setBars(now);
    heads.layOut(geometry, headHeight);
    layOutCells(now);
  }

  private GridGeometry geometry(GridContent now, GridGeometry.Room room) {
    return GridGeometry.of(
        heads.widths(now), room, now.rows(), LAST_ROWS, down.getValue(), across.getValue());
  }

  private double roomAcross() {
    return getWidth() - geometry.rowHeadWidth() - BAR;
  }

  private void setBars(GridContent now) {
    double most = Math.max(0, now.rows() - geometry.lastRows() - geometry.scrolledRows());
    down.setMax(most);
    down.setVisibleAmount(
        now.rows() == 0 ? 1 : most * geometry.visibleRows() / Math.max(1.0, now.rows()));
    down.setBlockIncrement(geometry.visibleRows());
    down.setUnitIncrement(1);
    down.setVisible(most > 0);
    double wide = geometry.totalWidth();
    double room = roomAcross();
    across.setMax(Math.max(0, wide - room));
    across.setVisibleAmount(across.getMax() * room / Math.max(1, wide));
    across.setBlockIncrement(room / 2);
    across.setUnitIncrement(40);
    across.setVisible(wide > room);
    if (down.getValue() > down.getMax()) {
      down.setValue(down.getMax());
    }
    if (across.getValue() > across.getMax()) {
      across.setValue(across.getMax());
    }
  }

  /** Makes the columns as wide as they need to be by now; later, since a layout may be running. */
  void measureAgain() {
    if (!stale) {
      stale = true;
      Platform.runLater(
          () -> {
            stale = false;
            heads.measureAgain();
            requestLayout();
          });
    }
  }

  private void layOutCells(GridContent now) {
    int used = 0;
    CellBlock block = selection.get();
    for (int place = 0; place < geometry.visibleRows(); place++) {
      int row = geometry.row(place);
      double y = geometry.y(place);
      Label rowHead = labels.at(used++);
      CellLabels.style(rowHead, "row-head", now.rowState(row), false, false);
      rowHead.setText(now.rowHead(row));
      rowHead.resizeRelocate(0, y, geometry.rowHeadWidth(), geometry.rowHeight());
      for (int column = geometry.firstColumn(); column <= geometry.lastColumn(); column++) {
        Label cell = labels.at(used++);
        cell.setText(now.text(row, column));
        boolean chosen = block != null && block.contains(row, column);
        boolean isLead = chosen && row == leadRow && column == leadColumn;
        String state = now.state(row, column);
        boolean right = now.isNumber(column) && !state.equals("passed-over");
        CellLabels.style(cell, right ? "number" : "word", state, chosen, isLead);
        cell.resizeRelocate(geometry.x(column), y, geometry.width(column), geometry.rowHeight());
      }
    }
    labels.end(used);
    boolean torn = geometry.tearY() > 0;
    if (torn && tear.getParent() == null) {
      cells.getChildren().add(tear);
    }
    tear.setVisible(torn);
    tear.toFront();
    tear.resizeRelocate(0, geometry.tearY(), cells.getWidth(), 5);
  }
}
