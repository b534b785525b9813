package promedio.core.catalogue.counts;

import static promedio.core.catalogue.counts.CountParts.E;
import static promedio.core.catalogue.counts.CountParts.chiSquared;
import static promedio.core.catalogue.counts.CountParts.cross;
import static promedio.core.catalogue.counts.CountParts.full;
import static promedio.core.catalogue.counts.CountParts.table;
import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Area;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.SeveralQuantities;
import promedio.core.rules.Rule;
import promedio.core.rules.Yates;
import promedio.core.sample.Subject;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The test whether rows and columns have to do with each other: χ² = Σ(O−E)²/E (Pearson 1900), of
 * two rows and two columns with the correction of Yates (1934) where the rule is on, with
 * (r−1)(c−1) degrees of freedom, and its p. Without units. Absent where a row or a column is empty.
 */
public final class Independence {

  /** As the rule wants it. */
  private static final Quantity CHI = Quantity.of("chi_squared", "\\chi^2", "χ²");

  private static final Quantity DF = Quantity.of("chi_squared_df", "\\mathit{df}", "df");
  private static final Quantity P = Quantity.of("chi_squared_p", "p", "p");
  private static final Quantity ROWS = Quantity.of("rows", "r", "r");
  private static final Quantity COLUMNS = Quantity.of("columns", "c", "c");

  private Independence() {}

  /** {@return n, r, c and the counts by letters, which formulas name and no question asks for} */
  public static List<Measure> named() {
    return Stream.concat(sizes().stream(), CrossProducts.named().stream()).toList();
  }

  private static List<Measure> sizes() {
    return List.of(
        CountParts.counted(Subject.CROSS),
        cross("r", ROWS, s -> Definition.of(number(table(s).rows().size()))),
        cross("c", COLUMNS, s -> Definition.of(number(table(s).columns().size()))));
  }

  /** {@return χ², its degrees of freedom and p} */
  public static List<Measure> all() {
    Formula product = ROWS.formula().times(COLUMNS.formula());
    Formula degrees = ROWS.formula().minus(number(1)).times(COLUMNS.formula().minus(number(1)));
    Formula area =
        new Area(Distribution.CHI_SQUARED, List.of(DF.formula()), Tail.UPPER, CHI.formula());
    return List.of(
        cross("chi_squared", CHI, s -> Definition.of(statistic(s), full(s)))
            .by(Method.SQUARES_OVER_EXPECTED, s -> bySquares(isCorrected(s)))
            .by(Method.CROSS_PRODUCTS, s -> CrossProducts.chiSquared(isCorrected(s), s))
            .slipping(s -> CountParts.slips(E, CHI)),
        cross("chi_squared_df", DF, s -> Definition.of(degrees, full(s)))
            .in(Dimension.DEGREES)
            .slipping(
                new Slip(Cause.DF_AS_PRODUCT, product),
                new Slip(Cause.DF_AS_PRODUCT, product.minus(number(1)))),
        cross("chi_squared_p", P, s -> Definition.of(area, full(s))).in(Dimension.PROBABILITY));
  }

  private static Formula statistic(MeasureContext context) {
    return isCorrected(context)
        ? new Sum(SeveralQuantities.CORRECTED_DISTANCE.formula().power(2).over(E))
        : chiSquared(E);
  }

  private static Optional<Formula> bySquares(boolean isCorrected) {
    return isCorrected ? Optional.empty() : Optional.of(CountParts.bySquares(E));
  }

  private static boolean isCorrected(MeasureContext context) {
    return CountParts.isTwoByTwo(context) && context.rules().get(Rule.YATES) == Yates.ON;
  }
}
