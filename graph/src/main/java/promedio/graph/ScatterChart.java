package promedio.graph;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.ui.RectangleInsets;
import org.jfree.chart.ui.TextAnchor;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.Pairs;
import promedio.core.sample.Values;
import promedio.graph.ScatterGraph.Extra;

/** Makes the chart of a scatter graph; of very many points the density in small squares. */
final class ScatterChart {

  /** More points lie over one another, and take long. */
  static final int MOST_POINTS = 5000;

  private static final int MOST_SQUARES_ACROSS = 72;
  private static final int MOST_SQUARES_DOWN = 45;

  /** A square holds at most so many of the numbers that can occur. */
  private static final double NARROWEST = 1e6;

  private static final int PALEST = 30;
  private static final int OPAQUE = 255;
  private static final Color NO_INK = new Color(0, 0, 0, 0);
  private static final double DIAMETER = 8;
  private static final double CHOSEN_DIAMETER = 15;
  private static final double MARGIN = 0.06;

  private final ScatterGraph graph;
  private final ChartSheet sheet = new ChartSheet();
  private final double[] x;
  private final double[] y;

  private ScatterChart(ScatterGraph graph) {
    this.graph = graph;
    Pairs pairs = graph.pairs();
    this.x = new double[pairs.size()];
    this.y = new double[pairs.size()];
    for (int row = 0; row < x.length; row++) {
      x[row] = ChartSheet.at(pairs.x().get(row));
      y[row] = ChartSheet.at(pairs.y().get(row));
    }
  }

  /**
   * {@return the chart}
   *
   * @throws BadInputException if there are no pairs to draw
   */
  static JFreeChart of(ScatterGraph graph) throws BadInputException {
    if (graph.pairs().size() == 0) {
      throw Texts.refusal("draw.no-pairs");
    }
    return new ScatterChart(graph).make();
  }

  private JFreeChart make() {
    Span across = Span.of(x);
    Span down = Span.of(y);
    XYPlot plot = sheet.plot();
    plot.setBackgroundPaint(Ink.PAPER);
    plot.setOutlineVisible(false);
    plot.setDomainGridlinePaint(Ink.LINE);
    plot.setRangeGridlinePaint(Ink.LINE);
    plot.setAxisOffset(RectangleInsets.ZERO_INSETS);
    dress(sheet.x(), graph.xName(), across);
    dress(sheet.y(), graph.yName(), down);
    if (x.length > MOST_POINTS) {
      drawDensity();
    } else {
      drawPoints();
    }
    drawCross(across, down);
    drawLines(across, down);
    drawChosen();
    JFreeChart chart = ChartLook.chart(plot, graph.title());
    if (x.length <= MOST_POINTS) {
      graph.categories().ifPresent(each -> chart.addSubtitle(ChartLook.points(each.names())));
    } else {
      chart.addSubtitle(ChartLook.note(Texts.of("draw.darker", x.length)));
    }
    return chart;
  }

  private void dress(NumberAxis axis, String name, Span span) {
    ChartLook.dress(axis, name, graph.sign());
    axis.setRange(span.low(), span.high());
  }

  private void drawPoints() {
    List<double[]> points = new ArrayList<>();
    for (int row = 0; row < x.length; row++) {
      points.add(new double[] {x[row], y[row]});
    }
    sheet.points(0, points, DIAMETER, true);
    graph.categories().ifPresent(each -> sheet.tellApart(each.codes()));
  }

  /** The darker a square, the more points lie in it. */
  private void drawDensity() {
    Squares across = Squares.of(graph.pairs().x(), x, MOST_SQUARES_ACROSS);
    Squares down = Squares.of(graph.pairs().y(), y, MOST_SQUARES_DOWN);
    int[][] counts = new int[across.count()][down.count()];
    int most = 1;
    for (int row = 0; row < x.length; row++) {
      int points = ++counts[across.of(x[row])][down.of(y[row])];
      most = Math.max(most, points);
    }
    for (int i = 0; i < across.count(); i++) {
      for (int j = 0; j < down.count(); j++) {
        if (counts[i][j] > 0) {
          sheet.shape(
              new Rectangle2D.Double(across.at(i), down.at(j), across.width(), down.width()),
              new BasicStroke(0),
              NO_INK,
              tone(counts[i][j] / (double) most));
        }
      }
    }
    // The axes need something to stand for.
    sheet.line(0, List.of());
  }

  /** By the root, so that squares of few points are seen at all. */
  private static Color tone(double share) {
    Color ink = Ink.series(0);
    int alpha = PALEST + (int) Math.round((OPAQUE - PALEST) * Math.sqrt(share));
    return new Color(ink.getRed(), ink.getGreen(), ink.getBlue(), alpha);
  }

  private void drawCross(Span across, Span down) {
    double meanX = ChartSheet.at(graph.pairs().sums().meanX());
    double meanY = ChartSheet.at(graph.pairs().sums().meanY());
    BasicStroke thin =
        new BasicStroke(
            1.2f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10, new float[] {5, 4}, 0);
    sheet.segment(meanX, down.low(), meanX, down.high(), thin, Ink.QUIET);
    sheet.segment(across.low(), meanY, across.high(), meanY, thin, Ink.QUIET);
  }

  private void drawLines(Span across, Span down) {
    Computation computation = Computation.of(graph.pairs(), graph.rules());
    Optional<Line> ofY = Line.of(computation, "slope", "intercept");
    Optional<Line> ofX = Line.of(computation, "slope_of_x", "intercept_of_x");
    if (graph.shown().contains(Extra.RESIDUALS) && x.length <= MOST_POINTS) {
      ofY.ifPresent(this::drawResiduals);
    }
    if (graph.shown().contains(Extra.LINE)) {
      ofY.ifPresent(
          line ->
              sheet.segment(
                  across.low(),
                  line.at(across.low()),
                  across.high(),
                  line.at(across.high()),
                  new BasicStroke(2),
                  Ink.series(1)));
    }
    if (graph.shown().contains(Extra.LINE_OF_X)) {
      ofX.ifPresent(
          line ->
              sheet.segment(
                  line.at(down.low()),
                  down.low(),
                  line.at(down.high()),
                  down.high(),
                  Ink.stroke(1, 2),
                  Ink.series(2)));
    }
  }

  private void drawResiduals(Line line) {
    for (int row = 0; row < x.length; row++) {
      sheet.segment(x[row], y[row], x[row], line.at(x[row]), new BasicStroke(1), Ink.series(1));
    }
  }

  /** The rectangle between a point and the cross is what the point gives to Σ(x − x̄)(y − ȳ). */
  private void drawChosen() {
    if (graph.chosen().isEmpty() || graph.chosen().getAsInt() >= x.length) {
      return;
    }
    int row = graph.chosen().getAsInt();
    double meanX = ChartSheet.at(graph.pairs().sums().meanX());
    double meanY = ChartSheet.at(graph.pairs().sums().meanY());
    double wide = x[row] - meanX;
    double high = y[row] - meanY;
    boolean positive = wide * high >= 0;
    int ink = positive ? 3 : 1;
    sheet.shape(
        new Rectangle2D.Double(
            Math.min(meanX, x[row]), Math.min(meanY, y[row]), Math.abs(wide), Math.abs(high)),
        Ink.stroke(positive ? 0 : 1, 1.4f),
        Ink.series(ink),
        Ink.fill(ink));
    sheet.text(
        Texts.of(positive ? "draw.rectangle-positive" : "draw.rectangle-negative"),
        meanX + wide / 2,
        meanY + high / 2,
        TextAnchor.CENTER,
        Ink.series(ink));
    sheet.points(1, List.of(new double[] {x[row], y[row]}), CHOSEN_DIAMETER, false);
  }

  /** A line a + b·t. */
  private record Line(double slope, double intercept) {

    static Optional<Line> of(Computation computation, String slope, String intercept) {
      return value(computation, slope)
          .flatMap(
              b ->
                  value(computation, intercept)
                      .map(a -> new Line(ChartSheet.at(b), ChartSheet.at(a))));
    }

    double at(double t) {
      return intercept + slope * t;
    }
  }

  private static Optional<Exact> value(Computation computation, String key) {
    return computation
        .result(Measures.ofKey(key).orElseThrow())
        .number()
        .filter(Exact.class::isInstance)
        .map(Exact.class::cast);
  }

  /** From where to where an axis goes. */
  private record Span(double low, double high) {

    static Span of(double[] values) {
      double low = Double.POSITIVE_INFINITY;
      double high = Double.NEGATIVE_INFINITY;
      for (double value : values) {
        low = Math.min(low, value);
        high = Math.max(high, value);
      }
      // Beside one large number a margin of 1 may be nothing at all.
      double margin = high > low ? (high - low) * MARGIN : Math.max(1, Math.abs(high) / 1000);
      return new Span(low - margin, high + margin);
    }
  }

  /** Squares of one width from a start, on one axis. */
  private record Squares(double start, double width, int count) {

    /**
     * As many as allowed, each of which holds equally many of the numbers that can occur: else
     * whole numbers would make stripes that are not in the data.
     */
    static Squares of(Values values, double[] numbers, int most) {
      double low = Arrays.stream(numbers).min().orElseThrow();
      double high = Arrays.stream(numbers).max().orElseThrow();
      // A unit that no square shows is none; the denominator may be beyond all binary numbers.
      double unit =
          Math.max(1 / values.denominator().doubleValue(), (high - low) / most / NARROWEST);
      double width = Math.max(1, Math.ceil((high - low) / unit / most)) * unit;
      double start = low - unit / 2;
      return new Squares(start, width, 1 + (int) ((high - start) / width));
    }

    int of(double value) {
      return (int) ((value - start) / width);
    }

    double at(int square) {
      return start + square * width;
    }
  }
}
