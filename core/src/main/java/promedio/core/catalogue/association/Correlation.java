package promedio.core.catalogue.association;

import static promedio.core.catalogue.association.PairParts.N;
import static promedio.core.catalogue.association.PairParts.SXX;
import static promedio.core.catalogue.association.PairParts.SXY;
import static promedio.core.catalogue.association.PairParts.SYY;
import static promedio.core.catalogue.association.PairParts.measure;
import static promedio.core.catalogue.association.PairParts.pairs;
import static promedio.core.catalogue.association.PairParts.xVaries;
import static promedio.core.catalogue.association.PairParts.yVaries;
import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Measure;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The correlation r = Sxy/√(Sxx·Syy) (Pearson 1895), from −1 to 1, and the coefficient of
 * determination r², from 0 to 1. Without a unit. Absent of fewer than two pairs, and where x or y
 * does not vary.
 */
public final class Correlation {

  static final Quantity CORRELATION = Quantity.of("correlation", "r", "r");
  static final Quantity DETERMINATION = Quantity.of("determination", "r^2", "r²");

  private static final Formula SQUARES = SXX.formula().times(SYY.formula());

  private Correlation() {}

  /** {@return r and r²} */
  public static List<Measure> all() {
    Condition[] needs = {pairs(2), xVaries(), yVaries()};
    return List.of(
        measure("correlation", CORRELATION, SXY.formula().over(SQUARES.root()), needs)
            .slipping(s -> slips(s.isPopulation() ? N : N.minus(number(1)))),
        measure("determination", DETERMINATION, SXY.formula().power(2).over(SQUARES), needs));
  }

  private static List<Slip> slips(Formula divisor) {
    Formula oneLess = N.minus(number(1));
    return List.of(
        new Slip(Cause.DIVISORS_MIXED, CORRELATION.formula().times(N).over(oneLess)),
        new Slip(Cause.DIVISORS_MIXED, CORRELATION.formula().times(oneLess).over(N)),
        new Slip(Cause.ROOT_NOT_TAKEN, SXY.formula().over(SQUARES)),
        new Slip(Cause.ROOT_NOT_TAKEN, SXY.formula().times(divisor).over(SQUARES)));
  }
}
