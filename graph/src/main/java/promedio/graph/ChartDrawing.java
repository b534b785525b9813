package promedio.graph;

import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.util.Optional;
import org.jfree.chart.ChartRenderingInfo;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.axis.ValueAxis;
import org.jfree.chart.plot.XYPlot;

/**
 * A chart of the plotting library.
 *
 * @param chart the chart
 */
record ChartDrawing(JFreeChart chart) implements Drawing {

  @Override
  public void draw(Graphics2D graphics, Rectangle2D area, ChartRenderingInfo places) {
    chart.draw(graphics, area, places);
  }

  @Override
  public Optional<ValueAxis> axis() {
    return chart.getPlot() instanceof XYPlot plot
        ? Optional.of(plot.getDomainAxis())
        : Optional.empty();
  }
}
