package promedio.desktop.window.shell;

import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;

/**
 * The root of a window, which stays while views of it come and go: the toolkit keeps for each root
 * which of our styles apply to which nodes, and finding that out takes most of a view's first
 * picture.
 */
public final class WindowRoot extends StackPane {

  private final ReadOnlyObjectWrapper<AssignmentView> view =
      new ReadOnlyObjectWrapper<>(this, "view");

  WindowRoot(AssignmentView first) {
    show(first);
  }

  /** {@return the root of a scene of ours} */
  public static WindowRoot of(Scene scene) {
    return (WindowRoot) scene.getRoot();
  }

  /** {@return the view that is shown} */
  public AssignmentView view() {
    return view.get();
  }

  ReadOnlyObjectProperty<AssignmentView> viewProperty() {
    return view.getReadOnlyProperty();
  }

  /** Shows a view in place of the one before. */
  void show(AssignmentView next) {
    view.set(next);
    getChildren().setAll(next);
  }
}
