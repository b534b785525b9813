package promedio.desktop.window;

import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.layout.Pane;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.PathElement;
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
    area.scrollTopProperty().subscribe(this::requestLayout);
    area.layoutBoundsProperty().subscribe(this::requestLayout);
    area.needsLayoutProperty().subscribe(this::requestLayout);
  }

  void show(List<Entry> wrong) {
    entries = List.copyOf(wrong);
    requestLayout();
  }

  @Override
  protected void layoutChildren() {
    path.getElements().clear();
    Node content = area.lookup(".content .text");
    if (content instanceof Text text && !entries.isEmpty()) {
      for (Entry entry : entries) {
        if (entry.end() <= text.getText().length()) {
          underline(text, entry);
        }
      }
    }
  }

  /** The shape of the text comes as rectangles; their lower edges are drawn. */
  private void underline(Text text, Entry entry) {
    double lowest = 0;
    double left = 0;
    double right = 0;
    for (PathElement element : text.rangeShape(entry.start(), entry.end())) {
      if (element instanceof MoveTo start) {
        left = start.getX();
        right = start.getX();
        lowest = start.getY();
      } else if (element instanceof LineTo line) {
        left = Math.min(left, line.getX());
        right = Math.max(right, line.getX());
        lowest = Math.max(lowest, line.getY());
        // The rectangle is whole when its outline is back at the left.
        if (line.getX() == left && right > left) {
          addLine(text, left, right, lowest);
        }
      } else if (element instanceof ClosePath) {
        addLine(text, left, right, lowest);
      }
    }
  }

  private void addLine(Text text, double left, double right, double y) {
    Point2D from = sceneToLocal(text.localToScene(left, y));
    Point2D to = sceneToLocal(text.localToScene(right, y));
    path.getElements().add(new MoveTo(from.getX(), from.getY() - 2));
    path.getElements().add(new LineTo(to.getX(), to.getY() - 2));
  }
}
