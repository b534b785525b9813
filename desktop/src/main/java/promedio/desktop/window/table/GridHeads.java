package promedio.desktop.window.table;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/**
 * The heads of a grid's columns, each made when it comes into sight, and how wide the columns are:
 * those whose heads were not seen yet as wide as their cells and names.
 */
final class GridHeads extends Pane {

  private final CellMeasure measure;
  private final Region corner = new Region();
  private final Map<Integer, Node> nodes = new HashMap<>();
  private double[] widths = new double[0];

  GridHeads(CellMeasure measure) {
    this.measure = measure;
    getStyleClass().add("heads");
    corner.getStyleClass().add("heads");
    corner.setManaged(false);
    Scrolling.clip(this);
  }

  /** Takes the heads away, since those of other content follow. */
  void clear() {
    nodes.clear();
    getChildren().setAll(corner);
    widths = new double[0];
  }

  /** Makes the columns as wide as they need to be by now, when they are asked for next. */
  void measureAgain() {
    widths = new double[0];
  }

  /** {@return how wide the columns are} */
  double[] widths(GridContent content) {
    if (widths.length != content.columns()) {
      widths = measure.widths(content);
      nodes.keySet().forEach(this::widen);
    }
    return widths;
  }

  private void widen(int column) {
    double wanted = measure.within(nodes.get(column).prefWidth(-1));
    widths[column] = Math.max(widths[column], wanted);
  }

  /**
   * Makes the heads of these columns where they are not there yet, which may widen the columns.
   *
   * @return whether any was made
   */
  boolean make(GridContent content, int first, int last) {
    int before = nodes.size();
    widths(content);
    for (int column = first; column <= last; column++) {
      if (!nodes.containsKey(column)) {
        Node head = content.head(column);
        head.setManaged(false);
        getChildren().add(head);
        head.applyCss();
        nodes.put(column, head);
        widen(column);
      }
    }
    boolean made = nodes.size() > before;
    if (made) {
      corner.toFront();
    }
    return made;
  }

  /** Makes the heads of a column and of those before it that fit into a room together with it. */
  void makeUpTo(GridContent content, int last, double room) {
    double width = 0;
    for (int column = last; column >= 0 && width < room; column--) {
      make(content, column, column);
      width += widths[column];
    }
  }

  /** {@return how high the highest of them must be} */
  double height() {
    double highest = 0;
    for (Map.Entry<Integer, Node> node : nodes.entrySet()) {
      highest = Math.max(highest, node.getValue().prefHeight(widths[node.getKey()]));
    }
    return Math.ceil(highest);
  }

  /** Puts those in sight above their columns. */
  void layOut(GridGeometry geometry, double height) {
    corner.resizeRelocate(0, 0, geometry.rowHeadWidth(), height);
    nodes.forEach(
        (column, head) -> {
          head.setVisible(column >= geometry.firstColumn() && column <= geometry.lastColumn());
          head.resizeRelocate(geometry.x(column), 0, widths[column], height);
        });
  }
}
