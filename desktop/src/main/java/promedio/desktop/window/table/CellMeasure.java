package promedio.desktop.window.table;

import java.util.function.IntToDoubleFunction;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;

/** Measures texts as they stand in the cells of a grid. */
final class CellMeasure {

  private static final double GAP = 9;
  private static final int MOST_DIGITS = 24;

  private final Pane cells;

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
      probe.getStyleClass().addAll("cell", "number");
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

  /**
   * {@return how wide the columns must be for their first rows and their heads}
   *
   * @param head how wide the head of a column must be
   */
  double[] widths(GridContent now, IntToDoubleFunction head) {
    double[] measured = new double[now.columns()];
    int rows = Math.min(40, now.rows());
    for (int column = 0; column < measured.length; column++) {
      double widest = 0;
      // Of hundreds of columns those far away are taken to be like the first.
      if (column < 60) {
        String longest = "";
        for (int row = 0; row < rows; row++) {
          String text = now.rowState(row).equals("passed-over") ? "" : now.text(row, column);
          longest = text.length() > longest.length() ? text : longest;
        }
        widest = Math.max(width(longest) + GAP, head.applyAsDouble(column));
      }
      double em = width("00") - width("0");
      measured[column] = Math.max(em * 6, Math.min(em * MOST_DIGITS, widest));
    }
    return measured;
  }
}
