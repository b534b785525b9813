package promedio.desktop.window.shell;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import org.jspecify.annotations.Nullable;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.howto.Place;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.howto.HowToView;
import promedio.desktop.work.Workspace;

/** What lies over the window for a while: the how-to, and the list of keys. */
final class Overlays {

  private final StackPane window;
  private final Workspace workspace;
  private final ShowMe places;
  private final Runnable closed;

  /** Each is made when it is first asked for. */
  private @Nullable KeySheet keys;

  private @Nullable HowToView howTo;

  /** What had the focus before. */
  private @Nullable Node before;

  /**
   * Makes them.
   *
   * @param window what they lie over
   * @param closed takes the focus where nothing had it before
   */
  Overlays(StackPane window, Workspace workspace, ShowMe places, Runnable closed) {
    this.window = window;
    this.workspace = workspace;
    this.places = places;
    this.closed = closed;
  }

  /** Lists the keys. */
  void showKeys() {
    KeySheet shown = keys;
    if (shown == null) {
      shown = new KeySheet(this::close);
      keys = shown;
      add(shown);
    }
    begin(shown);
    shown.focusButton();
  }

  /**
   * Opens the how-to.
   *
   * @param about what it is asked about; the one that leads to a topic first counts
   */
  void showHowTo(Optional<String> about) {
    HowToView shown = howTo;
    if (shown == null) {
      shown = new HowToView(actions());
      howTo = shown;
      shown.prefWidthProperty().bind(window.widthProperty().multiply(0.8));
      shown.prefHeightProperty().bind(window.heightProperty().multiply(0.85));
      add(shown);
    }
    begin(shown);
    shown.open(about.orElse(null));
  }

  private void add(Node overlay) {
    Nodes.setShown(overlay, false);
    window.getChildren().add(overlay);
  }

  private void begin(Node shown) {
    if (!isOpen()) {
      before = window.getScene() == null ? null : window.getScene().getFocusOwner();
    }
    hide();
    Nodes.setShown(shown, true);
    shown.toFront();
  }

  /** Closes what is open; returns whether anything was. */
  boolean close() {
    if (!isOpen()) {
      return false;
    }
    hide();
    Node owner = before;
    if (owner != null && owner.getScene() != null && owner.isVisible()) {
      owner.requestFocus();
    } else {
      closed.run();
    }
    return true;
  }

  private boolean isOpen() {
    return isShown(keys) || isShown(howTo);
  }

  private static boolean isShown(@Nullable Node overlay) {
    return overlay != null && overlay.isVisible();
  }

  private void hide() {
    for (Node overlay : new Node[] {keys, howTo}) {
      if (overlay != null) {
        Nodes.setShown(overlay, false);
      }
    }
  }

  private HowToView.Actions actions() {
    return new HowToView.Actions() {
      @Override
      public void show(Place place) {
        places.go(place);
      }

      @Override
      public void showInDemo(Place place) {
        workspace.replace(DemoAssignment.create());
        places.go(place);
      }

      @Override
      public boolean canShow(Place place) {
        return places.can(place);
      }

      @Override
      public void showKeys() {
        Overlays.this.showKeys();
      }

      @Override
      public void close() {
        Overlays.this.close();
      }
    };
  }
}
