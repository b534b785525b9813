package promedio.desktop.window.control;

import java.util.List;
import java.util.Optional;
import javafx.css.Styleable;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;

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

  /** {@return the first node in the parent that takes the focus, if one does} */
  public static Optional<Node> focusable(Parent parent) {
    for (Node child : parent.getChildrenUnmodifiable()) {
      if (child.isVisible()) {
        Optional<Node> found =
            child.isFocusTraversable()
                ? Optional.of(child)
                : child instanceof Parent inside ? focusable(inside) : Optional.empty();
        if (found.isPresent()) {
          return found;
        }
      }
    }
    return Optional.empty();
  }

  /** {@return whether the focus is on the node, or on something inside of it} */
  public static boolean hasFocus(Node node) {
    Scene scene = node.getScene();
    Node at = scene == null ? null : scene.getFocusOwner();
    while (at != null && at != node) {
      at = at.getParent();
    }
    return at != null;
  }

  /** {@return whether the focus is on something inside of the node that cannot be seen any more} */
  public static boolean hasFocusUnseen(Node node) {
    if (!hasFocus(node)) {
      return false;
    }
    Node at = node.getScene().getFocusOwner();
    while (at != null && at.isVisible()) {
      at = at.getParent();
    }
    return at != null;
  }

  /** Shows the node, or takes it away with the room it takes. */
  public static void setShown(Node node, boolean shown) {
    node.setVisible(shown);
    node.setManaged(shown);
  }
}
