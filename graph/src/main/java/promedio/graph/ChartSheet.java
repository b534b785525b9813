package promedio.graph;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.util.List;
import org.jfree.chart.annotations.XYLineAnnotation;
import org.jfree.chart.annotations.XYShapeAnnotation;
import org.jfree.chart.annotations.XYTextAnnotation;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.plot.ValueMarker;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.ui.TextAnchor;
import org.jfree.data.xy.XYSeries;
import org.jfree.data.xy.XYSeriesCollection;
import promedio.core.number.Exact;

/** The plot with its axes, on which shapes, lines and words are put by the values of the axes. */
final class ChartSheet {

  private final XYSeriesCollection lines = new XYSeriesCollection();
  private final PointRenderer renderer = new PointRenderer();
  private final PlacedAxis x = new PlacedAxis();
  private final NumberAxis y = new NumberAxis();
  private final XYPlot plot = new XYPlot(lines, x, y, renderer);
  private double left = Double.POSITIVE_INFINITY;
  private double right = Double.NEGATIVE_INFINITY;
  private double highest;

  XYPlot plot() {
    return plot;
  }

  PlacedAxis x() {
    return x;
  }

  NumberAxis y() {
    return y;
  }

  /** {@return the smallest value that is drawn} */
  double left() {
    return left;
  }

  /** {@return the largest value that is drawn} */
  double right() {
    return right;
  }

  /** {@return the greatest height that is drawn} */
  double highest() {
    return highest;
  }

  /** {@return the place of a number on an axis, as near as drawing needs it} */
  static double at(Exact value) {
    return value.significant(15).doubleValue();
  }

  /** Says that something is drawn from and to these values, so high. */
  void reach(double from, double to, double high) {
    left = Math.min(left, from);
    right = Math.max(right, to);
    highest = Math.max(highest, high);
  }

  void shape(Shape shape, BasicStroke stroke, Color color, Color fill) {
    plot.addAnnotation(new XYShapeAnnotation(shape, stroke, color, fill));
  }

  void segment(double x1, double y1, double x2, double y2, BasicStroke stroke, Color color) {
    plot.addAnnotation(new XYLineAnnotation(x1, y1, x2, y2, stroke, color));
  }

  void text(String text, double atX, double atY, TextAnchor anchor, Color color) {
    if (text.isBlank()) {
      // A background without words has no shape, which not every format can write.
      return;
    }
    XYTextAnnotation annotation = new XYTextAnnotation(text, atX, atY);
    annotation.setFont(Ink.sans(12.5f));
    annotation.setPaint(color);
    annotation.setTextAnchor(anchor);
    annotation.setBackgroundPaint(Ink.PAPER);
    plot.addAnnotation(annotation);
  }

  /** What it is called, in its upper left corner. */
  void name(String name) {
    double width = x.getUpperBound() - x.getLowerBound();
    double height = y.getUpperBound() - y.getLowerBound();
    text(
        name,
        x.getLowerBound() + width * 0.01,
        y.getUpperBound() - height * 0.04,
        TextAnchor.TOP_LEFT,
        Ink.INK);
  }

  /** A line through the whole height at a value. */
  void upright(double at, Color color, BasicStroke stroke) {
    plot.addDomainMarker(new ValueMarker(at, color, stroke));
  }

  /** The points of a sample, joined by its line. */
  void line(int index, List<double[]> points) {
    XYSeries series = new XYSeries(index, false, true);
    for (double[] point : points) {
      series.add(point[0], point[1]);
      reach(point[0], point[0], point[1]);
    }
    lines.addSeries(series);
    renderer.setSeriesPaint(index, Ink.series(index));
    renderer.setSeriesStroke(index, Ink.stroke(index, 2.2f));
    renderer.setSeriesShape(index, new Ellipse2D.Double(-3.2, -3.2, 6.4, 6.4));
    renderer.setSeriesShapesVisible(index, !points.isEmpty());
  }

  /** A curve through points. */
  void curve(List<double[]> points) {
    line(0, points);
    renderer.setSeriesShapesVisible(0, false);
    renderer.setSeriesPaint(0, Ink.INK);
    renderer.setSeriesStroke(0, new BasicStroke(1.8f));
  }

  /** The points that were put first are told apart by the category of each. */
  void tellApart(List<Integer> categories) {
    renderer.tellApart(categories.stream().map(PointMark::of).toList());
  }

  /** The points of a sample, each for itself. */
  void points(int index, List<double[]> points, double diameter, boolean filled) {
    line(index, points);
    renderer.setSeriesLinesVisible(index, false);
    renderer.setSeriesShape(
        index, new Ellipse2D.Double(-diameter / 2, -diameter / 2, diameter, diameter));
    renderer.setSeriesShapesFilled(index, filled);
    renderer.setSeriesStroke(index, new BasicStroke(1.4f));
  }
}
