package promedio.desktop.window.control;

import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.util.Subscription;

/** Keeps what has the focus in sight, wherever keys lead to. */
public final class FollowFocus {

  /** So much beside what has the focus is in sight too. */
  private static final double AROUND = 24;

  private final ScrollPane pane;
  private Subscription listening = Subscription.EMPTY;

  private FollowFocus(ScrollPane pane) {
    this.pane = pane;
  }

  /** Has the pane scroll to what has the focus in it. */
  public static void in(ScrollPane pane) {
    FollowFocus follows = new FollowFocus(pane);
    pane.sceneProperty().subscribe(follows::listen);
  }

  private void listen(Scene scene) {
    listening.unsubscribe();
    listening =
        scene == null
            ? Subscription.EMPTY
            : scene.focusOwnerProperty().subscribe((old, owner) -> look(owner));
  }

  private void look(Node owner) {
    if (owner != null && isInside(owner)) {
      // What took the focus as it was made is laid out first.
      Platform.runLater(() -> bringIntoSight(owner));
    }
  }

  private boolean isInside(Node node) {
    Node at = node;
    while (at != null && at != pane.getContent()) {
      at = at.getParent();
    }
    return at != null;
  }

  private void bringIntoSight(Node node) {
    if (!isInside(node)) {
      return;
    }
    Node content = pane.getContent();
    double seen = pane.getViewportBounds().getHeight();
    double hidden = content.getLayoutBounds().getHeight() - seen;
    if (hidden <= 0) {
      return;
    }
    Bounds place = content.sceneToLocal(node.localToScene(node.getLayoutBounds()));
    double from = pane.getVvalue() * hidden;
    double top = Math.max(0, place.getMinY() - AROUND);
    double bottom = Math.min(hidden + seen, place.getMaxY() + AROUND);
    if (place.getMinY() < from) {
      pane.setVvalue(top / hidden);
    } else if (place.getMaxY() > from + seen && place.getHeight() <= seen) {
      pane.setVvalue((bottom - seen) / hidden);
    }
  }
}
