package promedio.desktop.window.shell;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import promedio.core.message.Texts;
import promedio.desktop.window.control.Controls;

/** What the sheet says while there is no sample: the ways to begin. */
final class EmptyState extends VBox {

  EmptyState(Runnable type, Runnable paste, Runnable question, Runnable open, Runnable demo) {
    getStyleClass().add("empty-state");
    setAlignment(Pos.CENTER);
    Label heading = new Label(Texts.of("empty.heading"));
    heading.getStyleClass().add("serif-heading");
    Label text = new Label(Texts.of("empty.text"));
    text.getStyleClass().add("quiet");
    text.setWrapText(true);
    getChildren()
        .addAll(
            heading,
            text,
            way("empty.type", type),
            way("empty.paste", paste),
            way("empty.question", question),
            way("empty.open", open),
            way("empty.demo", demo));
  }

  private static VBox way(String key, Runnable action) {
    Button button = Controls.literal(new Button(Texts.of(key)));
    button.setId(key.replace('.', '-'));
    button.getStyleClass().add("way");
    button.setOnAction(event -> action.run());
    Label told = Controls.wrapped(Texts.of(key + ".told"), "quiet");
    told.setAlignment(Pos.CENTER);
    VBox way = new VBox(2, button, told);
    way.setAlignment(Pos.CENTER);
    return way;
  }
}
