package promedio.graph;

import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.util.Optional;
import org.jfree.chart.ChartRenderingInfo;
import org.jfree.chart.axis.ValueAxis;

/** Something that can be drawn on any paper. */
interface Drawing {

  /**
   * Draws it into the area.
   *
   * @param places takes where its parts stand, as far as they have a place
   */
  void draw(Graphics2D graphics, Rectangle2D area, ChartRenderingInfo places);

  /** {@return the axis of the values, if it has one} */
  Optional<ValueAxis> axis();
}
