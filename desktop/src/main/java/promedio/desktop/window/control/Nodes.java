package promedio.desktop.window.control;

import java.util.List;
import javafx.css.Styleable;
import javafx.scene.Node;

/** Small habits of all views. */
public final class Nodes {

  private Nodes() {}

  /** Gives the node these styles in the place of others; the same ones again cost nothing. */
  public static void setStyles(Styleable node, String... styles) {
    List<String> wanted = List.of(styles);
    if (!node.getStyleClass().equals(wanted)) {
      node.getStyleClass().setAll(wanted);
    }
  }

  /** Shows the node, or takes it away with the room it takes. */
  public static void setShown(Node node, boolean shown) {
    node.setVisible(shown);
    node.setManaged(shown);
  }
}
