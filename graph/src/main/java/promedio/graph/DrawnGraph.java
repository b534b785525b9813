package promedio.graph;

import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jfree.chart.ChartRenderingInfo;
import org.jfree.chart.axis.ValueAxis;
import org.jfree.chart.entity.CategoryItemEntity;
import org.jfree.chart.entity.XYItemEntity;
import org.jfree.chart.ui.RectangleEdge;

/** A graph as it was drawn, with what each of its points means. Points are those of its paper. */
public final class DrawnGraph {

  /** So near to a point, in points of the paper, it is meant. */
  private static final double NEAR = 12;

  private final BufferedImage image;
  private final Optional<ValueAxis> axis;
  private final ChartRenderingInfo places;

  DrawnGraph(BufferedImage image, Optional<ValueAxis> axis, ChartRenderingInfo places) {
    this.image = image;
    this.axis = axis;
    this.places = places;
  }

  /** {@return the picture} */
  public BufferedImage image() {
    return image;
  }

  /**
   * {@return the value that stands below a point of the paper}; none beside the graph, or in one
   * without an axis of values
   *
   * @param x from the left edge, in points
   */
  public OptionalDouble valueAt(double x) {
    Rectangle2D area = area();
    return axis.isEmpty() || x < area.getMinX() || x > area.getMaxX()
        ? OptionalDouble.empty()
        : OptionalDouble.of(axis.get().java2DToValue(x, area, RectangleEdge.BOTTOM));
  }

  /**
   * {@return how far from the left edge of the paper a value stands, in points}; none in a graph
   * without an axis of values
   */
  public OptionalDouble placeOf(double value) {
    return axis.isEmpty()
        ? OptionalDouble.empty()
        : OptionalDouble.of(axis.get().valueToJava2D(value, area(), RectangleEdge.BOTTOM));
  }

  /**
   * {@return the category whose bar is at a point of the paper}
   *
   * @param x from the left edge, in points
   * @param y from the upper edge, in points
   */
  public Optional<String> categoryAt(double x, double y) {
    return places.getEntityCollection().getEntity(x, y) instanceof CategoryItemEntity bar
        ? Optional.of(String.valueOf(bar.getColumnKey()))
        : Optional.empty();
  }

  /**
   * {@return the row of the pair whose point is nearest to a point of the paper}; none where none
   * is near, or where so many pairs are drawn that they have no points of their own
   *
   * @param x from the left edge, in points
   * @param y from the upper edge, in points
   */
  public OptionalInt pairAt(double x, double y) {
    OptionalInt nearest = OptionalInt.empty();
    double least = NEAR * NEAR;
    for (Object each : places.getEntityCollection().getEntities()) {
      if (each instanceof XYItemEntity point && point.getSeriesIndex() == 0) {
        Rectangle2D place = point.getArea().getBounds2D();
        double far = Math.pow(place.getCenterX() - x, 2) + Math.pow(place.getCenterY() - y, 2);
        if (far <= least) {
          least = far;
          nearest = OptionalInt.of(point.getItem());
        }
      }
    }
    return nearest;
  }

  private Rectangle2D area() {
    return places.getPlotInfo().getDataArea();
  }
}
