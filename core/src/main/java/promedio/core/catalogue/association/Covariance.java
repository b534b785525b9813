package promedio.core.catalogue.association;

import static promedio.core.catalogue.association.PairParts.N;
import static promedio.core.catalogue.association.PairParts.SXY;
import static promedio.core.catalogue.association.PairParts.X;
import static promedio.core.catalogue.association.PairParts.Y;
import static promedio.core.catalogue.association.PairParts.pairs;
import static promedio.core.formula.Formula.number;

import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The covariance Sxy/(n−1), or Sxy/n of a population. In the unit of x times that of y, of either
 * sign. Absent by n − 1 of fewer than two pairs.
 */
public final class Covariance {

  private static final Quantity COVARIANCE = Quantity.of("covariance", "s_{xy}", "sxy");

  private Covariance() {}

  /** {@return the measure} */
  public static Measure measure() {
    Formula oneLess = N.minus(number(1));
    return PairParts.measure(
            "covariance",
            COVARIANCE,
            s ->
                Definition.of(
                    SXY.formula().over(s.isPopulation() ? N : oneLess),
                    pairs(s.isPopulation() ? 1 : 2)))
        .in(Dimension.SQUARE)
        .slipping(
            new Slip(Cause.PRODUCTS_NOT_CENTRED, new Sum(X.times(Y)).over(N)),
            new Slip(Cause.PRODUCTS_NOT_CENTRED, new Sum(X.times(Y)).over(oneLess)));
  }
}
