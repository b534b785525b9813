package promedio.graph;

import java.awt.Paint;
import java.awt.Shape;
import java.io.Serial;
import java.util.List;
import org.jfree.chart.renderer.xy.XYLineAndShapeRenderer;

/** Draws lines and points, and those of the first series each by a mark of its own where asked. */
final class PointRenderer extends XYLineAndShapeRenderer {

  @Serial private static final long serialVersionUID = 1;

  private transient List<PointMark> marks = List.of();

  PointRenderer() {
    super(true, false);
  }

  /** Draws the points of the first series by these marks, one each. */
  void tellApart(List<PointMark> ofPoints) {
    marks = List.copyOf(ofPoints);
  }

  private boolean isMarked(int series, int item) {
    return series == 0 && item < marks.size();
  }

  @Override
  public Shape getItemShape(int series, int item) {
    return isMarked(series, item) ? marks.get(item).shape() : super.getItemShape(series, item);
  }

  @Override
  public boolean getItemShapeFilled(int series, int item) {
    return isMarked(series, item)
        ? marks.get(item).filled()
        : super.getItemShapeFilled(series, item);
  }

  @Override
  public Paint getItemPaint(int series, int item) {
    return isMarked(series, item) ? marks.get(item).ink() : super.getItemPaint(series, item);
  }
}
