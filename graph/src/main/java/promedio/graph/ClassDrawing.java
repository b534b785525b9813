package promedio.graph;

import static promedio.graph.ChartSheet.at;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;
import promedio.core.graph.GraphKind;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;

/** Draws classes: bars, polygons and ogives. */
final class ClassDrawing {

  private final Graph graph;
  private final ChartSheet sheet;

  ClassDrawing(Graph graph, ChartSheet sheet) {
    this.graph = graph;
    this.sheet = sheet;
  }

  void draw(int index, ClassTable table) {
    if (graph.kind() == GraphKind.HISTOGRAM) {
      bars(index, table);
    } else if (graph.kind() == GraphKind.POLYGON) {
      polygon(index, table);
    } else {
      ogive(index, table);
    }
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
      sheet.reach(from, to, high);
      sheet.shape(
          new Rectangle2D.Double(from, 0, to - from, high),
          Ink.stroke(index, 1.4f),
          Ink.series(index),
          isChosen(index, interval) ? Ink.strong(index) : Ink.fill(index));
    }
    sheet.line(index, List.of());
  }

  private boolean isChosen(int index, Interval interval) {
    return index == 0 && graph.marked().chosen().filter(interval::equals).isPresent();
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
    sheet.line(index, points);
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
    sheet.line(index, points);
  }

  private double[] point(Exact at, Exact frequency, Exact total) {
    return new double[] {at(at), at(graph.height().of(frequency, total))};
  }

  /** {@return where the hand writes numbers: at midpoints below a polygon, else at boundaries} */
  List<Exact> numbered() {
    TreeSet<Exact> places = new TreeSet<>();
    for (Graph.Series series : graph.series()) {
      for (Interval interval : series.classes().intervals(true)) {
        Stream<Optional<Exact>> marked =
            graph.kind() == GraphKind.POLYGON
                ? Stream.of(interval.midpoint())
                : Stream.of(interval.lower(), interval.upper());
        marked.flatMap(Optional::stream).forEach(places::add);
      }
    }
    return List.copyOf(places);
  }
}
