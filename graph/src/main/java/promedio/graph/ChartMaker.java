package promedio.graph;

import static promedio.graph.ChartSheet.at;

import java.awt.BasicStroke;
import java.util.Optional;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.axis.NumberTickUnit;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.ui.RectangleInsets;
import promedio.core.graph.GraphKind;
import promedio.core.graph.Height;
import promedio.core.message.BadInputException;
import promedio.files.report.ShownNumbers;

/** Makes the chart of a graph: our own look on the axes of the plotting library. */
final class ChartMaker {

  /** So many dots fit on top of each other. */
  private static final double DOTS_HIGH = 16;

  /** More numbers along an axis cannot be read. */
  private static final int MOST_TICKS = 100;

  private final Graph graph;
  private final ChartSheet sheet = new ChartSheet();
  private final ClassDrawing classes;
  private final ValueDrawing values;
  private final ChartMarks marks;

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
    return new ChartMaker(graph).make();
  }

  private JFreeChart make() throws BadInputException {
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
    boolean counts = graph.kind() != GraphKind.BOX && graph.kind() != GraphKind.DOT;
    dressPlot(counts);
    dressX();
    dressY(counts);
    for (int i = 0; i < graph.series().size(); i++) {
      marks.mark(i, graph.series().get(i));
    }
    marks.write();
    if (graph.series().size() > 1 && graph.kind() != GraphKind.BOX) {
      marks.nameSeries();
    }
    return ChartLook.chart(sheet.plot(), graph.title());
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
          case DOT -> Math.max(DOTS_HIGH, sheet.highest() + 1);
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
