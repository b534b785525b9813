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

/** The mean deviation Σ|x−x̄|/n from the mean. */
final class MeanDeviation extends BasicMeasure {

  MeanDeviation() {
    super("mean_deviation", Family.SPREAD, Quantity.MEAN_DEVIATION);
  }

  @Override
  public Definition definition(Setting setting) {
    Formula deviation = setting.x().minus(setting.mean().formula());
    return Definition.of(setting.sum(new Formula.Absolute(deviation)).over(setting.n()));
  }

  @Override
  public Optional<FastPath> fast(Setting setting) {
    return Optional.of(
        known ->
            known.summary().moments().isEmpty()
                ? known.summary().whyNoMoments()
                : known
                    .result(known.setting().mean())
                    .then(center -> new Result.Found(known.summary().meanDeviation(center))));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of("mean_deviation");
  }
}
