package promedio.core.catalogue.counts;

import static promedio.core.catalogue.counts.CountParts.N;
import static promedio.core.catalogue.counts.CountParts.cross;
import static promedio.core.catalogue.counts.CountParts.full;
import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.FormulaMeasure;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Parameter;
import promedio.core.number.Exact;
import promedio.core.sample.CrossTable;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The measures of one cell of a table of counts: its percentages of the row, of the column and of
 * all, the count expected of it, and its part of χ². They take its row and its column, counted from
 * 1. Absent where there is no such cell, and where the whole is 0.
 */
public final class CellMeasures {

  private static final Quantity ROW = Quantity.of("row", "i", "i");
  private static final Quantity COLUMN = Quantity.of("column", "j", "j");

  private CellMeasures() {}

  /** {@return these} */
  public static List<Measure> all() {
    return List.of(
        cell("row_percentage", "p_i", "pᵢ", Cell::ofRow)
            .in(Dimension.PERCENT)
            .slipping(slips(cell -> cell.shares("row_total"))),
        cell("column_percentage", "p_j", "pⱼ", Cell::ofColumn)
            .in(Dimension.PERCENT)
            .slipping(slips(cell -> cell.shares("column_total"))),
        cell("percentage", "p", "p", Cell::ofAll)
            .in(Dimension.PERCENT)
            .slipping(slips(cell -> cell.shares("n"))),
        cell("expected_count", "E", "E", cell -> Definition.of(cell.expected()))
            .slipping(slips(Cell::otherExpected)),
        cell("chi_squared_part", "(O-E)^2/E", "(O-E)²/E", Cell::part)
            .slipping(slips(Cell::overObserved)));
  }

  private static Function<MeasureContext, List<Slip>> slips(Function<Cell, List<Slip>> ofCell) {
    return context -> Cell.of(context).map(ofCell).orElse(List.of());
  }

  private static FormulaMeasure cell(
      String key, String latex, String text, Function<Cell, Definition> definition) {
    return cross(
            key,
            Quantity.of(key, latex, text),
            context ->
                Cell.of(context).map(definition).orElseGet(() -> Definition.undefined("no-cell")))
        .about(Parameter.atLeast(ROW, Exact.ONE), Parameter.atLeast(COLUMN, Exact.ONE));
  }

  /** One cell of a table, its row and column counted from 0. */
  private record Cell(MeasureContext context, CrossTable table, int row, int column) {

    static Optional<Cell> of(MeasureContext context) {
      CrossTable table = CountParts.table(context);
      int row = index(context.argument(0), table.rows().size());
      int column = index(context.argument(1), table.columns().size());
      return row < 0 || column < 0
          ? Optional.empty()
          : Optional.of(new Cell(context, table, row, column));
    }

    private static int index(Exact number, int size) {
      return number.isWhole() && number.compareTo(Exact.of(size)) <= 0
          ? number.numerator().intValueExact() - 1
          : -1;
    }

    Exact observed() {
      return table.count(row, column);
    }

    /** Row total times column total, over n. */
    Formula expected() {
      return new Numeral(table.rowTotal(row)).times(new Numeral(table.columnTotal(column))).over(N);
    }

    /** (O − E)². */
    Formula apart() {
      return new Numeral(observed()).minus(expected()).power(2);
    }

    Definition part() {
      return Definition.of(apart().over(expected()), full(context));
    }

    List<Slip> overObserved() {
      return List.of(new Slip(Cause.DIVIDED_BY_OBSERVED, apart().over(new Numeral(observed()))));
    }

    Definition ofRow() {
      return percentage(table.rowTotal(row));
    }

    Definition ofColumn() {
      return percentage(table.columnTotal(column));
    }

    Definition ofAll() {
      return percentage(table.total());
    }

    private Definition percentage(Exact of) {
      return of.signum() == 0 ? Definition.undefined("empty-line") : Definition.of(share(of));
    }

    private Formula share(Exact of) {
      return new Numeral(observed()).times(number(100)).over(new Numeral(of));
    }

    /** The percentages of the other totals. */
    List<Slip> shares(String right) {
      Map<String, Exact> totals = new LinkedHashMap<>();
      totals.put("row_total", table.rowTotal(row));
      totals.put("column_total", table.columnTotal(column));
      totals.put("n", table.total());
      totals.remove(right);
      return totals.entrySet().stream()
          .map(other -> Slip.mixedUp(right, other.getKey(), share(other.getValue())))
          .toList();
    }

    /** What is taken for an expected count: of other lines, of all cells, what was counted. */
    List<Slip> otherExpected() {
      Formula ofRow = new Numeral(table.rowTotal(row));
      Formula ofColumn = new Numeral(table.columnTotal(column));
      List<Slip> found = new ArrayList<>();
      found.add(Slip.mixedUp("expected", "observed", new Numeral(observed())));
      int cells = table.rows().size() * table.columns().size();
      found.add(Slip.mixedUp("expected", "count_of_a_cell", N.over(number(cells))));
      found.add(
          new Slip(
              Cause.OPERATION_EXCHANGED,
              Map.of("operation", "multiply", "instead", "average"),
              ofRow.plus(ofColumn).over(number(2))));
      for (int other = 0; other < table.rows().size(); other++) {
        Formula instead = new Numeral(table.rowTotal(other));
        found.add(Slip.mixedUp("row_total", "row_of_another", instead.times(ofColumn).over(N)));
      }
      for (int other = 0; other < table.columns().size(); other++) {
        Formula instead = new Numeral(table.columnTotal(other));
        found.add(Slip.mixedUp("column_total", "column_of_another", ofRow.times(instead).over(N)));
      }
      return found;
    }
  }
}
