package promedio.desktop.projection.several;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.DataSubset;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Describe;
import promedio.desktop.projection.PortionText;
import promedio.desktop.projection.several.QuestionGrid.Cell;
import promedio.desktop.projection.several.QuestionGrid.Head;
import promedio.desktop.projection.several.QuestionGrid.Line;

/** The same measures of several samples, a line for each. */
public final class GroupTable {

  /** More digits than anyone reads, and than a table needs. */
  private static final int DIGITS = 15;

  private GroupTable() {}

  /**
   * In which order the lines stand.
   *
   * @param column by which column, from 0 for the names; −1 for the order in which the groups came
   * @param descending whether the largest comes first
   */
  public record Order(int column, boolean descending) {

    /** As the groups came. */
    public static final Order GIVEN = new Order(-1, false);

    /** {@return the order after the head of the column is chosen: up, down, as given} */
    public Order chosen(int other) {
      if (other != column) {
        return new Order(other, false);
      }
      return descending ? GIVEN : new Order(column, true);
    }
  }

  /**
   * What of a summary is shown.
   *
   * @param measures what is told of each group
   * @param order in which order the groups stand
   * @param filter what the name of a group must contain, in whatever case; empty for all groups
   */
  public record Shown(List<Measure> measures, Order order, String filter) {
    public Shown {
      measures = List.copyOf(measures);
    }

    /** {@return this with other measures} */
    public Shown withMeasures(List<Measure> chosen) {
      return new Shown(chosen, order, filter);
    }

    /** {@return this in another order} */
    public Shown withOrder(Order chosen) {
      return new Shown(measures, chosen, filter);
    }

    /** {@return this with other groups} */
    public Shown withFilter(String typed) {
      return new Shown(measures, order, typed);
    }
  }

  /**
   * {@return the measures of the groups of the comparison, and of all together in the last line}
   */
  public static QuestionGrid of(Analysis now, Shown shown) {
    List<DataSubset> subsets = new ArrayList<>(groups(now, shown));
    subsets.add(DataSubset.TOGETHER);
    return of(now, subsets, shown.measures());
  }

  private static List<DataSubset> groups(Analysis now, Shown shown) {
    String sought = shown.filter().strip().toLowerCase(Locale.ROOT);
    Stream<DataSubset> found =
        DataSubset.eachGroup(now.typed().data()).stream()
            .filter(each -> each.groups().get(0).toLowerCase(Locale.ROOT).contains(sought));
    return (shown.order().column() < 0
            ? found
            : found.sorted(comparing(now, shown.measures(), shown.order())))
        .toList();
  }

  /** {@return the measures of x and of y} */
  public static QuestionGrid ofPairs(Analysis now, List<Measure> measures) {
    return of(now, List.of(DataSubset.X, DataSubset.Y), measures);
  }

  private static QuestionGrid of(Analysis now, List<DataSubset> subsets, List<Measure> measures) {
    List<Head> heads = new ArrayList<>();
    heads.add(Head.of(""));
    heads.add(Head.of("n"));
    heads.add(Head.of(Texts.of("several.missing")));
    for (Measure measure : measures) {
      heads.add(QuestionGrid.head(now, subsets.get(0), Request.of(measure)));
    }
    return new QuestionGrid(
        heads, subsets.stream().map(subset -> line(now, subset, measures)).toList());
  }

  private static Line line(Analysis now, DataSubset subset, List<Measure> measures) {
    List<Cell> cells = new ArrayList<>();
    Optional<Analysis> of = now.in(subset);
    cells.add(Cell.of(of.map(each -> size(each)).orElse("")));
    cells.add(Cell.of(Describe.grouped(missing(now, subset))));
    for (Measure measure : measures) {
      cells.add(Cell.of(now, subset, Request.of(measure)));
    }
    return new Line(PortionText.of(subset, now.item()), cells);
  }

  /** What is missing of all together is missing of the groups. */
  private static int missing(Analysis now, DataSubset subset) {
    return subset.equals(DataSubset.TOGETHER)
        ? now.typed().data().missing()
        : now.in(subset).map(of -> of.typed().data().missing()).orElse(0);
  }

  private static String size(Analysis of) {
    return Describe.grouped(of.typed().data().total().numerator().longValue());
  }

  /**
   * {@return the summary of the shown groups as a table of its own, its numbers with 15 digits};
   * what has no result is missing, and all together is left out
   */
  public static Table table(Analysis now, Shown shown) throws BadInputException {
    List<Analysis> groups =
        groups(now, shown).stream().flatMap(group -> now.in(group).stream()).toList();
    List<Column> columns = new ArrayList<>();
    columns.add(
        WordColumn.of(
            "group",
            Kind.CATEGORY,
            groups.stream().map(of -> PortionText.of(of.subset(), now.item())).toList()));
    columns.add(numbers("n", groups, of -> Optional.of(of.typed().data().total())));
    columns.add(
        numbers("missing", groups, of -> Optional.of(Exact.of(of.typed().data().missing()))));
    for (Measure measure : shown.measures()) {
      columns.add(numbers(measure.key(), groups, of -> number(of, measure)));
    }
    return Table.of(columns);
  }

  private static Optional<Exact> number(Analysis of, Measure measure) {
    return of.computation()
        .result(measure)
        .number()
        .map(number -> Exact.of(number.significant(DIGITS).stripTrailingZeros()));
  }

  private static Column numbers(
      String name, List<Analysis> groups, Function<Analysis, Optional<Exact>> value)
      throws BadInputException {
    ValuesBuilder values = new ValuesBuilder();
    for (Analysis group : groups) {
      value.apply(group).ifPresentOrElse(values::add, values::addMissing);
    }
    return new NumberColumn(name, values.build(), Map.of());
  }

  /** What has no result comes last, whichever way the others stand. */
  private static Comparator<DataSubset> comparing(
      Analysis now, List<Measure> measures, Order order) {
    if (order.column() == 0) {
      Comparator<DataSubset> byName =
          Comparator.comparing(subset -> subset.groups().get(0), String.CASE_INSENSITIVE_ORDER);
      return order.descending() ? byName.reversed() : byName;
    }
    Comparator<Exact> way =
        order.descending() ? Comparator.reverseOrder() : Comparator.naturalOrder();
    return Comparator.comparing(
        subset -> now.in(subset).flatMap(of -> value(of, measures, order.column())).orElse(null),
        Comparator.nullsLast(way));
  }

  private static Optional<Exact> value(Analysis of, List<Measure> measures, int column) {
    return switch (column) {
      case 1 -> Optional.of(of.typed().data().total());
      case 2 -> Optional.of(Exact.of(of.typed().data().missing()));
      default -> of.computation().value(Request.of(measures.get(column - 3)));
    };
  }
}
