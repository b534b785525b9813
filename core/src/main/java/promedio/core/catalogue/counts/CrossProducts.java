package promedio.core.catalogue.counts;

import static promedio.core.catalogue.counts.CountParts.N;
import static promedio.core.catalogue.counts.CountParts.cross;
import static promedio.core.catalogue.counts.CountParts.table;
import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Absolute;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.number.Exact;
import promedio.core.sample.CrossTable;

/**
 * χ² of two rows and two columns from their counts a, b over c, d alone: n(ad−bc)²/((a+b)(c+d)(a+c)
 * (b+d)); with the correction of Yates (1934) n(|ad−bc|−n/2)² over the same, which is not defined
 * where |ad−bc| is less than n/2, since no distance O − E is taken below 0. They are written O₁₁ to
 * O₂₂: c already counts the columns.
 */
final class CrossProducts {

  private static final Quantity A = Quantity.of("cell_11", "O_{11}", "O₁₁");
  private static final Quantity B = Quantity.of("cell_12", "O_{12}", "O₁₂");
  private static final Quantity C = Quantity.of("cell_21", "O_{21}", "O₂₁");
  private static final Quantity D = Quantity.of("cell_22", "O_{22}", "O₂₂");

  private CrossProducts() {}

  /** {@return a, b, c and d} */
  static List<Measure> named() {
    return List.of(cell(A, 0, 0), cell(B, 0, 1), cell(C, 1, 0), cell(D, 1, 1));
  }

  private static Measure cell(Quantity letter, int row, int column) {
    return cross(letter.id(), letter, s -> Definition.of(new Numeral(table(s).count(row, column))));
  }

  /** {@return χ² by this formula, of two rows and two columns} */
  static Optional<Formula> chiSquared(boolean corrected, MeasureContext context) {
    if (!CountParts.isTwoByTwo(context) || (corrected && isClose(table(context)))) {
      return Optional.empty();
    }
    Formula a = A.formula();
    Formula b = B.formula();
    Formula c = C.formula();
    Formula d = D.formula();
    Formula products = a.times(d).minus(b.times(c));
    Formula apart = corrected ? new Absolute(products).minus(N.over(number(2))) : products;
    Formula totals = a.plus(b).times(c.plus(d)).times(a.plus(c)).times(b.plus(d));
    return Optional.of(N.times(apart.power(2)).over(totals));
  }

  private static boolean isClose(CrossTable table) {
    Exact products =
        table
            .count(0, 0)
            .times(table.count(1, 1))
            .minus(table.count(0, 1).times(table.count(1, 0)));
    return products.abs().compareTo(table.total().over(2)) < 0;
  }
}
