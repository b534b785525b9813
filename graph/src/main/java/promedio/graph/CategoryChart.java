package promedio.graph;

import java.awt.BasicStroke;
import java.awt.Paint;
import java.util.Set;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.axis.CategoryAxis;
import org.jfree.chart.axis.CategoryLabelPosition;
import org.jfree.chart.axis.CategoryLabelPositions;
import org.jfree.chart.axis.CategoryLabelWidthType;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.labels.ItemLabelAnchor;
import org.jfree.chart.labels.ItemLabelPosition;
import org.jfree.chart.labels.StandardCategoryItemLabelGenerator;
import org.jfree.chart.plot.CategoryPlot;
import org.jfree.chart.plot.PlotOrientation;
import org.jfree.chart.renderer.category.BarRenderer;
import org.jfree.chart.renderer.category.StackedBarRenderer;
import org.jfree.chart.renderer.category.StandardBarPainter;
import org.jfree.chart.text.TextBlockAnchor;
import org.jfree.chart.ui.RectangleAnchor;
import org.jfree.chart.ui.RectangleInsets;
import org.jfree.chart.ui.TextAnchor;
import org.jfree.data.category.CategoryDataset;
import org.jfree.data.category.DefaultCategoryDataset;
import promedio.core.graph.Height;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.files.report.ShownNumbers;

/** Draws categories as bars apart from each other, each with its number. */
final class CategoryChart {

  /** More bars cannot be told apart. */
  private static final int MOST = 60;

  /** More letters do not fit under the bars; the bars lie then. */
  private static final int MOST_LETTERS = 64;

  private static final int MOST_STANDING = 12;

  private final CategoryGraph graph;
  private final ShownNumbers numbers;
  private final Set<String> names;

  private CategoryChart(CategoryGraph graph) {
    this.graph = graph;
    this.numbers = new ShownNumbers(graph.rules(), graph.sign());
    this.names = graph.names();
  }

  /**
   * {@return the chart}
   *
   * @throws BadInputException if there are too many categories; the message says so
   */
  static JFreeChart of(CategoryGraph graph) throws BadInputException {
    return new CategoryChart(graph).make();
  }

  private JFreeChart make() throws BadInputException {
    if (names.size() > MOST) {
      throw Texts.refusal("draw.many-categories", names.size(), MOST);
    }
    NumberAxis y = new NumberAxis();
    Height height = isStacked() ? Height.PERCENTAGE : graph.height();
    ChartLook.dress(y, Texts.of("draw.height-" + height.code()), graph.sign());
    CategoryAxis x = new CategoryAxis();
    ChartLook.dress(x, graph.xName());
    x.setCategoryMargin(0.32);
    x.setMaximumCategoryLabelLines(3);
    x.setCategoryLabelPositions(labels(x.getCategoryLabelPositions()));
    CategoryPlot plot = new CategoryPlot(dataset(), x, y, renderer());
    plot.setOrientation(lies() ? PlotOrientation.HORIZONTAL : PlotOrientation.VERTICAL);
    x.setMaximumCategoryLabelWidthRatio(lies() ? 0.4f : 0);
    plot.setBackgroundPaint(Ink.PAPER);
    plot.setOutlineVisible(false);
    plot.setRangeGridlinePaint(Ink.LINE);
    plot.setRangeGridlineStroke(new BasicStroke(0.8f));
    plot.setAxisOffset(RectangleInsets.ZERO_INSETS);
    y.setRange(0, isStacked() ? 100 : highest() * 1.16);
    ChartLook.numberHeights(y, height == Height.FREQUENCY, graph.sign());
    JFreeChart chart = ChartLook.chart(plot, graph.title());
    if (graph.series().size() > 1) {
      chart.addSubtitle(ChartLook.legend(plot));
    }
    return chart;
  }

  /** Names may be wider than their bars, up to the gap between them. */
  private static CategoryLabelPositions labels(CategoryLabelPositions usual) {
    CategoryLabelPosition below =
        new CategoryLabelPosition(
            RectangleAnchor.TOP,
            TextBlockAnchor.TOP_CENTER,
            TextAnchor.TOP_CENTER,
            0,
            CategoryLabelWidthType.CATEGORY,
            1.4f);
    return CategoryLabelPositions.replaceBottomPosition(usual, below);
  }

  private boolean lies() {
    int letters = names.stream().mapToInt(String::length).sum();
    return letters > MOST_LETTERS || names.size() > MOST_STANDING;
  }

  private DefaultCategoryDataset dataset() {
    DefaultCategoryDataset dataset = new DefaultCategoryDataset();
    for (int i = 0; i < graph.series().size(); i++) {
      for (String name : names) {
        dataset.addValue(value(i, name).significant(15).doubleValue(), Row.of(i, graph), name);
      }
    }
    return dataset;
  }

  private boolean isStacked() {
    return graph.arrangement() == CategoryGraph.Arrangement.STACKED;
  }

  /** Of a stacked bar, the share that the series has in its category. */
  private Exact value(int series, String name) {
    if (isStacked()) {
      Exact whole =
          graph.series().stream()
              .map(each -> each.categories().frequency(name))
              .reduce(Exact.ZERO, Exact::plus);
      return whole.signum() == 0
          ? Exact.ZERO
          : graph.series().get(series).categories().frequency(name).times(100).over(whole);
    }
    var categories = graph.series().get(series).categories();
    return graph.height().of(categories.frequency(name), categories.total());
  }

  private double highest() {
    Exact highest = Exact.ZERO;
    for (int i = 0; i < graph.series().size(); i++) {
      for (String name : names) {
        Exact value = value(i, name);
        highest = value.compareTo(highest) > 0 ? value : highest;
      }
    }
    return highest.signum() == 0 ? 1 : highest.significant(15).doubleValue();
  }

  private BarRenderer renderer() {
    BarRenderer renderer = isStacked() ? new StackedBarRenderer() : new Bars();
    renderer.setBarPainter(new StandardBarPainter());
    renderer.setShadowVisible(false);
    renderer.setDrawBarOutline(true);
    renderer.setItemMargin(0.08);
    renderer.setMaximumBarWidth(0.16);
    for (int i = 0; i < graph.series().size(); i++) {
      renderer.setSeriesPaint(i, Ink.fill(i));
      renderer.setSeriesOutlinePaint(i, Ink.series(i));
      renderer.setSeriesOutlineStroke(i, Ink.stroke(i, 1.4f));
    }
    renderer.setDefaultItemLabelGenerator(new Numbers());
    renderer.setDefaultItemLabelsVisible(true);
    renderer.setDefaultItemLabelFont(Ink.sans(12.5f));
    renderer.setDefaultItemLabelPaint(Ink.INK);
    if (isStacked()) {
      renderer.setDefaultPositiveItemLabelPosition(
          new ItemLabelPosition(ItemLabelAnchor.CENTER, TextAnchor.CENTER));
    }
    return renderer;
  }

  /** The key of a series; two may have the same name. */
  private record Row(int index, String name) implements Comparable<Row> {

    static Row of(int index, CategoryGraph graph) {
      return new Row(index, graph.series().get(index).name());
    }

    @Override
    public int compareTo(Row other) {
      return Integer.compare(index, other.index);
    }

    @Override
    public String toString() {
      return name;
    }
  }

  /** The bars; that of the chosen category stands out. */
  private final class Bars extends BarRenderer {

    private static final long serialVersionUID = 1L;

    @Override
    public Paint getItemPaint(int row, int column) {
      boolean chosen =
          graph.chosen().filter(getPlot().getDataset().getColumnKey(column)::equals).isPresent();
      return chosen ? Ink.strong(row) : super.getItemPaint(row, column);
    }
  }

  /** The numbers above the bars, exact as in the table. */
  private final class Numbers extends StandardCategoryItemLabelGenerator {

    private static final long serialVersionUID = 1L;

    @Override
    public String generateLabel(CategoryDataset dataset, int row, int column) {
      String name = String.valueOf(dataset.getColumnKey(column));
      if (isStacked()) {
        Exact share = value(row, name);
        return share.signum() == 0 ? "" : Texts.of("draw.percent", numbers.result(share));
      }
      String number = numbers.shown(value(row, name));
      boolean mode = row == 0 && graph.marked().contains(name);
      return mode ? Texts.of("draw.mode", number) : number;
    }
  }
}
