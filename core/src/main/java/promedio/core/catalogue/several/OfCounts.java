package promedio.core.catalogue.several;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Area;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Parameter;
import promedio.core.measure.SeveralQuantities;
import promedio.core.number.Exact;
import promedio.core.rules.Rule;
import promedio.core.rules.Yates;
import promedio.core.sample.CrossTable;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Subject;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The measures of counts beside expected ones: χ² (Pearson 1900) of a table of counts crossed, with
 * what is made of it, and of categories beside expected proportions.
 */
final class OfCounts {

  private static final Formula O = SeveralQuantities.OBSERVED.formula();
  private static final Formula E = SeveralQuantities.EXPECTED.formula();
  private static final Formula E_BY_SHARE = SeveralQuantities.EXPECTED_BY_SHARE.formula();
  private static final Formula N = Several.N_OF_COUNTS.formula();

  /** As the rule wants it. */
  private static final Quantity CHI = Quantity.of("chi_squared", "\\chi^2", "χ²");

  /** Without a correction, which is what the other measures are made of. */
  private static final Quantity PLAIN_CHI = Quantity.of("plain_chi_squared", "\\chi^2", "χ²");

  private static final Quantity ROWS = Quantity.of("rows", "r", "r");
  private static final Quantity COLUMNS = Quantity.of("columns", "c", "c");
  private static final Quantity FEWER = Quantity.of("fewer", "\\min(r,c)", "min(r, c)");
  private static final Quantity CATEGORIES = Quantity.of("categories", "k", "k");
  private static final Quantity CHI_DF = Quantity.of("chi_squared_df", "\\mathit{df}", "df");
  private static final Quantity FIT_CHI = Quantity.of("fit_chi_squared", "\\chi^2", "χ²");

  private OfCounts() {}

  private static Formula product() {
    return ROWS.formula().times(COLUMNS.formula());
  }

  private static FormulaMeasure cross(
      String key, Quantity quantity, Function<MeasureContext, Definition> by) {
    return FormulaMeasure.of(key, Subject.CROSS, quantity, by);
  }

  private static CrossTable table(MeasureContext context) {
    return context.data().cross().orElseThrow();
  }

  private static Condition full(MeasureContext context) {
    return Needs.that(!table(context).hasEmptyLine(), "empty-line");
  }

  private static boolean isSmall(MeasureContext context) {
    return table(context).rows().size() == 2 && table(context).columns().size() == 2;
  }

  private static Formula plain(Formula expected) {
    return new Sum(O.minus(expected).power(2).over(expected));
  }

  private static Formula statistic(MeasureContext context) {
    boolean corrected = isSmall(context) && context.rules().get(Rule.YATES) == Yates.ON;
    return corrected
        ? new Sum(SeveralQuantities.CORRECTED_DISTANCE.formula().power(2).over(E))
        : plain(E);
  }

  private static List<Slip> slips(Formula expected, Formula n, Quantity statistic) {
    Formula apart = O.minus(expected);
    Formula squares = apart.power(2);
    return List.of(
        new Slip(Cause.DIVIDED_BY_OBSERVED, new Sum(squares.over(O))),
        new Slip(Cause.NOT_DIVIDED, new Sum(squares)),
        new Slip(Cause.NOT_SQUARED, new Sum(new Formula.Absolute(apart).over(expected))),
        new Slip(Cause.PERCENTAGES_USED, statistic.formula().times(number(100)).over(n)));
  }

  /** {@return what formulas name that nobody asks for itself} */
  static List<Measure> helpers() {
    return List.of(
        cross("n", Several.N_OF_COUNTS, s -> Definition.of(new Numeral(s.data().total()))),
        FormulaMeasure.of(
            "n",
            Subject.FIT,
            Several.N_OF_COUNTS,
            s -> Definition.of(new Numeral(s.data().total()))),
        cross("r", ROWS, s -> Definition.of(number(table(s).rows().size()))),
        cross("c", COLUMNS, s -> Definition.of(number(table(s).columns().size()))),
        cross(
            "fewer",
            FEWER,
            s ->
                Definition.of(number(Math.min(table(s).rows().size(), table(s).columns().size())))),
        FormulaMeasure.of(
            "k",
            Subject.FIT,
            CATEGORIES,
            s -> Definition.of(number(s.data().fit().orElseThrow().expected().size()))),
        cross("plain_chi_squared", PLAIN_CHI, s -> Definition.of(plain(E), full(s))));
  }

  /** {@return those of counts crossed, in the order in which they are told} */
  static List<Measure> all() {
    return List.of(
        cross("chi_squared", CHI, s -> Definition.of(statistic(s), full(s)))
            .slipping(s -> slips(E, N, CHI)),
        cross("chi_squared_df", CHI_DF, s -> Definition.of(degrees(), full(s)))
            .in(Dimension.DEGREES)
            .slipping(
                new Slip(Cause.DF_AS_PRODUCT, product()),
                new Slip(Cause.DF_AS_PRODUCT, product().minus(number(1)))),
        cross(
                "chi_squared_p",
                Quantity.of("chi_squared_p", "p", "p"),
                s ->
                    Definition.of(
                        new Area(
                            Distribution.CHI_SQUARED,
                            List.of(CHI_DF.formula()),
                            Tail.UPPER,
                            CHI.formula()),
                        full(s)))
            .in(Dimension.PROBABILITY),
        cross(
            "phi",
            Quantity.of("phi", "\\varphi", "φ"),
            s ->
                isSmall(s)
                    ? Definition.of(PLAIN_CHI.formula().over(N).root(), full(s))
                    : Definition.undefined("not-two-by-two")),
        cross(
            "cramers_v",
            Quantity.of("cramers_v", "V", "V"),
            s ->
                Definition.of(
                    PLAIN_CHI.formula().over(N.times(FEWER.formula().minus(number(1)))).root(),
                    full(s))),
        cross(
            "contingency",
            Quantity.of("contingency", "C", "C"),
            s ->
                Definition.of(
                    PLAIN_CHI.formula().over(PLAIN_CHI.formula().plus(N)).root(), full(s))),
        cross(
            "smallest_expected",
            Quantity.of("smallest_expected", "E_{\\min}", "min E"),
            s -> Definition.of(smallest(table(s)), full(s))));
  }

  private static Formula degrees() {
    return ROWS.formula().minus(number(1)).times(COLUMNS.formula().minus(number(1)));
  }

  /** The least row total times the least column total, over n. */
  private static Formula smallest(CrossTable table) {
    Exact row = table.rowTotal(0);
    for (int i = 1; i < table.rows().size(); i++) {
      row = row.compareTo(table.rowTotal(i)) <= 0 ? row : table.rowTotal(i);
    }
    Exact column = table.columnTotal(0);
    for (int i = 1; i < table.columns().size(); i++) {
      column = column.compareTo(table.columnTotal(i)) <= 0 ? column : table.columnTotal(i);
    }
    return new Numeral(row).times(new Numeral(column)).over(N);
  }

  private static final Quantity ROW = Quantity.of("row", "i", "i");
  private static final Quantity COLUMN = Quantity.of("column", "j", "j");
  private static final Exact HUNDRED = Exact.of(100);

  /** {@return those of one cell; they take its row and its column, counted from 1} */
  static List<Measure> ofCell() {
    return List.of(
        cell("row_percentage", "p_i", Cell::ofRow)
            .in(Dimension.PERCENT)
            .slipping(slips(cell -> cell.shares("row_total"))),
        cell("column_percentage", "p_j", Cell::ofColumn)
            .in(Dimension.PERCENT)
            .slipping(slips(cell -> cell.shares("column_total"))),
        cell("percentage", "p", Cell::ofAll)
            .in(Dimension.PERCENT)
            .slipping(slips(cell -> cell.shares("n"))),
        cell("expected_count", "E", cell -> Definition.of(cell.expected()))
            .slipping(slips(Cell::otherExpected)),
        cell(
                "chi_squared_part",
                "(O-E)^2/E",
                cell -> Definition.of(cell.apart().over(cell.expected()), full(cell.context())))
            .slipping(
                slips(
                    cell ->
                        List.of(
                            new Slip(
                                Cause.DIVIDED_BY_OBSERVED,
                                cell.apart().over(new Numeral(cell.observed())))))));
  }

  private static Function<MeasureContext, List<Slip>> slips(Function<Cell, List<Slip>> ofCell) {
    return context -> Cell.of(context).map(ofCell).orElse(List.of());
  }

  private static FormulaMeasure cell(
      String key, String symbol, Function<Cell, Definition> definition) {
    return cross(
            key,
            Quantity.of(
                key, symbol, symbol.replace("_i", "ᵢ").replace("_j", "ⱼ").replace("^2", "²")),
            context ->
                Cell.of(context).map(definition).orElseGet(() -> Definition.undefined("no-cell")))
        .about(Parameter.atLeast(ROW, Exact.ONE), Parameter.atLeast(COLUMN, Exact.ONE));
  }

  /** One cell of a table, its row and column counted from 0. */
  private record Cell(MeasureContext context, CrossTable table, int row, int column) {

    static Optional<Cell> of(MeasureContext context) {
      CrossTable table = OfCounts.table(context);
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
      return new Numeral(observed()).times(new Numeral(HUNDRED)).over(new Numeral(of));
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

  private static Condition[] fitNeeds(MeasureContext context) {
    GoodnessOfFitData fit = context.data().fit().orElseThrow();
    return new Condition[] {
      Needs.that(fit.expected().size() > 1, "one-category"),
      Needs.that(
          fit.total().signum() > 0 && fit.expected().stream().allMatch(e -> e.signum() > 0),
          "expected-zero")
    };
  }

  /** {@return those of categories beside expected proportions} */
  static List<Measure> ofFit() {
    Quantity df = Quantity.of("fit_chi_squared_df", "\\mathit{df}", "df");
    return List.of(
        FormulaMeasure.of(
                "fit_chi_squared",
                Subject.FIT,
                FIT_CHI,
                s -> Definition.of(plain(E_BY_SHARE), fitNeeds(s)))
            .slipping(s -> slips(E_BY_SHARE, N, FIT_CHI)),
        FormulaMeasure.of(
                "fit_chi_squared_df",
                Subject.FIT,
                df,
                s -> Definition.of(CATEGORIES.formula().minus(number(1)), fitNeeds(s)))
            .in(Dimension.DEGREES),
        FormulaMeasure.of(
                "fit_chi_squared_p",
                Subject.FIT,
                Quantity.of("fit_chi_squared_p", "p", "p"),
                s ->
                    Definition.of(
                        new Area(
                            Distribution.CHI_SQUARED,
                            List.of(df.formula()),
                            Tail.UPPER,
                            FIT_CHI.formula()),
                        fitNeeds(s)))
            .in(Dimension.PROBABILITY));
  }
}
