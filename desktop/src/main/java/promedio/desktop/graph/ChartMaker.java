package promedio.desktop.graph;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.annotations.XYLineAnnotation;
import org.jfree.chart.annotations.XYShapeAnnotation;
import org.jfree.chart.annotations.XYTextAnnotation;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.axis.NumberTickUnit;
import org.jfree.chart.plot.ValueMarker;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.renderer.xy.XYLineAndShapeRenderer;
import org.jfree.chart.ui.RectangleInsets;
import org.jfree.chart.ui.TextAnchor;
import org.jfree.data.xy.XYSeries;
import org.jfree.data.xy.XYSeriesCollection;
import promedio.core.graph.BoxPlot;
import promedio.core.measure.ClassPositions;
import promedio.core.measure.Measure;
import promedio.core.measure.Measures;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.Tally;
import promedio.desktop.Texts;
import promedio.files.report.ShownNumbers;

/** Makes the chart of a graph: our own look on the axes of the plotting library. */
final class ChartMaker {

  private static final double HALF_BOX = 0.28;

  /** So many dots fit on top of each other. */
  private static final double DOTS_HIGH = 26;

  /** More numbers along an axis cannot be read. */
  private static final int MOST_TICKS = 100;

  /** The room of one label above the bars, as a part of the height. */
  private static final double LABEL = 0.05;

  private final Graph graph;
  private final ShownNumbers numbers;
  private final XYSeriesCollection lines = new XYSeriesCollection();
  private final XYLineAndShapeRenderer renderer = new XYLineAndShapeRenderer(true, false);
  private final NumberAxis x = new NumberAxis();
  private final NumberAxis y = new NumberAxis();
  private final XYPlot plot = new XYPlot(lines, x, y, renderer);
  private int labels;
  private double highest;
  private double left = Double.POSITIVE_INFINITY;
  private double right = Double.NEGATIVE_INFINITY;

  private ChartMaker(Graph graph) {
    this.graph = graph;
    this.numbers = new ShownNumbers(graph.rules(), graph.sign());
  }

  static JFreeChart of(Graph graph) {
    return new ChartMaker(graph).make();
  }

  private JFreeChart make() {
    for (int i = 0; i < graph.series().size(); i++) {
      add(i, graph.series().get(i));
    }
    dress();
    for (int i = 0; i < graph.series().size(); i++) {
      mark(i, graph.series().get(i));
    }
    if (graph.series().size() > 1 && graph.kind() != GraphKind.BOX) {
      nameSeries();
    }
    return ChartLook.chart(plot, graph.title());
  }

  private void add(int index, Graph.Series series) {
    switch (graph.kind()) {
      case HISTOGRAM -> bars(index, series.classes());
      case POLYGON -> polygon(index, series.classes());
      case OGIVE, OGIVE_ABOVE -> ogive(index, series.classes());
      case BOX -> box(index, series);
      case DOT -> dots(index, series.data().tally());
      case BAR -> spikes(index, series.data().tally());
      case STEM_AND_LEAF -> throw new IllegalArgumentException("stems are written, not plotted");
    }
  }

  private static double at(Exact value) {
    return value.significant(15).doubleValue();
  }

  private void reach(double from, double to, double high) {
    left = Math.min(left, from);
    right = Math.max(right, to);
    highest = Math.max(highest, high);
  }

  /** Bars without gaps; their outlines tell samples apart that stand over each other. */
  private void bars(int index, ClassTable table) {
    Exact total = table.tally().total();
    for (Interval interval : table.intervals(true)) {
      if (interval.width().isEmpty()) {
        continue;
      }
      double from = at(interval.lower().orElseThrow());
      double to = at(interval.upper().orElseThrow());
      double high = at(graph.height().of(interval, total));
      reach(from, to, high);
      shape(
          new Rectangle2D.Double(from, 0, to - from, high),
          Ink.stroke(index, 1.4f),
          Ink.series(index),
          isChosen(index, interval) ? Ink.strong(index) : Ink.fill(index));
    }
    line(index, List.of());
  }

  private boolean isChosen(int index, Interval interval) {
    return index == 0 && graph.chosen().filter(interval::equals).isPresent();
  }

  private void shape(Shape shape, BasicStroke stroke, Color color, Color fill) {
    plot.addAnnotation(new XYShapeAnnotation(shape, stroke, color, fill));
  }

  private void polygon(int index, ClassTable table) {
    List<Interval> intervals = table.intervals(true);
    Exact total = table.tally().total();
    List<double[]> points = new ArrayList<>();
    for (Interval interval : intervals) {
      interval
          .midpoint()
          .ifPresent(
              m -> {
                if (points.isEmpty()) {
                  points.add(new double[] {at(m.minus(interval.width().orElseThrow())), 0});
                }
                points.add(new double[] {at(m), at(graph.height().of(interval, total))});
              });
    }
    Interval last = intervals.get(intervals.size() - 1);
    last.midpoint()
        .ifPresent(m -> points.add(new double[] {at(m.plus(last.width().orElseThrow())), 0}));
    line(index, points);
  }

  private void ogive(int index, ClassTable table) {
    boolean above = graph.kind() == GraphKind.OGIVE_ABOVE;
    Exact total = table.tally().total();
    Exact so = Exact.ZERO;
    List<double[]> points = new ArrayList<>();
    for (Interval interval : table.intervals(true)) {
      Exact before = so;
      so = so.plus(interval.frequency());
      Exact low = above ? total.minus(before) : before;
      Exact high = above ? total.minus(so) : so;
      interval
          .lower()
          .filter(l -> points.isEmpty())
          .ifPresent(l -> points.add(point(l, low, total)));
      interval.upper().ifPresent(u -> points.add(point(u, high, total)));
    }
    line(index, points);
  }

  private double[] point(Exact at, Exact frequency, Exact total) {
    return new double[] {at(at), at(graph.height().of(frequency, total))};
  }

  private void line(int index, List<double[]> points) {
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

  private void box(int index, Graph.Series series) {
    Optional<BoxPlot> found = BoxPlot.of(series.data(), graph.rules());
    if (found.isEmpty()) {
      throw new IllegalArgumentException(Texts.of("draw.no-box", series.name()));
    }
    BoxPlot box = found.get();
    double middle = graph.series().size() - index;
    double q1 = at(box.q1());
    double q3 = at(box.q3());
    double median = at(box.median());
    double low = at(box.lowerWhisker());
    double high = at(box.upperWhisker());
    Color color = Ink.series(index);
    BasicStroke thin = new BasicStroke(1.4f);
    shape(
        new Rectangle2D.Double(q1, middle - HALF_BOX, q3 - q1, 2 * HALF_BOX),
        thin,
        color,
        Ink.fill(index));
    segment(median, middle - HALF_BOX, median, middle + HALF_BOX, new BasicStroke(3f), color);
    segment(low, middle, q1, middle, thin, color);
    segment(q3, middle, high, middle, thin, color);
    for (double end : new double[] {low, high}) {
      segment(end, middle - HALF_BOX / 2, end, middle + HALF_BOX / 2, thin, color);
    }
    reach(low, high, 0);
    List<double[]> outliers = new ArrayList<>();
    for (Exact outlier : box.outliers()) {
      double value = at(outlier);
      outliers.add(new double[] {value, middle});
      text(numbers.shown(outlier), value, middle + HALF_BOX / 2, TextAnchor.BOTTOM_CENTER, color);
    }
    line(index, outliers);
    renderer.setSeriesLinesVisible(index, false);
    renderer.setSeriesShapesFilled(index, false);
    renderer.setSeriesStroke(index, thin);
    text(series.name(), median, middle + HALF_BOX + 0.06, TextAnchor.BOTTOM_CENTER, Ink.INK);
  }

  private void segment(
      double x1, double y1, double x2, double y2, BasicStroke stroke, Color color) {
    plot.addAnnotation(new XYLineAnnotation(x1, y1, x2, y2, stroke, color));
  }

  private void text(String text, double atX, double atY, TextAnchor anchor, Color color) {
    XYTextAnnotation annotation = new XYTextAnnotation(text, atX, atY);
    annotation.setFont(Ink.sans(12.5f));
    annotation.setPaint(color);
    annotation.setTextAnchor(anchor);
    annotation.setBackgroundPaint(Ink.PAPER);
    plot.addAnnotation(annotation);
  }

  /** Equal values stand on top of each other; a second sample stands above the first. */
  private void dots(int index, Tally tally) {
    double base = highest == 0 ? 0 : Math.ceil(highest) + 1;
    List<double[]> points = new ArrayList<>();
    for (int i = 0; i < tally.size(); i++) {
      int times = tally.frequency(i).floor().intValueExact();
      for (int time = 1; time <= times; time++) {
        points.add(new double[] {at(tally.value(i)), base + time});
      }
    }
    line(index, points);
    renderer.setSeriesLinesVisible(index, false);
    renderer.setSeriesShape(index, new Ellipse2D.Double(-5, -5, 10, 10));
    renderer.setSeriesShapesFilled(index, index == 0);
  }

  private void spikes(int index, Tally tally) {
    double narrowest = Double.POSITIVE_INFINITY;
    for (int i = 1; i < tally.size(); i++) {
      narrowest = Math.min(narrowest, at(tally.value(i)) - at(tally.value(i - 1)));
    }
    double each = Double.isInfinite(narrowest) ? 1 : narrowest;
    int samples = graph.series().size();
    double width = 0.62 * each / samples;
    for (int i = 0; i < tally.size(); i++) {
      double middle = at(tally.value(i)) + (index - (samples - 1) / 2.0) * width;
      double high = at(graph.height().of(tally.frequency(i), tally.total()));
      reach(at(tally.value(i)) - each / 2, at(tally.value(i)) + each / 2, high);
      shape(
          new Rectangle2D.Double(middle - width / 2, 0, width, high),
          Ink.stroke(index, 1.2f),
          Ink.series(index),
          Ink.fill(index));
    }
    line(index, List.of());
  }

  private void dress() {
    plot.setBackgroundPaint(Ink.PAPER);
    plot.setOutlineVisible(false);
    plot.setDomainGridlinesVisible(false);
    boolean counts = graph.kind() != GraphKind.BOX && graph.kind() != GraphKind.DOT;
    plot.setRangeGridlinesVisible(counts);
    plot.setRangeGridlinePaint(Ink.LINE);
    plot.setRangeGridlineStroke(new BasicStroke(0.8f));
    plot.setAxisOffset(RectangleInsets.ZERO_INSETS);
    ChartLook.dress(x, graph.xName(), graph.sign());
    ChartLook.dress(y, counts ? yName() : "", graph.sign());
    y.setVisible(counts);
    double margin = (right - left) * (graph.kind() == GraphKind.HISTOGRAM ? 0.02 : 0.04);
    double side = margin == 0 ? 1 : margin;
    x.setRange(left - side, right + side);
    double span = right - left + 2 * side;
    graph
        .ticks()
        .map(ChartMaker::at)
        .filter(distance -> distance > 0 && span / distance <= MOST_TICKS)
        .ifPresent(
            distance ->
                x.setTickUnit(new NumberTickUnit(distance, ChartLook.format(graph.sign()))));
    double top =
        graph.kind() == GraphKind.BOX
            ? graph.series().size() + 0.75
            : highest * 1.12 / (1 - LABEL * labelsAbove());
    y.setRange(graph.kind() == GraphKind.BOX ? 0.4 : 0, top == 0 ? 1 : top);
    if (graph.kind() == GraphKind.DOT) {
      y.setRange(0, Math.max(DOTS_HIGH, highest + 1));
    }
    if (counts && graph.height() == Height.FREQUENCY) {
      ChartLook.countInWholes(y, highest, graph.sign());
    }
  }

  /** Labels of lines through the graph stand under each other, above what is drawn. */
  private int labelsAbove() {
    boolean lined = graph.kind() == GraphKind.HISTOGRAM || graph.kind() == GraphKind.POLYGON;
    return lined ? Math.min(12, graph.marks().size() * graph.series().size()) : 0;
  }

  private String yName() {
    String key =
        graph.kind() == GraphKind.OGIVE || graph.kind() == GraphKind.OGIVE_ABOVE
            ? "draw.cumulative-"
            : "draw.height-";
    return Texts.of(key + graph.height().code());
  }

  /** Mean, median and modes as lines through the graph; on an ogive the quartiles, read off. */
  private void mark(int index, Graph.Series series) {
    boolean ofClasses = graph.kind().needsClasses();
    Measures measures = Measures.of(ofClasses ? series.classes() : series.data(), graph.rules());
    for (Measure measure : Measure.values()) {
      if (!graph.marks().contains(measure)) {
        continue;
      }
      Result result = measures.get(measure);
      List<Exact> values =
          result instanceof Result.Several several
              ? several.values()
              : result.number().map(Exact.class::cast).map(List::of).orElse(List.of());
      for (Exact value : values) {
        if (graph.kind() == GraphKind.OGIVE) {
          readOff(index, measure, value, series.classes());
        } else {
          line(index, measure, value, labels++);
        }
      }
    }
  }

  private void line(int index, Measure measure, Exact value, int row) {
    ValueMarker marker = new ValueMarker(at(value), Ink.series(index), Ink.stroke(1, 1.4f));
    plot.addDomainMarker(marker);
    text(
        Texts.of("measure." + measure.key()) + " " + numbers.result(value),
        at(value),
        y.getUpperBound() * (1 - LABEL * row),
        TextAnchor.TOP_LEFT,
        Ink.series(index));
  }

  /** From the axis across to the line, and down to the value. */
  private void readOff(int index, Measure measure, Exact value, ClassTable table) {
    Exact total = table.tally().total();
    Exact share =
        switch (measure) {
          case Q1 -> Exact.of(1, 4);
          case MEDIAN -> Exact.of(1, 2);
          case Q3 -> Exact.of(3, 4);
          default -> Exact.ZERO;
        };
    if (share.signum() == 0) {
      return;
    }
    Exact sought = ClassPositions.position(graph.rules(), total, share);
    double high = at(graph.height().of(sought, total));
    segment(x.getLowerBound(), high, at(value), high, Ink.stroke(1, 1.2f), Ink.series(index));
    segment(at(value), high, at(value), 0, Ink.stroke(1, 1.2f), Ink.series(index));
    text(
        Texts.of("draw.symbol." + measure.key()) + " " + numbers.result(value),
        at(value) + (x.getUpperBound() - x.getLowerBound()) * 0.008,
        high * 0.5,
        TextAnchor.CENTER_LEFT,
        Ink.INK);
  }

  /** A name beside a short piece of its stroke, in the upper right corner. */
  private void nameSeries() {
    double width = x.getUpperBound() - x.getLowerBound();
    double height = y.getUpperBound() - y.getLowerBound();
    for (int i = 0; i < graph.series().size(); i++) {
      double at = y.getUpperBound() - height * (0.03 + 0.055 * i);
      double end = x.getUpperBound() - width * 0.01;
      text(graph.series().get(i).name(), end - width * 0.07, at, TextAnchor.CENTER_RIGHT, Ink.INK);
      segment(end - width * 0.06, at, end, at, Ink.stroke(i, 2.2f), Ink.series(i));
    }
  }
}
