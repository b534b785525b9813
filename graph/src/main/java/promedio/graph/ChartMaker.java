package promedio.graph;

import static promedio.graph.ChartSheet.at;

import java.awt.BasicStroke;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.axis.NumberTickUnit;
import org.jfree.chart.plot.CombinedDomainXYPlot;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.ui.RectangleInsets;
import promedio.core.graph.GraphKind;
import promedio.core.graph.Height;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.files.report.ShownNumbers;

/** Makes the chart of a graph: our own look on the axes of the plotting library. */
final class ChartMaker {

  /** So many dots fit on top of each other. */
  private static final double DOTS_HIGH = 16;

  private static final double DOTS_IN_STRIP = 7;

  /** More numbers along an axis cannot be read. */
  private static final int MOST_TICKS = 100;

  /** Between strips, in points. */
  private static final double GAP = 4;

  private final Graph graph;
  private final ChartSheet sheet = new ChartSheet();
  private final ClassDrawing classes;
  private final ValueDrawing values;
  private final ChartMarks marks;
  private double dotsHigh = DOTS_HIGH;

  private ChartMaker(Graph graph) {
    this.graph = graph;
    this.classes = new ClassDrawing(graph, sheet);
    this.values = new ValueDrawing(graph, sheet);
    this.marks = new ChartMarks(graph, sheet);
  }

  /**
   * {@return the chart}
   *
   * @throws BadInputException if the data have no such graph; the message says why
   */
  static JFreeChart of(Graph graph) throws BadInputException {
    return graph.isApart() ? apart(graph) : new ChartMaker(graph).make();
  }

  /** Each series has a strip of its own; all have the same scales, so that they can be compared. */
  private static JFreeChart apart(Graph graph) throws BadInputException {
    List<ChartMaker> strips = new ArrayList<>();
    for (Graph.Series series : graph.series()) {
      ChartMaker strip = new ChartMaker(graph.only(series));
      strip.dotsHigh = DOTS_IN_STRIP;
      strip.draw();
      strips.add(strip);
    }
    double left = strips.stream().mapToDouble(strip -> strip.sheet.left()).min().orElseThrow();
    double right = strips.stream().mapToDouble(strip -> strip.sheet.right()).max().orElseThrow();
    double high = strips.stream().mapToDouble(strip -> strip.sheet.highest()).max().orElseThrow();
    for (ChartMaker strip : strips) {
      strip.sheet.reach(left, right, high);
      strip.dress();
    }
    CombinedDomainXYPlot all = new CombinedDomainXYPlot(strips.get(0).sheet.x());
    all.setGap(GAP);
    for (int i = 0; i < strips.size(); i++) {
      ChartMaker strip = strips.get(i);
      strip.sheet.name(graph.series().get(i).name());
      if (i != strips.size() / 2) {
        strip.sheet.y().setLabel(null);
      }
      all.add(strip.sheet.plot());
    }
    all.setBackgroundPaint(Ink.PAPER);
    return ChartLook.chart(all, graph.title());
  }

  private JFreeChart make() throws BadInputException {
    draw();
    dress();
    JFreeChart chart = ChartLook.chart(sheet.plot(), graph.title());
    if (graph.series().size() > 1 && graph.kind() != GraphKind.BOX) {
      chart.addSubtitle(ChartLook.legend(graph.series().stream().map(Graph.Series::name).toList()));
    }
    return chart;
  }

  private void draw() throws BadInputException {
    for (int i = 0; i < graph.series().size(); i++) {
      Graph.Series series = graph.series().get(i);
      if (graph.kind().needsClasses()) {
        classes.draw(i, series.classes());
      } else {
        values.draw(i, series);
      }
    }
    if (sheet.left() > sheet.right()) {
      throw Texts.refusal("draw.no-widths", graph.name());
    }
  }

  private void dress() {
    boolean counts = graph.kind() != GraphKind.BOX && graph.kind() != GraphKind.DOT;
    dressPlot(counts);
    dressX();
    dressY(counts);
    for (int i = 0; i < graph.series().size(); i++) {
      marks.mark(i, graph.series().get(i));
    }
    marks.write();
  }

  private void dressPlot(boolean counts) {
    XYPlot plot = sheet.plot();
    plot.setBackgroundPaint(Ink.PAPER);
    plot.setOutlineVisible(false);
    plot.setDomainGridlinesVisible(false);
    plot.setRangeGridlinesVisible(counts);
    plot.setRangeGridlinePaint(Ink.LINE);
    plot.setRangeGridlineStroke(new BasicStroke(0.8f));
    plot.setAxisOffset(RectangleInsets.ZERO_INSETS);
  }

  private void dressX() {
    PlacedAxis x = sheet.x();
    ChartLook.dress(x, graph.axis().name(), graph.sign());
    double margin =
        (sheet.right() - sheet.left()) * (graph.kind() == GraphKind.HISTOGRAM ? 0.02 : 0.04);
    double side = margin == 0 ? 1 : margin;
    x.setRange(sheet.left() - side, sheet.right() + side);
    double span = x.getUpperBound() - x.getLowerBound();
    Optional<Double> wanted =
        graph
            .axis()
            .ticks()
            .map(ChartSheet::at)
            .filter(distance -> distance > 0 && span / distance <= MOST_TICKS);
    wanted.ifPresent(
        distance -> x.setTickUnit(new NumberTickUnit(distance, ChartLook.format(graph.sign()))));
    if (wanted.isEmpty() && graph.kind().needsClasses()) {
      ShownNumbers numbers = new ShownNumbers(graph.rules(), graph.sign());
      x.setPlaces(
          classes.numbered().stream()
              .map(each -> new PlacedAxis.Place(at(each), numbers.shown(each)))
              .toList());
    }
  }

  private void dressY(boolean counts) {
    ChartLook.dress(sheet.y(), counts ? yName() : "", graph.sign());
    sheet.y().setVisible(counts);
    double top =
        switch (graph.kind()) {
          case BOX -> graph.series().size() + 0.75;
          case DOT -> Math.max(dotsHigh, sheet.highest() + 1);
          case HISTOGRAM, POLYGON, OGIVE, OGIVE_ABOVE, STEM_AND_LEAF, BAR ->
              sheet.highest() * 1.12 / (1 - marks.roomAbove());
        };
    sheet.y().setRange(graph.kind() == GraphKind.BOX ? 0.4 : 0, top == 0 ? 1 : top);
    if (counts) {
      ChartLook.numberHeights(sheet.y(), graph.height() == Height.FREQUENCY, graph.sign());
    }
  }

  private String yName() {
    String key = graph.kind().isCumulative() ? "draw.cumulative-" : "draw.height-";
    return Texts.of(key + graph.height().code());
  }
}
