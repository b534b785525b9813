package promedio.desktop.window.table;

import javafx.scene.Node;
import javafx.scene.control.Label;

/** Empty cells, which stand there until the first rows of a file are read. */
final class AwaitedContent implements GridContent {

  private static final int ROWS = 100;
  private static final int COLUMNS = 8;

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
    return "";
  }

  @Override
  public String text(int row, int column) {
    return "";
  }

  @Override
  public String rowHead(int row) {
    return String.valueOf(row + 1);
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
