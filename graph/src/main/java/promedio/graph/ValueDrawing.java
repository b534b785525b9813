package promedio.graph;

import static promedio.graph.ChartSheet.at;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jfree.chart.ui.TextAnchor;
import promedio.core.graph.BoxPlot;
import promedio.core.graph.GraphKind;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;
import promedio.files.report.ShownNumbers;

/** Draws single values: boxes, dots and bars. */
final class ValueDrawing {

  /** So many boxes have their names above them. */
  private static final int MOST_WITH_NAMES_ABOVE = 12;

  /** Longer names reach beyond the graph. */
  private static final int LONGEST_NAME = 24;

  private static final double HALF_BOX = 0.28;

  /** More dots or bars cannot be told apart, on any paper. */
  private static final int MOST = 2000;

  /** Names of outliers that stand side by side stand so many rows high at most. */
  private static final int NAME_ROWS = 3;

  private static final double NAME_ROW = 0.13;

  /** The room of a letter of such a name, as a part of the width. */
  private static final double LETTER = 0.014;

  private static final double DOT = 11;

  private final Graph graph;
  private final ChartSheet sheet;
  private final ShownNumbers numbers;

  ValueDrawing(Graph graph, ChartSheet sheet) {
    this.graph = graph;
    this.sheet = sheet;
    this.numbers = new ShownNumbers(graph.rules(), graph.sign());
  }

  /**
   * Draws a sample.
   *
   * @throws BadInputException if it has no such graph; the message says why
   */
  void draw(int index, Graph.Series series) throws BadInputException {
    if (graph.kind() == GraphKind.BOX) {
      box(index, series);
    } else if (graph.kind() == GraphKind.DOT) {
      dots(index, series);
    } else {
      spikes(index, series);
    }
  }

  private void box(int index, Graph.Series series) throws BadInputException {
    BoxPlot box =
        BoxPlot.of(series.data(), graph.rules())
            .orElseThrow(() -> Texts.refusal("draw.no-box", series.name()));
    double middle = graph.series().size() - index;
    double q1 = at(box.q1());
    double q3 = at(box.q3());
    double median = at(box.median());
    double low = at(box.lowerWhisker());
    double high = at(box.upperWhisker());
    Color color = Ink.series(index);
    BasicStroke thin = new BasicStroke(1.4f);
    sheet.shape(
        new Rectangle2D.Double(q1, middle - HALF_BOX, q3 - q1, 2 * HALF_BOX),
        thin,
        color,
        Ink.fill(index));
    sheet.segment(median, middle - HALF_BOX, median, middle + HALF_BOX, new BasicStroke(3f), color);
    sheet.segment(low, middle, q1, middle, thin, color);
    sheet.segment(q3, middle, high, middle, thin, color);
    for (double end : new double[] {low, high}) {
      sheet.segment(end, middle - HALF_BOX / 2, end, middle + HALF_BOX / 2, thin, color);
    }
    sheet.reach(low, high, 0);
    outliers(index, box, middle);
    if (!isCrowded()) {
      sheet.text(
          series.name(), median, middle + HALF_BOX + 0.06, TextAnchor.BOTTOM_CENTER, Ink.INK);
    } else if (index == graph.series().size() - 1) {
      nameAtTheLeft();
    }
  }

  /** Among many boxes there is no room above each: names stand in a column before them. */
  private boolean isCrowded() {
    return graph.series().size() > MOST_WITH_NAMES_ABOVE;
  }

  private void nameAtTheLeft() {
    double span = sheet.right() - sheet.left();
    double end = sheet.left() - span * LETTER;
    int longest = 0;
    for (int i = 0; i < graph.series().size(); i++) {
      String name = graph.series().get(i).name();
      longest = Math.max(longest, name.length());
      sheet.text(name, end, graph.series().size() - i, TextAnchor.CENTER_RIGHT, Ink.INK);
    }
    double begin = end - span * LETTER * Math.min(longest, LONGEST_NAME);
    sheet.reach(begin, begin, 0);
  }

  /** Each outlier has its name, as far as names find room above each other. */
  private void outliers(int index, BoxPlot box, double middle) {
    List<Exact> outliers = box.outliers();
    sheet.points(
        index,
        outliers.stream().limit(MOST).map(each -> new double[] {at(each), middle}).toList(),
        6.4,
        false);
    if (isCrowded()) {
      return;
    }
    double span = sheet.right() - sheet.left();
    double[] end = new double[NAME_ROWS];
    Arrays.fill(end, Double.NEGATIVE_INFINITY);
    for (Exact outlier : outliers.subList(0, Math.min(MOST, outliers.size()))) {
      String name = numbers.shown(outlier);
      double half = span * LETTER * (name.length() + 1) / 2;
      for (int row = 0; row < NAME_ROWS; row++) {
        if (at(outlier) - half >= end[row]) {
          end[row] = at(outlier) + half;
          sheet.text(
              name,
              at(outlier),
              middle + HALF_BOX / 4 + NAME_ROW * row,
              TextAnchor.BOTTOM_CENTER,
              Ink.series(index));
          break;
        }
      }
    }
  }

  /** Equal values stand on top of each other; a second sample stands above the first. */
  private void dots(int index, Graph.Series series) throws BadInputException {
    Tally tally = series.data().tally();
    if (!tally.hasPositions()) {
      throw Texts.refusal("draw.no-dots", series.name());
    }
    if (tally.total().compareTo(Exact.of(MOST)) > 0) {
      throw Texts.refusal("draw.many-dots", series.name(), String.valueOf(MOST));
    }
    double base = sheet.highest() == 0 ? 0 : Math.ceil(sheet.highest()) + 1;
    List<double[]> points = new ArrayList<>();
    for (int i = 0; i < tally.size(); i++) {
      int times = tally.frequency(i).floor().intValueExact();
      for (int time = 1; time <= times; time++) {
        points.add(new double[] {at(tally.value(i)), base + time});
      }
    }
    sheet.points(index, points, DOT, index == 0);
  }

  private void spikes(int index, Graph.Series series) throws BadInputException {
    Tally tally = series.data().tally();
    if (tally.size() > MOST) {
      throw Texts.refusal("draw.many-bars", series.name(), String.valueOf(MOST));
    }
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
      sheet.reach(at(tally.value(i)) - each / 2, at(tally.value(i)) + each / 2, high);
      sheet.shape(
          new Rectangle2D.Double(middle - width / 2, 0, width, high),
          Ink.stroke(index, 1.2f),
          Ink.series(index),
          Ink.fill(index));
    }
    sheet.line(index, List.of());
  }
}
