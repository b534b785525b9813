package promedio.core.catalogue;

import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.Result;
import promedio.core.measure.Setting;

/** The mean deviation Σ|x−Md|/n from the median. */
final class MeanDeviationFromMedian extends BasicMeasure {

  MeanDeviationFromMedian() {
    super("mean_deviation_median", Family.SPREAD, Quantity.MEDIAN_DEVIATION);
  }

  @Override
  public Definition definition(Setting setting) {
    Formula deviation = setting.x().minus(Quantity.MEDIAN.formula());
    return Definition.of(setting.sum(new Formula.Absolute(deviation)).over(setting.n()));
  }

  @Override
  public Optional<FastPath> fast(Setting setting) {
    return Optional.of(
        known ->
            known.summary().moments().isEmpty()
                ? known.summary().whyNoMoments()
                : known
                    .result(Quantity.MEDIAN)
                    .then(center -> new Result.Found(known.summary().meanDeviation(center))));
  }
}
