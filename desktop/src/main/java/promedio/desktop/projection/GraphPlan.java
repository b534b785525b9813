package promedio.desktop.projection;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphKind;
import promedio.core.graph.GraphMark;
import promedio.core.graph.GraphText;
import promedio.core.graph.Height;
import promedio.core.grouping.Grouping;
import promedio.core.measure.Measure;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.Data;
import promedio.core.sample.Tally;
import promedio.graph.Graph;

/**
 * What is to be drawn of an item with numbers, as the student wants it drawn.
 *
 * @param now what is computed of the item
 * @param choice how it is drawn
 */
public record GraphPlan(Analysis now, GraphChoice choice) {

  private static final int FEW_VALUES = 10;

  private static final Exact HUNDRED = Exact.of(100);

  /** {@return what is to be drawn of the item} */
  public static GraphPlan of(Analysis now) {
    return new GraphPlan(now, now.item().graph());
  }

  /** {@return whether the item can be drawn so}: single values are not known in a class table */
  public boolean offers(GraphKind kind) {
    return kind.needsClasses() || kind == GraphKind.BOX || now.typed().data().classes().isEmpty();
  }

  /** {@return the graph that is drawn}: the chosen one, or what the data ask for */
  public GraphKind kind() {
    return choice.kind().filter(kind -> offers(kind) && !tells(kind)).orElseGet(this::usual);
  }

  /** A few whole numbers that come again and again are bars: classes would join some of them. */
  private GraphKind usual() {
    Tally tally = now.typed().data().tally();
    boolean few =
        now.typed().data().classes().isEmpty()
            && tally.size() <= FEW_VALUES
            && tally.total().compareTo(Exact.of(2L * tally.size())) >= 0;
    boolean whole = few && IntStream.range(0, tally.size()).allMatch(i -> tally.value(i).isWhole());
    return whole && tally.size() > 1 ? GraphKind.BAR : GraphKind.HISTOGRAM;
  }

  /**
   * {@return whether the graph would show what is covered}: the ends and cuts of a box are results
   */
  public boolean tells(GraphKind kind) {
    return kind == GraphKind.BOX && now.coversAny(Measures.Q1, Measures.MEDIAN, Measures.Q3);
  }

  /** {@return whether an item can stand beside this one, on the same scale} */
  public boolean takesBeside(Item other) {
    boolean values =
        other.source().shape() == Source.Shape.VALUES
            || other.source().shape() == Source.Shape.FREQUENCIES;
    return other.id() != now.item().id() && values;
  }

  /** {@return why what was written is not used, in words}; none where it is, or nothing was */
  public Optional<String> problem(GraphText which) {
    String text = choice.text(which).strip();
    if (text.isEmpty()) {
      return Optional.empty();
    }
    return switch (which) {
      case TITLE, AXIS, CATEGORY -> Optional.empty();
      case TICKS ->
          ticks().isPresent() ? Optional.empty() : Optional.of(Texts.of("graph.no-ticks", text));
      case PERCENTILES ->
          percentiles().size() == written().size()
              ? Optional.empty()
              : Optional.of(Texts.of("graph.no-percentiles", text));
    };
  }

  private Optional<Exact> ticks() {
    return number(choice.text(GraphText.TICKS)).filter(distance -> distance.signum() > 0);
  }

  private List<String> written() {
    return Stream.of(choice.text(GraphText.PERCENTILES).strip().split("[;\\s]+", -1))
        .filter(text -> !text.isEmpty())
        .toList();
  }

  private List<Exact> percentiles() {
    return written().stream()
        .map(this::number)
        .flatMap(Optional::stream)
        .filter(percent -> percent.signum() >= 0 && percent.compareTo(HUNDRED) <= 0)
        .toList();
  }

  private Optional<Exact> number(String text) {
    return NumberText.read(text.strip(), now.sign()) instanceof Reading.Numeral read
        ? Optional.of(read.value())
        : Optional.empty();
  }

  /**
   * {@return the graph}
   *
   * @param grouped the item in classes
   * @param chosen the class that stands out
   * @param beside the other sample on the same scale
   */
  public Graph graph(Grouping grouped, Optional<Interval> chosen, Optional<Other> beside) {
    List<Graph.Series> series = new ArrayList<>();
    series.add(new Graph.Series(now.item().name(), now.typed().data(), grouped.table()));
    beside.flatMap(other -> second(other, grouped)).ifPresent(series::add);
    return new Graph(
        kind(),
        series,
        height(grouped),
        choice.text(GraphText.TITLE).strip(),
        new Graph.Axis(axis(), ticks()),
        new Graph.Marked(marked(), percentiles(), chosen),
        now.rules(),
        now.sign());
  }

  /**
   * Another sample.
   *
   * @param name what it is called
   * @param data its values
   */
  public record Other(String name, Data data) {}

  /** Another sample is put into the same classes, so that the bars can be compared. */
  private Optional<Graph.Series> second(Other other, Grouping grouped) {
    if (other.data().tally().isEmpty()) {
      return Optional.empty();
    }
    try {
      Grouping same =
          Grouping.alike(other.data(), grouped.table(), now.rules().get(Rule.CLASS_END));
      return Optional.of(new Graph.Series(other.name(), other.data(), same.table()));
    } catch (BadInputException e) {
      // Too far away to share the classes; what needs none is drawn all the same.
      return kind().needsClasses()
          ? Optional.empty()
          : Optional.of(new Graph.Series(other.name(), other.data(), grouped.table()));
    }
  }

  /** {@return the name of the axis where the student writes none} */
  public String usualAxis() {
    Item item = now.item();
    return item.unit().isEmpty()
        ? item.name()
        : Texts.of("graph.axis-with-unit", item.name(), item.unit());
  }

  private String axis() {
    String written = choice.text(GraphText.AXIS).strip();
    return written.isEmpty() ? usualAxis() : written;
  }

  private Height height(Grouping grouped) {
    return choice
        .height()
        .filter(height -> Graph.fits(height, kind()))
        .orElseGet(() -> Graph.proposed(kind(), grouped.table()));
  }

  private Set<Measure> marked() {
    Set<Measure> marked = new HashSet<>();
    for (GraphMark mark : choice.marks()) {
      marked.addAll(mark.measures());
    }
    marked.removeIf(measure -> now.coversAny(measure));
    return marked;
  }
}
