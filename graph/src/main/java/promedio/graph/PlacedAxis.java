package promedio.graph;

import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.axis.NumberTick;
import org.jfree.chart.axis.TickType;
import org.jfree.chart.ui.RectangleEdge;
import org.jfree.chart.ui.TextAnchor;

/**
 * An axis whose numbers stand where they are wanted, such as at the boundaries of classes; where
 * they would stand too close they stand evenly instead.
 */
final class PlacedAxis extends NumberAxis {

  private static final long serialVersionUID = 1L;

  /** So much room is left between two numbers. */
  private static final double GAP = 6;

  private transient List<Place> places = List.of();

  /** A number and where it stands. */
  record Place(double value, String label) {}

  /** Wants the numbers at these places, in ascending order. */
  void setPlaces(List<Place> wanted) {
    places = List.copyOf(wanted);
  }

  @Override
  protected List<NumberTick> refreshTicksHorizontal(
      Graphics2D graphics, Rectangle2D area, RectangleEdge edge) {
    List<NumberTick> ticks = new ArrayList<>();
    FontMetrics metrics = graphics.getFontMetrics(getTickLabelFont());
    double end = Double.NEGATIVE_INFINITY;
    for (Place place : places) {
      double middle = valueToJava2D(place.value(), area, edge);
      double half = metrics.stringWidth(place.label()) / 2.0;
      if (middle - half < end + GAP) {
        return evenly(graphics, area, edge);
      }
      end = middle + half;
      ticks.add(
          new NumberTick(
              TickType.MAJOR,
              place.value(),
              place.label(),
              TextAnchor.TOP_CENTER,
              TextAnchor.CENTER,
              0));
    }
    return ticks.isEmpty() ? evenly(graphics, area, edge) : ticks;
  }

  private List<NumberTick> evenly(Graphics2D graphics, Rectangle2D area, RectangleEdge edge) {
    List<NumberTick> ticks = new ArrayList<>();
    for (Object tick : super.refreshTicksHorizontal(graphics, area, edge)) {
      ticks.add((NumberTick) tick);
    }
    return ticks;
  }
}
