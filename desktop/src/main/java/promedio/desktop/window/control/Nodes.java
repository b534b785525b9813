package promedio.desktop.window.control;

import javafx.scene.Node;

/** Small habits of all views. */
public final class Nodes {

  private Nodes() {}

  /** Shows the node, or takes it away with the room it takes. */
  public static void setShown(Node node, boolean shown) {
    node.setVisible(shown);
    node.setManaged(shown);
  }
}
