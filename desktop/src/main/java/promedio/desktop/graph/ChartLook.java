package promedio.desktop.graph;

import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.Locale;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.axis.Axis;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.axis.NumberTickUnit;
import org.jfree.chart.plot.Plot;
import org.jfree.chart.title.TextTitle;
import org.jfree.chart.ui.RectangleInsets;
import promedio.core.number.DecimalSign;

/** What all charts have in common: paper, ink, type and how numbers are written. */
final class ChartLook {

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

  /** An axis of few counts has no numbers between them. */
  static void countInWholes(NumberAxis axis, double highest, DecimalSign sign) {
    if (highest <= 12) {
      axis.setTickUnit(new NumberTickUnit(highest <= 6 ? 1 : 2, format(sign)));
    }
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
