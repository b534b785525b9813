package promedio.desktop.projection.several;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.CrossTable;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.several.QuestionGrid.Cell;
import promedio.desktop.projection.several.QuestionGrid.Head;
import promedio.desktop.projection.several.QuestionGrid.Line;

/** Counts of one category by another, as a printed table: the counts, or what is made of each. */
public final class CountTable {

  private CountTable() {}

  /** What stands in the cells. */
  public enum View {
    COUNTS(""),
    ROW("row_percentage"),
    COLUMN("column_percentage"),
    ALL("percentage"),
    EXPECTED("expected_count"),
    PARTS("chi_squared_part");

    private final String key;

    View(String key) {
      this.key = key;
    }

    /** {@return the key of its name} */
    public String code() {
      return name().toLowerCase(Locale.ROOT);
    }

    /** {@return what a cell asks; the counts are given} */
    Optional<Request> request(int row, int column) {
      return key.isEmpty()
          ? Optional.empty()
          : Optional.of(
              new Request(
                  Measures.ofKey(key).orElseThrow(),
                  List.of(Exact.of(row + 1L), Exact.of(column + 1L))));
    }
  }

  /** {@return the table with its totals} */
  public static QuestionGrid of(Analysis now, CrossTable table, View view) {
    List<Head> heads = new ArrayList<>();
    heads.add(Head.of(""));
    table.columns().forEach(name -> heads.add(Head.of(name)));
    heads.add(Head.of(Texts.of("counts.total")));
    List<Line> lines = new ArrayList<>();
    for (int row = 0; row < table.rows().size(); row++) {
      int at = row;
      lines.add(
          line(
              table.rows().get(row),
              table,
              column ->
                  view.request(at, column)
                      .map(request -> Cell.of(now, DataSubset.WHOLE, request))
                      .orElseGet(() -> Cell.of(now.numbers().shown(table.count(at, column)))),
              rowTotal(now, table, view, row)));
    }
    lines.add(
        line(
            Texts.of("counts.total"),
            table,
            column -> Cell.of(columnTotal(now, table, view, column)),
            whole(now, table, view)));
    return new QuestionGrid(heads, lines);
  }

  private static Line line(String name, CrossTable table, IntFunction<Cell> cell, String total) {
    List<Cell> cells = new ArrayList<>();
    IntStream.range(0, table.columns().size()).mapToObj(cell).forEach(cells::add);
    cells.add(Cell.of(total));
    return new Line(name, cells);
  }

  private static String rowTotal(Analysis now, CrossTable table, View view, int row) {
    Exact total = table.rowTotal(row);
    return switch (view) {
      case COUNTS, EXPECTED -> now.numbers().shown(total);
      case ROW -> percent(now, total, total);
      case COLUMN, ALL -> percent(now, total, table.total());
      case PARTS -> "";
    };
  }

  private static String columnTotal(Analysis now, CrossTable table, View view, int column) {
    Exact total = table.columnTotal(column);
    return switch (view) {
      case COUNTS, EXPECTED -> now.numbers().shown(total);
      case COLUMN -> percent(now, total, total);
      case ROW, ALL -> percent(now, total, table.total());
      case PARTS -> "";
    };
  }

  private static String whole(Analysis now, CrossTable table, View view) {
    return switch (view) {
      case COUNTS, EXPECTED -> now.numbers().shown(table.total());
      case ROW, COLUMN, ALL -> percent(now, table.total(), table.total());
      case PARTS -> now.shown(Request.of(Measures.ofKey("chi_squared").orElseThrow()));
    };
  }

  private static String percent(Analysis now, Exact part, Exact of) {
    return of.signum() == 0
        ? Texts.of("result.none")
        : Texts.of("counts.percent", now.numbers().result(part.times(100).over(of)));
  }
}
