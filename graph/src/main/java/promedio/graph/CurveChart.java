package promedio.graph;

import java.awt.BasicStroke;
import java.awt.geom.Path2D;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.ui.RectangleInsets;
import org.jfree.chart.ui.TextAnchor;
import promedio.core.distribution.Tail;
import promedio.core.number.Exact;

/** Draws a curve of probability, the areas under it shaded and lettered. */
final class CurveChart {

  private static final int PIECES = 240;

  /** How dark areas are, of 255. */
  private static final int AREA = 70;

  /** Chi-squared and F of one degree have no height at 0; higher than this nothing is drawn. */
  private static final double HIGHEST = 1.2;

  private final CurveGraph graph;
  private final CurveGraph.Span span;
  private final ChartSheet sheet = new ChartSheet();

  private CurveChart(CurveGraph graph) {
    this.graph = graph;
    this.span = graph.span();
  }

  static JFreeChart of(CurveGraph graph) {
    return new CurveChart(graph).make();
  }

  private JFreeChart make() {
    List<double[]> points = new ArrayList<>();
    double top = 0;
    for (int i = 0; i <= PIECES; i++) {
      double at = span.low() + (span.high() - span.low()) * i / PIECES;
      double high = Math.min(HIGHEST, height(at));
      points.add(new double[] {at, high});
      top = Math.max(top, high);
    }
    for (int i = 0; i < graph.cuts().size(); i++) {
      shade(i, graph.cuts().get(i), top);
    }
    sheet.curve(points);
    XYPlot plot = sheet.plot();
    plot.setBackgroundPaint(Ink.PAPER);
    plot.setOutlineVisible(false);
    plot.setDomainGridlinesVisible(false);
    plot.setRangeGridlinesVisible(false);
    plot.setAxisOffset(RectangleInsets.ZERO_INSETS);
    ChartLook.dress(sheet.x(), graph.name(), graph.sign());
    sheet.x().setRange(span.low(), span.high());
    sheet.y().setRange(0, top * 1.25);
    sheet.y().setVisible(false);
    return ChartLook.chart(plot, "");
  }

  private double height(double at) {
    double inside = graph.curve().isSymmetric() ? at : Math.max(at, span.high() / 1e6);
    return graph
        .curve()
        .height(Exact.of(BigDecimal.valueOf(inside)), graph.degrees())
        .value()
        .doubleValue();
  }

  private void shade(int index, CurveGraph.Cut cut, double top) {
    double at = Math.max(span.low(), Math.min(span.high(), ChartSheet.at(cut.value())));
    double far = Math.abs(at);
    if (graph.tail() != Tail.UPPER) {
      area(index, span.low(), graph.tail() == Tail.TWO ? -far : at);
    }
    if (graph.tail() != Tail.LOWER) {
      area(index, graph.tail() == Tail.TWO ? far : at, span.high());
    }
    double high = top * (1.02 + 0.1 * index);
    sheet.segment(at, 0, at, high, Ink.stroke(index, 1.8f), Ink.series(index));
    if (graph.tail() == Tail.TWO) {
      sheet.segment(-at, 0, -at, high, Ink.stroke(index, 1.8f), Ink.series(index));
    }
    boolean right = at > (span.low() + span.high()) / 2;
    sheet.text(
        cut.letter() + ": " + cut.label(),
        at,
        high,
        right ? TextAnchor.BOTTOM_RIGHT : TextAnchor.BOTTOM_LEFT,
        Ink.series(index));
  }

  private void area(int index, double from, double to) {
    if (from >= to) {
      return;
    }
    Path2D path = new Path2D.Double();
    path.moveTo(from, 0);
    for (int i = 0; i <= PIECES; i++) {
      double at = from + (to - from) * i / PIECES;
      path.lineTo(at, Math.min(HIGHEST, height(at)));
    }
    path.lineTo(to, 0);
    path.closePath();
    sheet.shape(path, new BasicStroke(0.8f), Ink.series(index), Ink.tone(index, AREA));
  }
}
