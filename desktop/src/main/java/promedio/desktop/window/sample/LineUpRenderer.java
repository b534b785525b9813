package promedio.desktop.window.sample;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Results;
import promedio.desktop.window.control.ReusedNodes;

/** What the line-up is drawn with: words, lines and dots, which are used again in each drawing. */
final class LineUpRenderer {

  static final double PAD = 14;

  // What stands over what.
  static final int LINES = 0;
  static final int DOTS = 1;
  static final int TILES = 2;
  static final int CUTS = 3;
  static final int WORDS = 4;

  private static final double LABEL_ROOM = 4;
  private static final double CHARACTER_WIDTH = 7;
  private static final double LABEL_HEIGHT = 16;

  private final Pane paper;
  private final ReusedNodes nodes;
  private double textScale = 1;

  LineUpRenderer(Pane paper) {
    this.paper = paper;
    this.nodes = new ReusedNodes(paper);
  }

  ReusedNodes nodes() {
    return nodes;
  }

  double width() {
    return paper.getWidth();
  }

  double textScale() {
    return textScale;
  }

  void setTextScale(double scale) {
    textScale = scale;
  }

  /**
   * Writes centred under or over a place. The box is as wide as so many characters may be: to
   * measure the text of every label would cost more than the rest of the drawing.
   */
  void label(String text, double middle, double top, String style) {
    double room = (LABEL_ROOM + CHARACTER_WIDTH * text.length()) * textScale;
    double width = Math.min(room, width());
    double left = middle - width / 2;
    Label label = nodes.take(Label.class, WORDS, Label::new, "line-up-label", style);
    label.setText(text);
    if (left < 0) {
      label.setAlignment(Pos.CENTER_LEFT);
    } else if (left + width > width()) {
      label.setAlignment(Pos.CENTER_RIGHT);
    } else {
      label.setAlignment(Pos.CENTER);
    }
    label.setMouseTransparent(true);
    label.resizeRelocate(
        Math.max(0, Math.min(width() - width, left)), top, width, LABEL_HEIGHT * textScale);
  }

  void line(double x1, double y1, double x2, double y2, String... styles) {
    int over = styles[0].equals("cut") ? CUTS : LINES;
    Line line = nodes.take(Line.class, over, Line::new, styles);
    line.setStartX(x1);
    line.setStartY(y1);
    line.setEndX(x2);
    line.setEndY(y2);
  }

  Circle circle(double x, double y, double radius, String style) {
    Circle circle = nodes.take(Circle.class, DOTS, Circle::new, style);
    circle.setCenterX(x);
    circle.setCenterY(y);
    circle.setRadius(radius);
    return circle;
  }

  void balance(double x, double axis, String... styles) {
    nodes
        .take(Polygon.class, DOTS, Polygon::new, styles)
        .getPoints()
        .setAll(x, axis + 1, x - 7, axis + 13, x + 7, axis + 13);
  }

  static Optional<Exact> exact(Request request, Analysis now) {
    return !now.isCovered(request)
            && now.computation().result(request) instanceof Result.Found found
        ? Optional.of(found.value())
        : Optional.empty();
  }

  static String shown(Request request, Analysis now) {
    return now.shown(request);
  }

  static String shown(Real value, Analysis now) {
    return Results.plain(value, now);
  }

  /** Places on the screen are the one thing that is not exact. */
  static double decimal(Exact value) {
    return value.significant(17).doubleValue();
  }
}
