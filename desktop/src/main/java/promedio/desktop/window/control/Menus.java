package promedio.desktop.window.control;

import java.util.List;
import javafx.stage.PopupWindow;
import javafx.stage.Window;

/** Menus and lists that stand open above the window. */
public final class Menus {

  private Menus() {}

  /**
   * Closes them all before a dialog of the system opens: the menu that led there would stay open
   * behind the dialog and keep the mouse to itself.
   */
  public static void close() {
    for (Window window : List.copyOf(Window.getWindows())) {
      if (window instanceof PopupWindow popup) {
        popup.hide();
      }
    }
  }
}
