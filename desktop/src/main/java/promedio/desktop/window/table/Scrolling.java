package promedio.desktop.window.table;

import javafx.scene.control.ScrollBar;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;

/** How a grid is moved by the wheel, and what of it is seen. */
final class Scrolling {

  private static final double WHEEL_ROWS = 3;

  private Scrolling() {}

  /** Moves the bars as the wheel says. */
  static void by(ScrollEvent event, ScrollBar down, ScrollBar across) {
    double rows = -Math.signum(event.getDeltaY()) * WHEEL_ROWS;
    if (event.getDeltaY() != 0 && !event.isShiftDown()) {
      down.setValue(Math.max(0, Math.min(down.getMax(), down.getValue() + rows)));
    } else {
      double by = -event.getDeltaX() - (event.isShiftDown() ? event.getDeltaY() : 0);
      across.setValue(Math.max(0, Math.min(across.getMax(), across.getValue() + by)));
    }
    event.consume();
  }

  /** Shows nothing of what lies beyond the pane. */
  static void clip(Pane pane) {
    Rectangle clip = new Rectangle();
    clip.widthProperty().bind(pane.widthProperty());
    clip.heightProperty().bind(pane.heightProperty());
    pane.setClip(clip);
  }
}
