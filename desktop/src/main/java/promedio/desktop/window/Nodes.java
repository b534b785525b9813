package promedio.desktop.window;

import javafx.scene.Node;

/** Small habits of all views. */
final class Nodes {

  private Nodes() {}

  /** Shows the node, or takes it away with the room it takes. */
  static void setShown(Node node, boolean shown) {
    node.setVisible(shown);
    node.setManaged(shown);
  }
}
