package promedio.desktop.projection.several;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphKind;
import promedio.core.graph.GraphText;
import promedio.core.grouping.ClassChoice;
import promedio.core.grouping.Grouping;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.Groups;
import promedio.desktop.projection.Analysis;
import promedio.graph.Graph;

/** Graphs of groups: all on one scale, and in the same classes. */
public final class GroupGraph {

  /** The graphs that several groups have, the usual one first. */
  public static final List<GraphKind> KINDS =
      List.of(
          GraphKind.BOX,
          GraphKind.DOT,
          GraphKind.HISTOGRAM,
          GraphKind.POLYGON,
          GraphKind.OGIVE,
          GraphKind.STEM_AND_LEAF);

  /** So many stems stand back to back. */
  private static final int MOST_STEMS = 2;

  private static final ClassTable NO_CLASSES = ClassTable.NONE;

  private GroupGraph() {}

  /** {@return whether groups of this number are drawn so} */
  public static boolean offers(GraphKind kind, int groups) {
    return kind != GraphKind.STEM_AND_LEAF || groups <= MOST_STEMS;
  }

  /** {@return the graph that is drawn of so many groups; boxes where the chosen one cannot be} */
  public static GraphKind kind(GraphChoice choice, int groups) {
    return choice
        .kind()
        .filter(kind -> KINDS.contains(kind) && offers(kind, groups))
        .orElse(GraphKind.BOX);
  }

  /**
   * {@return the graph of the groups}
   *
   * @throws BadInputException if the classes make none; the message says why
   */
  public static Graph of(Analysis now, Groups groups) throws BadInputException {
    GraphChoice choice = now.item().graph();
    GraphKind kind = kind(choice, groups.samples().size());
    ClassTable classes =
        kind.needsClasses()
            ? classes(now, groups).grouping().map(Grouping::table).orElse(NO_CLASSES)
            : NO_CLASSES;
    List<Graph.Series> series = new ArrayList<>();
    for (Groups.Group group : groups.samples()) {
      series.add(
          new Graph.Series(
              group.name(),
              group.sample(),
              kind.needsClasses() ? alike(group.sample(), classes, now) : NO_CLASSES));
    }
    return new Graph(
        kind,
        series,
        Graph.proposed(kind, classes),
        choice.text(GraphText.TITLE).strip(),
        new Graph.Axis(axis(now), ticks(now)),
        // Boxes show medians; lines through all of them would only cross each other.
        Graph.Marked.of(kind == GraphKind.BOX ? Set.of() : Set.of(Measures.MEAN)),
        now.rules(),
        now.sign());
  }

  private static ClassTable alike(Data data, ClassTable classes, Analysis now)
      throws BadInputException {
    return Grouping.alike(data, classes, now.rules().get(Rule.CLASS_END)).table();
  }

  /** {@return the classes of all values together, into which each group is put} */
  public static ClassChoice.Outcome classes(Analysis now, Groups groups) {
    return now.item().classes().group(groups.all(), now.rules(), now.sign());
  }

  private static String axis(Analysis now) {
    String written = now.item().graph().text(GraphText.AXIS).strip();
    List<String> names = now.item().source().names();
    String usual = names.isEmpty() ? now.item().name() : names.get(0);
    String unit = now.item().unit();
    return written.isEmpty() ? unit.isEmpty() ? usual : usual + " (" + unit + ")" : written;
  }

  private static Optional<Exact> ticks(Analysis now) {
    return NumberText.read(now.item().graph().text(GraphText.TICKS), now.sign())
            instanceof Reading.Numeral numeral
        ? Optional.of(numeral.value()).filter(each -> each.signum() > 0)
        : Optional.empty();
  }
}
