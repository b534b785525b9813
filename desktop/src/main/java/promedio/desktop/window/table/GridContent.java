package promedio.desktop.window.table;

import javafx.scene.Node;

/** What a {@link CellGrid} shows; rows and columns count from 0. */
interface GridContent {

  int rows();

  int columns();

  String columnName(int column);

  String text(int row, int column);

  /** {@return what stands at the left of the row} */
  String rowHead(int row);

  /** {@return whether the entries are set right, as numbers are} */
  boolean isNumber(int column);

  /** {@return the style of a cell that is not like the others, empty for most} */
  String state(int row, int column);

  /** {@return the style of a row head that is not like the others, empty for most} */
  default String rowState(int row) {
    return "";
  }

  /** {@return the head of the column, made anew} */
  Node head(int column);
}
