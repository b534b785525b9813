package promedio.desktop.window.table;

import javafx.scene.Node;
import javafx.scene.control.Label;

/**
 * Empty cells, which stand there until the first rows of a file are read: a sheet with its lines.
 */
final class PlaceholderModel implements GridContent {

  private static final int ROWS = 100;
  private static final int COLUMNS = 8;

  /** As wide as so many digits. */
  private static final String BLANK = "\u2007".repeat(12);

  @Override
  public int rows() {
    return ROWS;
  }

  @Override
  public int columns() {
    return COLUMNS;
  }

  @Override
  public String columnName(int column) {
    return BLANK;
  }

  @Override
  public String text(int row, int column) {
    return "";
  }

  @Override
  public String rowHead(int row) {
    return BLANK.substring(0, 3);
  }

  @Override
  public boolean isNumber(int column) {
    return false;
  }

  @Override
  public String state(int row, int column) {
    return "";
  }

  @Override
  public Node head(int column) {
    Label head = new Label("…");
    head.getStyleClass().add("column-head");
    return head;
  }
}
