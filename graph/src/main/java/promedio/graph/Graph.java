package promedio.graph;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.graph.GraphKind;
import promedio.core.graph.Height;
import promedio.core.measure.Measure;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.Data;
import promedio.core.sample.Tally;

/**
 * What is to be drawn.
 *
 * @param kind what graph
 * @param series what it is about, at least one; several stand on one scale
 * @param height what the height stands for, where the kind leaves a choice
 * @param title above the graph, empty for none
 * @param axis that of the values
 * @param marked what stands out
 * @param rules the course rules
 * @param sign how numbers are written
 */
public record Graph(
    GraphKind kind,
    List<Series> series,
    Height height,
    String title,
    Axis axis,
    Marked marked,
    CourseRules rules,
    DecimalSign sign)
    implements Picture {

  /** So many points of the paper a box with its name needs, or a strip, and what is around them. */
  private static final int BOX_HEIGHT = 46;

  private static final int STRIP_HEIGHT = 96;
  private static final int AROUND = 70;

  public Graph {
    series = List.copyOf(series);
    if (series.isEmpty()) {
      throw new IllegalArgumentException("nothing to draw");
    }
  }

  @Override
  public String name() {
    return series.get(0).name();
  }

  /** {@return whether each series has a strip of its own, below the others on the same scale} */
  boolean isApart() {
    return series.size() > mostOnOneAnother();
  }

  private int mostOnOneAnother() {
    return switch (kind) {
      case DOT -> 1;
      case HISTOGRAM, BAR -> 2;
      case POLYGON, OGIVE, OGIVE_ABOVE -> 4;
      case BOX, STEM_AND_LEAF -> Integer.MAX_VALUE;
    };
  }

  /** {@return the graph of one of its series alone} */
  Graph only(Series one) {
    return new Graph(kind, List.of(one), height, title, axis, marked, rules, sign);
  }

  @Override
  public int height(int usual) {
    int each = kind == GraphKind.BOX ? BOX_HEIGHT : isApart() ? STRIP_HEIGHT : 0;
    return Math.max(usual, Math.min(Paper.LARGEST, AROUND + each * series.size()));
  }

  @Override
  public List<Drawable.Scale> scales() {
    List<Exact> ends = new ArrayList<>();
    List<Exact> heights = new ArrayList<>();
    for (Series each : series) {
      Tally tally = each.data().tally();
      if (!tally.isEmpty()) {
        ends.add(tally.value(0));
        ends.add(tally.value(tally.size() - 1));
        heights.add(tally.highestFrequency());
      }
      for (Interval interval : each.classes().intervals(true)) {
        interval.lower().ifPresent(ends::add);
        interval.upper().ifPresent(ends::add);
        heights.add(interval.frequency());
      }
    }
    return List.of(
        new Drawable.Scale(name(), ends),
        Drawable.Scale.ofHeights(Texts.of("draw.height-frequency"), heights));
  }

  @Override
  public String inWords() {
    return InWords.of(this);
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
   * The axis of the values.
   *
   * @param name what the values are, with their unit
   * @param ticks the distance of its numbers, where one is wanted; otherwise they stand at the
   *     boundaries of classes, or where there is room
   */
  public record Axis(String name, Optional<Exact> ticks) {

    /** {@return an axis with numbers where they fit} */
    public static Axis of(String name) {
      return new Axis(name, Optional.empty());
    }
  }

  /**
   * What stands out in a graph.
   *
   * @param measures those that are marked: mean, median, modes and quartiles
   * @param percentiles those that are read off an ogive, from 0 to 100
   * @param chosen the class that is chosen
   */
  public record Marked(Set<Measure> measures, List<Exact> percentiles, Optional<Interval> chosen) {

    /** Nothing. */
    public static final Marked NOTHING = of(Set.of());

    public Marked {
      measures = Set.copyOf(measures);
      percentiles = List.copyOf(percentiles);
    }

    /** {@return measures alone} */
    public static Marked of(Set<Measure> measures) {
      return new Marked(measures, List.of(), Optional.empty());
    }
  }

  /**
   * {@return what the height should stand for}: with classes of different widths the density, since
   * otherwise wide classes would look too full; cumulative frequencies have none
   */
  public static Height proposed(GraphKind kind, ClassTable classes) {
    long widths =
        classes.intervals(false).stream().map(i -> i.width().orElse(null)).distinct().count();
    return fits(Height.DENSITY, kind) && widths > 1 ? Height.DENSITY : Height.FREQUENCY;
  }

  /** {@return whether the height of such a graph can stand for that} */
  public static boolean fits(Height height, GraphKind kind) {
    return height != Height.DENSITY || (kind.needsClasses() && !kind.isCumulative());
  }
}
