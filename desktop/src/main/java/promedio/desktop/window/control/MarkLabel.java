package promedio.desktop.window.control;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import promedio.core.marking.Mark;
import promedio.core.message.Texts;

/** A verdict as a shape and in words. */
public final class MarkLabel extends Label {

  private final Region shape = new Region();

  public MarkLabel() {
    shape.getStyleClass().add("mark");
    getStyleClass().add("mark-words");
    setGraphic(shape);
    setMinWidth(USE_PREF_SIZE);
    show(Optional.empty());
  }

  /** Shows what an answer is worth; nothing where there is none yet. */
  public void show(Optional<Mark> mark) {
    Nodes.setShown(this, mark.isPresent());
    // What is not shown keeps its look, which costs less than to find another.
    mark.map(Mark::verdict)
        .ifPresent(
            verdict -> {
              StyleNames.judge(this, Optional.of(verdict));
              setText(Texts.of("mark." + verdict.code()));
            });
  }
}
