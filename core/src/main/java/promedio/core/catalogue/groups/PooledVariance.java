package promedio.core.catalogue.groups;

import static promedio.core.catalogue.groups.GroupParts.K;
import static promedio.core.catalogue.groups.GroupParts.N;
import static promedio.core.catalogue.groups.GroupParts.N_J;
import static promedio.core.catalogue.groups.GroupParts.VARIANCE_J;
import static promedio.core.catalogue.groups.GroupParts.degreesWithin;
import static promedio.core.catalogue.groups.GroupParts.groups;
import static promedio.core.catalogue.groups.GroupParts.measure;
import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.Moments;
import promedio.core.number.Exact;
import promedio.core.sample.Groups;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The pooled variance sₚ² = Σ(n_j−1)·s_j²/(N−k) and its root. In the square of the unit, at least
 * 0; the root in the unit. Absent where every group has one value.
 */
public final class PooledVariance {

  static final Quantity VARIANCE = Quantity.of("pooled_variance", "s_p^2", "sₚ²");
  static final Quantity SD = Quantity.of("pooled_sd", "s_p", "sₚ");

  /** More than any answer has. */
  private static final int DIGITS = 40;

  private PooledVariance() {}

  /** {@return the variance and its root} */
  public static List<Measure> all() {
    Formula pooled = new Sum(N_J.minus(number(1)).times(VARIANCE_J)).over(N.minus(K));
    return List.of(
        measure("pooled_variance", VARIANCE, pooled, degreesWithin())
            .in(Dimension.SQUARE)
            .slipping(new Slip(Cause.VARIANCES_AVERAGED, new Sum(VARIANCE_J).over(K))),
        measure("pooled_sd", SD, VARIANCE.formula().root(), degreesWithin())
            .in(Dimension.VALUE)
            .slipping(s -> deviationsAveraged(groups(s))));
  }

  /**
   * {@return the mean of the standard deviations as a mistake}; as a decimal, since their sum is no
   * root of anything
   */
  static List<Slip> deviationsAveraged(Groups groups) {
    Exact sum = Exact.ZERO;
    for (Groups.Group group : groups.samples()) {
      Moments moments = Moments.of(group.sample().tally());
      if (moments.n().equals(Exact.ONE)) {
        return List.of();
      }
      sum = sum.plus(Exact.of(moments.sampleVariance().sqrt().significant(DIGITS)));
    }
    return List.of(new Slip(Cause.SDS_AVERAGED, new Numeral(sum).over(K)));
  }
}
