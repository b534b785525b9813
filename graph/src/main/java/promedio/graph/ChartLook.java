package promedio.graph;

import java.awt.BasicStroke;
import java.awt.geom.Line2D;
import java.math.BigDecimal;
import java.math.MathContext;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.List;
import java.util.Locale;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.LegendItem;
import org.jfree.chart.LegendItemCollection;
import org.jfree.chart.LegendItemSource;
import org.jfree.chart.axis.Axis;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.axis.NumberTickUnit;
import org.jfree.chart.plot.Plot;
import org.jfree.chart.title.LegendTitle;
import org.jfree.chart.title.TextTitle;
import org.jfree.chart.ui.HorizontalAlignment;
import org.jfree.chart.ui.RectangleEdge;
import org.jfree.chart.ui.RectangleInsets;
import promedio.core.number.DecimalSign;

/** What all charts have in common: paper, ink, type and how numbers are written. */
final class ChartLook {

  /** More numbers beside the heights only fill the paper with lines. */
  private static final int MOST_HEIGHTS = 8;

  private static final List<Integer> STEPS = List.of(1, 2, 5, 10);

  private ChartLook() {}

  /** {@return the plot on its paper, under a title; none where that is blank} */
  static JFreeChart chart(Plot plot, String title) {
    JFreeChart chart = new JFreeChart(null, Ink.sans(14), plot, false);
    chart.setBackgroundPaint(Ink.PAPER);
    chart.setPadding(new RectangleInsets(12, 8, 8, 18));
    if (!title.isBlank()) {
      TextTitle heading = new TextTitle(title, Ink.serif(19));
      heading.setPaint(Ink.INK);
      heading.setPadding(new RectangleInsets(0, 0, 10, 0));
      chart.setTitle(heading);
    }
    return chart;
  }

  /** {@return the names of categories, each beside a point of it} */
  static LegendTitle points(List<String> names) {
    LegendItemCollection items = new LegendItemCollection();
    for (int i = 0; i < names.size(); i++) {
      PointMark mark = PointMark.of(i);
      items.add(
          new LegendItem(
              names.get(i),
              null,
              null,
              null,
              true,
              mark.shape(),
              mark.filled(),
              mark.ink(),
              true,
              mark.ink(),
              new BasicStroke(1.4f),
              false,
              new Line2D.Double(),
              new BasicStroke(0),
              Ink.PAPER));
    }
    return legend(() -> items);
  }

  /** {@return the names of series, each beside a piece of its stroke} */
  static LegendTitle legend(List<String> names) {
    LegendItemCollection items = new LegendItemCollection();
    for (int i = 0; i < names.size(); i++) {
      LegendItem item =
          new LegendItem(
              names.get(i),
              null,
              null,
              null,
              new Line2D.Double(-11, 0, 11, 0),
              Ink.stroke(i, 2.2f),
              Ink.series(i));
      items.add(item);
    }
    return legend(() -> items);
  }

  /** {@return the legend of what it is of, above the graph} */
  static LegendTitle legend(LegendItemSource source) {
    LegendTitle legend = new LegendTitle(source);
    legend.setPosition(RectangleEdge.TOP);
    legend.setHorizontalAlignment(HorizontalAlignment.RIGHT);
    legend.setItemFont(Ink.sans(12.5f));
    legend.setItemPaint(Ink.INK);
    legend.setBackgroundPaint(Ink.PAPER);
    return legend;
  }

  /** {@return a line below the title} */
  static TextTitle note(String text) {
    TextTitle note = new TextTitle(text, Ink.sans(12));
    note.setPaint(Ink.QUIET);
    note.setPadding(new RectangleInsets(0, 0, 8, 0));
    return note;
  }

  static void dress(NumberAxis axis, String name, DecimalSign sign) {
    dress(axis, name);
    axis.setNumberFormatOverride(format(sign));
    axis.setAutoRangeIncludesZero(false);
  }

  static void dress(Axis axis, String name) {
    axis.setLabel(name.isBlank() ? null : name);
    axis.setLabelFont(Ink.sans(14));
    axis.setLabelPaint(Ink.INK);
    axis.setTickLabelFont(Ink.sans(12.5f));
    axis.setTickLabelPaint(Ink.INK);
    axis.setAxisLinePaint(Ink.INK);
    axis.setTickMarkPaint(Ink.INK);
  }

  /** Numbers the axis of heights in few round steps, all with as many decimals. */
  static void numberHeights(NumberAxis axis, boolean counts, DecimalSign sign) {
    BigDecimal least =
        BigDecimal.valueOf(axis.getUpperBound())
            .divide(BigDecimal.valueOf(MOST_HEIGHTS), new MathContext(3));
    BigDecimal ten = BigDecimal.ONE.scaleByPowerOfTen(least.precision() - least.scale() - 1);
    BigDecimal step =
        STEPS.stream()
            .map(BigDecimal::valueOf)
            .map(ten::multiply)
            .filter(each -> each.compareTo(least) >= 0)
            .findFirst()
            .orElseThrow();
    BigDecimal used = counts ? step.max(BigDecimal.ONE) : step;
    DecimalFormat format = format(sign);
    format.setMinimumFractionDigits(Math.max(0, used.stripTrailingZeros().scale()));
    axis.setNumberFormatOverride(format);
    axis.setTickUnit(new NumberTickUnit(used.doubleValue(), format));
  }

  static DecimalFormat format(DecimalSign sign) {
    DecimalFormatSymbols symbols = DecimalFormatSymbols.getInstance(Locale.ROOT);
    symbols.setDecimalSeparator(sign == DecimalSign.COMMA ? ',' : '.');
    symbols.setMinusSign('−');
    DecimalFormat format = new DecimalFormat("0.######", symbols);
    format.setGroupingUsed(false);
    return format;
  }
}
