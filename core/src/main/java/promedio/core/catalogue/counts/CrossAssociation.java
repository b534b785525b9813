package promedio.core.catalogue.counts;

import static promedio.core.catalogue.counts.CountParts.E;
import static promedio.core.catalogue.counts.CountParts.N;
import static promedio.core.catalogue.counts.CountParts.chiSquared;
import static promedio.core.catalogue.counts.CountParts.cross;
import static promedio.core.catalogue.counts.CountParts.full;
import static promedio.core.catalogue.counts.CountParts.table;
import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.number.Exact;
import promedio.core.sample.CrossTable;

/**
 * How closely rows and columns of counts go together, by χ² without a correction: φ = √(χ²/n) of
 * two rows and two columns, V = √(χ²/(n·(min(r,c)−1))) (Cramér 1946), C = √(χ²/(χ²+n)) (Pearson
 * 1904); and the smallest expected count. Without units, from 0 to 1. Absent where a row or a
 * column is empty.
 */
public final class CrossAssociation {

  private static final Quantity CHI = Quantity.of("plain_chi_squared", "\\chi^2", "χ²");
  private static final Quantity FEWER = Quantity.of("fewer", "\\min(r,c)", "min(r, c)");
  private static final Quantity PHI = Quantity.of("phi", "\\varphi", "φ");
  private static final Quantity V = Quantity.of("cramers_v", "V", "V");
  private static final Quantity C = Quantity.of("contingency", "C", "C");
  private static final Quantity SMALLEST = Quantity.of("smallest_expected", "E_{\\min}", "min E");

  private CrossAssociation() {}

  /** {@return χ² without a correction and min(r, c), which formulas name} */
  public static List<Measure> named() {
    return List.of(
        cross("plain_chi_squared", CHI, s -> Definition.of(chiSquared(E), full(s)))
            .by(Method.SQUARES_OVER_EXPECTED, CountParts.bySquares(E))
            .by(Method.CROSS_PRODUCTS, s -> CrossProducts.chiSquared(false, s)),
        cross(
            "fewer",
            FEWER,
            s ->
                Definition.of(
                    number(Math.min(table(s).rows().size(), table(s).columns().size())))));
  }

  /** {@return φ, V, C and the smallest expected count} */
  public static List<Measure> all() {
    Formula chi = CHI.formula();
    Formula v = chi.over(N.times(FEWER.formula().minus(number(1)))).root();
    return List.of(
        cross(
            "phi",
            PHI,
            s ->
                CountParts.isTwoByTwo(s)
                    ? Definition.of(chi.over(N).root(), full(s))
                    : Definition.undefined("not-two-by-two")),
        cross("cramers_v", V, s -> Definition.of(v, full(s))),
        cross("contingency", C, s -> Definition.of(chi.over(chi.plus(N)).root(), full(s))),
        cross("smallest_expected", SMALLEST, s -> Definition.of(smallest(table(s)), full(s))));
  }

  /** The least row total times the least column total, over n. */
  private static Formula smallest(CrossTable table) {
    Exact row = least(table.rows().size(), table::rowTotal);
    Exact column = least(table.columns().size(), table::columnTotal);
    return new Numeral(row).times(new Numeral(column)).over(N);
  }

  private static Exact least(int lines, IntFunction<Exact> total) {
    return IntStream.range(0, lines).mapToObj(total).min(Exact::compareTo).orElseThrow();
  }
}
