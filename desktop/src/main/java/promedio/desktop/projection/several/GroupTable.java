package promedio.desktop.projection.several;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import promedio.core.measure.Measure;
import promedio.core.measure.Task;
import promedio.core.number.Exact;
import promedio.core.sample.Portion;
import promedio.desktop.Texts;
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
   * {@return the measures of each group of the comparison, and of all together in the last line}
   */
  public static QuestionGrid of(Analysis now, List<Measure> measures, Order order) {
    List<Portion> portions = new ArrayList<>(Portion.eachGroup(now.typed().data()));
    if (order.column() >= 0) {
      portions.sort(comparing(now, measures, order));
    }
    portions.add(Portion.TOGETHER);
    return of(now, portions, measures);
  }

  /** {@return the measures of x and of y} */
  public static QuestionGrid ofPairs(Analysis now, List<Measure> measures) {
    return of(now, List.of(Portion.X, Portion.Y), measures);
  }

  private static QuestionGrid of(Analysis now, List<Portion> portions, List<Measure> measures) {
    List<Head> heads = new ArrayList<>();
    heads.add(Head.of(""));
    heads.add(Head.of("n"));
    heads.add(Head.of(Texts.of("several.missing")));
    for (Measure measure : measures) {
      heads.add(QuestionGrid.head(now, portions.get(0), Task.of(measure)));
    }
    return new QuestionGrid(
        heads, portions.stream().map(portion -> line(now, portion, measures)).toList());
  }

  private static Line line(Analysis now, Portion portion, List<Measure> measures) {
    List<Cell> cells = new ArrayList<>();
    Optional<Analysis> of = now.in(portion);
    cells.add(Cell.of(of.map(each -> size(each)).orElse("")));
    cells.add(Cell.of(Describe.grouped(missing(now, portion))));
    for (Measure measure : measures) {
      cells.add(Cell.of(now, portion, Task.of(measure)));
    }
    return new Line(PortionText.of(portion, now.item()), cells);
  }

  /** What is missing of all together is missing of the groups. */
  private static int missing(Analysis now, Portion portion) {
    return portion.equals(Portion.TOGETHER)
        ? now.typed().data().missing()
        : now.in(portion).map(of -> of.typed().data().missing()).orElse(0);
  }

  private static String size(Analysis of) {
    return Describe.grouped(of.typed().data().total().numerator().longValue());
  }

  /**
   * {@return the summary as comma-separated text, its numbers exact as far as decimals go}: what
   * has no result is left empty, and all together is left out
   */
  public static String csv(Analysis now, List<Measure> measures) {
    StringBuilder text = new StringBuilder("group,n,missing");
    measures.forEach(measure -> text.append(',').append(measure.key()));
    for (Portion group : Portion.eachGroup(now.typed().data())) {
      now.in(group).ifPresent(of -> row(text, PortionText.of(group, now.item()), of, measures));
    }
    return text.append('\n').toString();
  }

  private static void row(StringBuilder text, String name, Analysis of, List<Measure> measures) {
    text.append("\n\"").append(name.replace("\"", "\"\"")).append("\",");
    text.append(of.typed().data().total()).append(',').append(of.typed().data().missing());
    for (Measure measure : measures) {
      text.append(',')
          .append(
              of.computation()
                  .result(measure)
                  .number()
                  .map(number -> number.significant(DIGITS).stripTrailingZeros().toPlainString())
                  .orElse(""));
    }
  }

  /** What has no result comes last, whichever way the others stand. */
  private static Comparator<Portion> comparing(Analysis now, List<Measure> measures, Order order) {
    if (order.column() == 0) {
      Comparator<Portion> byName =
          Comparator.comparing(portion -> portion.groups().get(0), String.CASE_INSENSITIVE_ORDER);
      return order.descending() ? byName.reversed() : byName;
    }
    Comparator<Exact> way =
        order.descending() ? Comparator.reverseOrder() : Comparator.naturalOrder();
    return Comparator.comparing(
        portion -> now.in(portion).flatMap(of -> value(of, measures, order.column())).orElse(null),
        Comparator.nullsLast(way));
  }

  private static Optional<Exact> value(Analysis of, List<Measure> measures, int column) {
    return switch (column) {
      case 1 -> Optional.of(of.typed().data().total());
      case 2 -> Optional.of(Exact.of(of.typed().data().missing()));
      default -> of.computation().value(Task.of(measures.get(column - 3)));
    };
  }
}
