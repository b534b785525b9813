package promedio.desktop.window.table;

import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import promedio.desktop.window.control.Nodes;

/** Measures texts as they stand in the cells of a grid. */
final class CellMeasure {

  private static final double GAP = 9;
  private static final int LEAST_DIGITS = 6;
  private static final int MOST_DIGITS = 24;
  private static final int FIRST_ROWS = 40;
  private static final int FIRST_COLUMNS = 60;

  private final Pane cells;
  private double digit;

  /** A cell like any other, to measure with; it is never seen. */
  private final Label probe = new Label();

  CellMeasure(Pane cells) {
    this.cells = cells;
  }

  /** {@return how high a cell must be} */
  double height() {
    return probe().prefHeight(-1);
  }

  private Label probe() {
    if (probe.getParent() == null) {
      Nodes.setStyles(probe, CellLabels.STYLE, "number");
      probe.setManaged(false);
      probe.setVisible(false);
      cells.getChildren().add(probe);
    }
    probe.setText("0");
    probe.applyCss();
    return probe;
  }

  /** {@return how wide a text is} */
  double width(String text) {
    Label probe = probe();
    probe.setText(text);
    return Math.ceil(probe.prefWidth(-1));
  }

  /** {@return how wide the columns must be for their names and first rows} */
  double[] widths(GridContent now) {
    digit = width("00") - width("0");
    double[] measured = new double[now.columns()];
    int rows = Math.min(FIRST_ROWS, now.rows());
    for (int column = 0; column < measured.length; column++) {
      double widest = 0;
      // Of hundreds of columns those far away are taken to be like the first.
      if (column < FIRST_COLUMNS) {
        String longest = now.columnName(column);
        for (int row = 0; row < rows; row++) {
          String text = now.rowState(row).equals("passed-over") ? "" : now.text(row, column);
          longest = text.length() > longest.length() ? text : longest;
        }
        widest = width(longest) + GAP;
      }
      measured[column] = within(widest);
    }
    return measured;
  }

  /** {@return the width, but neither less nor more than a column can have} */
  double within(double width) {
    return Math.max(digit * LEAST_DIGITS, Math.min(digit * MOST_DIGITS, width));
  }
}
