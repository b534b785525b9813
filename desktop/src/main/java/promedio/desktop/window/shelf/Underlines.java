package promedio.desktop.window.shelf;

import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import promedio.core.entry.Entry;

/** Lies over a field and underlines entries where they stand. */
final class Underlines extends Pane {

  private final TextArea area;
  private final Path path = new Path();
  private List<Entry> entries = List.of();

  Underlines(TextArea area) {
    this.area = area;
    setMouseTransparent(true);
    path.getStyleClass().add("underline");
    path.setManaged(false);
    getChildren().add(path);
    Rectangle clip = new Rectangle();
    clip.widthProperty().bind(widthProperty());
    clip.heightProperty().bind(heightProperty());
    setClip(clip);
    area.scrollTopProperty().subscribe(now -> drawSoon());
    area.layoutBoundsProperty().subscribe(now -> drawSoon());
    area.needsLayoutProperty().subscribe(now -> drawSoon());
  }

  void show(List<Entry> wrong) {
    entries = List.copyOf(wrong);
    drawSoon();
  }

  /** Only after the field has laid its text out is it known where an entry stands. */
  private void drawSoon() {
    Platform.runLater(this::draw);
  }

  private void draw() {
    path.getElements().clear();
    Node content = area.lookup(".content .text");
    if (content instanceof Text text) {
      Point2D origin = sceneToLocal(text.localToScene(Point2D.ZERO));
      path.setLayoutX(origin.getX());
      path.setLayoutY(origin.getY());
      for (Entry entry : entries) {
        if (entry.end() <= text.getText().length()) {
          path.getElements().addAll(text.underlineShape(entry.start(), entry.end()));
        }
      }
    }
  }
}
