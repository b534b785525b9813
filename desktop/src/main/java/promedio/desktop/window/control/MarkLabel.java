package promedio.desktop.window.control;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import promedio.core.marking.Mark;
import promedio.desktop.Texts;

/** A verdict as a shape and in words. */
public final class MarkLabel extends Label {

  private final Region shape = new Region();

  public MarkLabel() {
    setGraphic(shape);
    setMinWidth(USE_PREF_SIZE);
    show(Optional.empty());
  }

  /** Shows what an answer is worth; nothing where there is none yet. */
  public void show(Optional<Mark> mark) {
    String code = mark.map(m -> m.verdict().code()).orElse("none");
    shape.getStyleClass().setAll("mark", code);
    getStyleClass().setAll("label", "mark-words", code);
    setText(mark.isPresent() ? Texts.of("mark." + code) : "");
    Nodes.setShown(this, mark.isPresent());
  }
}
