package promedio.desktop.window.sample;

import java.util.LinkedHashMap;
import java.util.Map;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import promedio.core.message.Texts;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;

/** The line at the head of the sheet that leads to each of its parts. */
final class SheetJumps extends FlowPane {

  private final ScrollPane scroll;

  /** The links that lead to a part of the sheet, which may be out of sight. */
  private final Map<Hyperlink, Node> parts = new LinkedHashMap<>();

  SheetJumps(ScrollPane scroll) {
    super(8, 0);
    this.scroll = scroll;
    getStyleClass().add("sheet-jumps");
    setAlignment(Pos.CENTER_LEFT);
    Label heading = new Label(Texts.of("jump.heading"));
    heading.getStyleClass().add("quiet");
    getChildren().add(heading);
    Controls.wrapping(this);
  }

  /**
   * Adds a link to a part of the sheet.
   *
   * @param then what is done there besides: where the focus goes
   */
  void add(String name, Node part, Runnable then) {
    Hyperlink link =
        Controls.link(
            "jump." + name,
            "jump-" + name,
            () -> {
              then.run();
              // What was opened just now is laid out first; texts that wrap change that once more.
              Platform.runLater(
                  () -> {
                    scrollTo(part);
                    Platform.runLater(() -> scrollTo(part));
                  });
            });
    parts.put(link, part);
    getChildren().add(link);
  }

  /** Adds a link to what is not on the sheet. */
  void add(String name, Runnable there) {
    getChildren().add(Controls.link("jump." + name, "jump-" + name, there));
  }

  /** Links lead only to what there is of the chosen item. */
  void show() {
    parts.forEach((link, part) -> Nodes.setShown(link, part.isVisible()));
  }

  private void scrollTo(Node part) {
    scroll.applyCss();
    scroll.layout();
    Node content = scroll.getContent();
    double hidden = content.getLayoutBounds().getHeight() - scroll.getViewportBounds().getHeight();
    double top = content.sceneToLocal(part.localToScene(part.getLayoutBounds())).getMinY();
    if (hidden > 0) {
      scroll.setVvalue(Math.max(0, Math.min(1, top / hidden)));
    }
  }
}
