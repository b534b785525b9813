package promedio.graph;

import static promedio.graph.ChartSheet.at;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jfree.chart.ui.TextAnchor;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.graph.GraphKind;
import promedio.core.measure.Definition;
import promedio.core.measure.Measure;
import promedio.core.measure.ReachedClass;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.files.report.ShownNumbers;
import promedio.files.report.TaskTexts;

/** Marks measures in a graph: as lines through it, or read off an ogive. */
final class ChartMarks {

  /** The room of one label, as a part of the height. */
  private static final double LABEL = 0.068;

  /** Labels beyond these stand beside bars and lines, no longer above them. */
  private static final int MOST_ABOVE = 12;

  private final Graph graph;
  private final ChartSheet sheet;
  private final ShownNumbers numbers;
  private int labels;

  /** Labels are written at the end, so that no line goes through them. */
  private final List<Runnable> writing = new ArrayList<>();

  ChartMarks(Graph graph, ChartSheet sheet) {
    this.graph = graph;
    this.sheet = sheet;
    this.numbers = new ShownNumbers(graph.rules(), graph.sign());
  }

  /** {@return how much of the height the labels of lines take that stand under each other} */
  double roomAbove() {
    return graph.kind().isCumulative()
        ? 0
        : LABEL * Math.min(MOST_ABOVE, graph.marked().measures().size() * graph.series().size());
  }

  void mark(int index, Graph.Series series) {
    if (graph.kind().isCumulative()) {
      readOff(index, series.classes(), Computation.of(series.classes(), graph.rules()));
      return;
    }
    // Lines tell what the values come to, also through bars: the classes would come to another.
    Computation computation = Computation.of(series.data(), graph.rules());
    for (Measure measure : Measures.all()) {
      if (graph.marked().measures().contains(measure)) {
        for (Exact value : values(computation.result(measure))) {
          line(index, TaskTexts.name(measure), value);
        }
      }
    }
  }

  private static List<Exact> values(Result result) {
    return result instanceof Result.Several several
        ? several.values()
        : result.number().map(Exact.class::cast).map(List::of).orElse(List.of());
  }

  private void line(int index, String name, Exact value) {
    sheet.upright(at(value), Ink.series(index), Ink.stroke(1, 1.4f));
    boolean right = at(value) > (sheet.x().getLowerBound() + 3 * sheet.x().getUpperBound()) / 4;
    double high = sheet.y().getUpperBound() * (1 - LABEL * labels++);
    writing.add(
        () ->
            sheet.text(
                name + " " + numbers.result(value),
                at(value) + (right ? -1 : 1) * gap(),
                high,
                right ? TextAnchor.TOP_RIGHT : TextAnchor.TOP_LEFT,
                Ink.series(index)));
  }

  /** Between a line and its label. */
  private double gap() {
    return (sheet.x().getUpperBound() - sheet.x().getLowerBound()) * 0.006;
  }

  /** Writes the labels of what was marked. */
  void write() {
    writing.forEach(Runnable::run);
  }

  /** A point of an ogive that is read off. */
  private record Reading(String name, Exact share, Exact value) {}

  private void readOff(int index, ClassTable table, Computation computation) {
    List<Reading> readings = new ArrayList<>();
    for (Measure measure : graph.marked().measures()) {
      Optional<Exact> share = share(measure, computation);
      if (share.isPresent()) {
        values(computation.result(measure))
            .forEach(
                value ->
                    readings.add(
                        new Reading(Texts.of("draw.symbol." + measure.key()), share.get(), value)));
      }
    }
    for (Exact percent : graph.marked().percentiles()) {
      values(computation.result(Request.of(Measures.PERCENTILE, percent)))
          .forEach(value -> readings.add(new Reading(symbol(percent), percent.over(100), value)));
    }
    readings.sort(Comparator.comparing(Reading::share));
    // Labels stand lowest beside the shortest lines: from above those are the last.
    boolean above = graph.kind() == GraphKind.OGIVE_ABOVE;
    for (int i = 0; i < readings.size(); i++) {
      int row = above ? readings.size() - 1 - i : i;
      readOff(index, readings.get(i), table.tally().total(), row);
    }
  }

  /** The symbol of a percentile, such as P₉₀; there are no lowered points. */
  private String symbol(Exact percent) {
    String number = numbers.shown(percent);
    return percent.isWhole()
        ? "P"
            + number
                .chars()
                .mapToObj(figure -> String.valueOf((char) (figure - '0' + '₀')))
                .collect(Collectors.joining())
        : "P " + number;
  }

  /** {@return which share of the values of classes a measure cuts off, if it is such a one} */
  private static Optional<Exact> share(Measure measure, Computation computation) {
    return computation.definition(Request.of(measure)) instanceof Definition.ByInspection looking
            && looking.how() instanceof ReachedClass reached
        ? Optional.of(reached.share())
        : Optional.empty();
  }

  /** From the axis across to the line, and down to the value; labels stand under each other. */
  private void readOff(int index, Reading reading, Exact total, int row) {
    Exact position = new ReachedClass(reading.share()).position(graph.rules(), total);
    Exact held = position.compareTo(total) > 0 ? total : position;
    Exact sought = graph.kind() == GraphKind.OGIVE_ABOVE ? total.minus(held) : held;
    double high = at(graph.height().of(sought, total));
    double value = at(reading.value());
    sheet.segment(
        sheet.x().getLowerBound(), high, value, high, Ink.stroke(1, 1.2f), Ink.series(index));
    sheet.segment(value, high, value, 0, Ink.stroke(1, 1.2f), Ink.series(index));
    double top = sheet.y().getUpperBound();
    double low = Math.min(high * 0.5, top * LABEL * (row + 1));
    writing.add(
        () ->
            sheet.text(
                reading.name() + " " + numbers.result(reading.value()),
                value + gap(),
                low,
                TextAnchor.CENTER_LEFT,
                Ink.INK));
  }
}
