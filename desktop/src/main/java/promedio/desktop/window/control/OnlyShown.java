package promedio.desktop.window.control;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/**
 * Keeps those of its views in a pane that are shown, in their order. A view that is hidden but
 * stays in its pane is walked through at each key press.
 */
public final class OnlyShown {

  private final Pane pane;
  private final List<Node> views = new ArrayList<>();

  /** Makes the pane one that holds these views while they are shown. */
  public OnlyShown(Pane pane, Node... views) {
    this.pane = pane;
    for (Node view : views) {
      add(view);
    }
  }

  /** Puts the view behind the others. */
  public void add(Node view) {
    add(views.size(), view);
  }

  /** Puts the view before or behind those that there are. */
  public void add(int index, Node view) {
    views.add(index, view);
    view.visibleProperty().subscribe(shown -> fill());
  }

  /** {@return where the view stands among all of them, -1 if it is none of them} */
  public int indexOf(Node view) {
    return views.indexOf(view);
  }

  /** Takes the view from where it stands, and puts it directly before another one. */
  public void move(Node view, Node before) {
    views.remove(view);
    views.add(views.indexOf(before), view);
    fill();
  }

  /** Lets a hidden view stand in the pane until the next one comes or goes, to be styled there. */
  public void standHidden(Node view) {
    pane.getChildren().add(view);
  }

  /** {@return how wide the pane is} */
  public double width() {
    return pane.getWidth();
  }

  /** {@return how high the pane is} */
  public double height() {
    return pane.getHeight();
  }

  private void fill() {
    List<Node> shown = views.stream().filter(Node::isVisible).toList();
    if (!pane.getChildren().equals(shown)) {
      pane.getChildren().setAll(shown);
    }
  }
}
