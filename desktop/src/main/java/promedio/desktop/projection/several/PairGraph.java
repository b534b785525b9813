package promedio.desktop.projection.several;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphText;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.DataSubset;
import promedio.core.sample.Pairs;
import promedio.core.table.Column;
import promedio.core.table.ColumnPairing;
import promedio.core.table.NumberColumn;
import promedio.core.table.PairCategories;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.PortionText;
import promedio.files.report.ShownNumbers;
import promedio.graph.ScatterGraph;

/** The scatter graph of pairs, and what is told of a point in it. */
public final class PairGraph {

  private PairGraph() {}

  /** {@return the graph of the pairs with what is to be drawn beside the points} */
  public static ScatterGraph of(
      Analysis now,
      Pairs pairs,
      Optional<PairCategories> categories,
      Set<ScatterGraph.Extra> shown,
      OptionalInt chosen) {
    return new ScatterGraph(
        pairs,
        now.item().graph().text(GraphText.TITLE).strip(),
        PortionText.x(now.item()),
        PortionText.y(now.item()),
        categories,
        shown,
        chosen,
        now.rules(),
        now.sign());
  }

  /** {@return the columns by which the points of the item can be told apart} */
  public static List<String> categoryColumns(Assignment assignment, Item item) {
    return link(item)
        .flatMap(link -> table(assignment, link))
        .map(
            table ->
                table.columns().stream()
                    .filter(column -> column instanceof WordColumn)
                    .filter(column -> isFew((WordColumn) column))
                    .map(Column::name)
                    .toList())
        .orElse(List.of());
  }

  private static boolean isFew(WordColumn column) {
    int different = column.words().size();
    return different > 1 && different <= ScatterGraph.MOST_CATEGORIES;
  }

  /** {@return the column by which the points of the item are told apart; empty for none} */
  public static String categoryColumn(Assignment assignment, Item item) {
    String column = item.graph().text(GraphText.CATEGORY);
    return categoryColumns(assignment, item).contains(column) ? column : "";
  }

  /** {@return the category of each pair, where the item tells its points apart} */
  public static Optional<PairCategories> categories(Assignment assignment, Item item) {
    String column = categoryColumn(assignment, item);
    if (column.isEmpty()) {
      return Optional.empty();
    }
    return link(item)
        .flatMap(
            link ->
                table(assignment, link)
                    .flatMap(
                        table ->
                            table
                                .column(column)
                                .map(
                                    by ->
                                        ColumnPairing.categories(
                                            (NumberColumn) table.column(link.x()).orElseThrow(),
                                            (NumberColumn) table.column(link.y()).orElseThrow(),
                                            by))));
  }

  private static Optional<Link.OfPairs> link(Item item) {
    return item.source() instanceof Source.Linked linked
            && linked.link() instanceof Link.OfPairs pairs
            && linked.found()
        ? Optional.of(pairs)
        : Optional.empty();
  }

  private static Optional<Table> table(Assignment assignment, Link link) {
    return assignment.table(link.table()).filter(ImportedTable::isRead).map(ImportedTable::table);
  }

  /** {@return what the point of a row gives to Sxy, in numbers} */
  public static String told(Analysis now, Pairs pairs, int row) {
    ShownNumbers numbers = now.numbers().in("");
    if (now.in(DataSubset.X).filter(of -> of.coversAny(Measures.MEAN)).isPresent()
        || now.in(DataSubset.Y).filter(of -> of.coversAny(Measures.MEAN)).isPresent()) {
      return Texts.of(
          "cover.point",
          row + 1,
          numbers.shown(pairs.x().get(row)),
          numbers.shown(pairs.y().get(row)));
    }
    Exact x = pairs.x().get(row);
    Exact y = pairs.y().get(row);
    Exact fromX = x.minus(pairs.sums().meanX());
    Exact fromY = y.minus(pairs.sums().meanY());
    return Texts.of(
        "pairs.point",
        row + 1,
        numbers.shown(x),
        numbers.shown(y),
        numbers.shown(fromX),
        numbers.shown(fromY),
        numbers.shown(fromX.times(fromY)));
  }
}
