package promedio.core.catalogue.association;

import static promedio.core.catalogue.association.PairParts.N;
import static promedio.core.catalogue.association.PairParts.measure;
import static promedio.core.catalogue.association.PairParts.pairs;
import static promedio.core.catalogue.association.PairParts.quick;
import static promedio.core.catalogue.association.PairParts.turned;
import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.SeveralQuantities;
import promedio.core.sample.PairSums;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The mean of the differences d = x − y and their standard deviation by n − 1. In the unit of the
 * values. The standard deviation is absent of fewer than two pairs.
 */
public final class Differences {

  static final Quantity MEAN = Quantity.of("difference_mean", "\\bar{d}", "d̄");
  static final Quantity SD = Quantity.of("difference_sd", "s_d", "s_d");

  private static final Formula D = SeveralQuantities.DIFFERENCE.formula();

  private Differences() {}

  /** {@return the mean and the standard deviation} */
  public static List<Measure> all() {
    Formula squares = new Sum(D.minus(MEAN.formula()).power(2));
    return List.of(
        measure("difference_mean", MEAN, new Sum(D).over(N))
            .in(Dimension.VALUE)
            .quickly(quick(1, sums -> sums.meanX().minus(sums.meanY())))
            .slipping(new Slip(Cause.SIGN_REVERSED, turned(MEAN))),
        measure("difference_sd", SD, squares.over(N.minus(number(1))).root(), pairs(2))
            .in(Dimension.VALUE)
            .quickly(quick(2, PairSums::sdOfDifferences)));
  }
}
