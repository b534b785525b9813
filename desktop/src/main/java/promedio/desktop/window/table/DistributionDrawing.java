package promedio.desktop.window.table;

import java.util.List;
import javafx.scene.layout.Region;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;

/** A small drawing of how the entries of a column are spread. */
final class DistributionDrawing extends Region {

  private static final double HEIGHT = 22;

  private final Path path = new Path();
  private List<Integer> bars = List.of();

  DistributionDrawing() {
    getStyleClass().add("distribution");
    path.getStyleClass().add("distribution-ink");
    path.setManaged(false);
    getChildren().add(path);
    setMinHeight(HEIGHT);
    setPrefHeight(HEIGHT);
    setMouseTransparent(true);
  }

  void show(List<Integer> heights) {
    bars = heights;
    requestLayout();
  }

  @Override
  protected void layoutChildren() {
    path.getElements().clear();
    int most = bars.stream().max(Integer::compare).orElse(0);
    if (most == 0) {
      return;
    }
    double width = Math.min(getWidth() / bars.size(), 12);
    for (int i = 0; i < bars.size(); i++) {
      double left = Math.round(i * width);
      double right = Math.max(left + 1, Math.round((i + 1) * width) - 1.0);
      // What is there is seen, however little it is beside the most.
      double height = bars.get(i) == 0 ? 0 : Math.max(1.5, bars.get(i) * HEIGHT / most);
      path.getElements()
          .addAll(
              new MoveTo(left, HEIGHT),
              new LineTo(left, HEIGHT - height),
              new LineTo(right, HEIGHT - height),
              new LineTo(right, HEIGHT),
              new ClosePath());
    }
  }
}
