package promedio.desktop.graph;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.Data;

/**
 * What is to be drawn.
 *
 * @param kind what graph
 * @param series what it is about, at least one; several stand on one scale
 * @param height what the height stands for, where the kind leaves a choice
 * @param title above the graph, empty for none
 * @param xName what the values are, with their unit
 * @param ticks the distance of the numbers along the axis of the values, where one is wanted
 * @param marks measures that are marked: mean, median, modes
 * @param chosen the class that is chosen, which stands out
 * @param rules the course rules
 * @param sign how numbers are written
 */
public record Graph(
    GraphKind kind,
    List<Series> series,
    Height height,
    String title,
    String xName,
    Optional<Exact> ticks,
    Set<Measure> marks,
    Optional<Interval> chosen,
    CourseRules rules,
    DecimalSign sign)
    implements Picture {

  public Graph {
    series = List.copyOf(series);
    marks = Set.copyOf(marks);
    if (series.isEmpty()) {
      throw new IllegalArgumentException("nothing to draw");
    }
  }

  @Override
  public String name() {
    return series.get(0).name();
  }

  /**
   * One sample of a graph.
   *
   * @param name what it is called
   * @param data its values
   * @param classes its classes, for the kinds that need them
   */
  public record Series(String name, Data data, ClassTable classes) {}

  /**
   * {@return what the height should stand for}: with classes of different widths the density, since
   * otherwise wide classes would look too full
   */
  public static Height proposed(ClassTable classes) {
    long widths =
        classes.intervals(false).stream().map(i -> i.width().orElse(null)).distinct().count();
    return widths > 1 ? Height.DENSITY : Height.FREQUENCY;
  }
}
