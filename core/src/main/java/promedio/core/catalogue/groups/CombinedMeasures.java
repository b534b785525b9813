package promedio.core.catalogue.groups;

import static promedio.core.catalogue.groups.GroupParts.K;
import static promedio.core.catalogue.groups.GroupParts.MEAN_J;
import static promedio.core.catalogue.groups.GroupParts.N;
import static promedio.core.catalogue.groups.GroupParts.N_J;
import static promedio.core.catalogue.groups.GroupParts.VARIANCE_J;
import static promedio.core.catalogue.groups.GroupParts.groups;
import static promedio.core.catalogue.groups.GroupParts.measure;
import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.SeveralQuantities;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * Mean, variance and standard deviation of the values of all groups together, found from those of
 * the groups: x̄ = Σn_j·x̄_j/N and s² = (Σ(n_j−1)·s_j² + Σn_j·(x̄_j−x̄)²)/(N−1), or the same with
 * n_j and N. In the unit of the values, the variance in its square.
 */
public final class CombinedMeasures {

  static final Quantity MEAN = Quantity.of("combined_mean", "\\bar{x}", "x̄");

  private static final Quantity VARIANCE = Quantity.of("combined_variance", "s^2", "s²");
  private static final Quantity SD = Quantity.of("combined_sd", "s", "s");

  private CombinedMeasures() {}

  /** {@return the mean, the variance and the standard deviation} */
  public static List<Measure> all() {
    return List.of(
        measure("combined_mean", MEAN, new Sum(N_J.times(MEAN_J)).over(N))
            .in(Dimension.VALUE)
            .slipping(new Slip(Cause.MEANS_AVERAGED, new Sum(MEAN_J).over(K))),
        measure(
                "combined_variance",
                VARIANCE,
                s -> Definition.of(within(s).plus(between()).over(divisor(s))))
            .in(Dimension.SQUARE)
            .slipping(CombinedMeasures::slips),
        measure("combined_sd", SD, VARIANCE.formula().root())
            .in(Dimension.VALUE)
            .slipping(s -> PooledVariance.deviationsAveraged(groups(s))));
  }

  /** {@return Σn_j·(x̄_j−x̄)²} */
  static Formula between() {
    return new Sum(N_J.times(MEAN_J.minus(MEAN.formula()).power(2)));
  }

  private static Formula within(MeasureContext context) {
    return new Sum(
        context.isPopulation()
            ? N_J.times(variance(context))
            : N_J.minus(number(1)).times(variance(context)));
  }

  private static Formula variance(MeasureContext context) {
    return context.isPopulation()
        ? SeveralQuantities.POPULATION_VARIANCE_OF_GROUP.formula()
        : VARIANCE_J;
  }

  private static Formula divisor(MeasureContext context) {
    return context.isPopulation() ? N : N.minus(number(1));
  }

  private static List<Slip> slips(MeasureContext context) {
    return List.of(
        new Slip(Cause.VARIANCES_AVERAGED, new Sum(variance(context)).over(K)),
        new Slip(Cause.BETWEEN_LEFT_OUT, within(context).over(divisor(context))));
  }
}
