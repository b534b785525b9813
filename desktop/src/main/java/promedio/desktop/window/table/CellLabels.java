package promedio.desktop.window.table;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;

/** The labels of a grid's cells, which are used again wherever the grid is scrolled to. */
final class CellLabels {

  /** The usual styles of labels are left out: looking for them would take most of the time. */
  static final String STYLE = "grid-cell";

  private final Pane cells;
  private final List<Label> pool = new ArrayList<>();

  CellLabels(Pane cells) {
    this.cells = cells;
  }

  /** {@return the label of this place, shown} */
  Label at(int place) {
    while (pool.size() <= place) {
      Label label = new Label();
      label.setMouseTransparent(true);
      label.setManaged(false);
      pool.add(label);
      cells.getChildren().add(label);
    }
    Label label = pool.get(place);
    label.setVisible(true);
    return label;
  }

  /** Hides the labels that are not used. */
  void end(int used) {
    for (int i = used; i < pool.size(); i++) {
      pool.get(i).setVisible(false);
    }
    // Row heads lie over cells that are scrolled under them.
    pool.stream()
        .limit(used)
        .filter(l -> l.getStyleClass().contains("row-head"))
        .forEach(Node::toFront);
  }

  /** Shows what kind of cell a label is, and how it stands out. */
  static void style(Label label, String kind, String state, boolean chosen, boolean lead) {
    if (state.isEmpty()) {
      Nodes.setStyles(label, STYLE, kind);
    } else {
      Nodes.setStyles(label, STYLE, kind, state);
    }
    label.pseudoClassStateChanged(StyleNames.CHOSEN, chosen);
    label.pseudoClassStateChanged(StyleNames.LEAD, lead);
  }
}
