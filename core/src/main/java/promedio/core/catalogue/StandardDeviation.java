package promedio.core.catalogue;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.Result;
import promedio.core.measure.MeasureContext;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The standard deviation, the root of the variance. In the unit of the values, at least 0. Absent
 * where the variance is.
 */
final class StandardDeviation extends BasicMeasure {

  /** Whether it is that of a sample whatever the rule says, as the standard error wants it. */
  private final boolean ofSample;

  private StandardDeviation(boolean ofSample) {
    super("sd", Family.SPREAD, Quantity.STANDARD_DEVIATION);
    this.ofSample = ofSample;
  }

  static StandardDeviation byRule() {
    return new StandardDeviation(false);
  }

  static StandardDeviation ofSample() {
    return new StandardDeviation(true);
  }

  @Override
  public Quantity quantity(MeasureContext setting) {
    return ofSample ? Quantity.STANDARD_DEVIATION : setting.sd();
  }

  @Override
  public Definition definition(MeasureContext setting) {
    Formula variance = ofSample ? setting.varianceOfSample() : setting.uncorrectedVariance();
    return Definition.of(
        setting.corrected(variance).root(),
        Variance.needs(variance, ofSample || !setting.isPopulation(), setting));
  }

  private Quantity variance(MeasureContext setting) {
    return ofSample ? Quantity.VARIANCE : setting.variance();
  }

  @Override
  public List<Slip> slips(MeasureContext setting) {
    return List.of(
        new Slip(Cause.ROOT_NOT_TAKEN, setting.variance().formula()),
        new Slip(Cause.DEVIATIONS_NOT_SQUARED, Quantity.MEAN_DEVIATION.formula()),
        new Slip(Cause.RANGE_RULE, Quantity.RANGE.formula().over(Formula.number(4))));
  }

  @Override
  public Optional<FastPath> fast(MeasureContext setting) {
    return Optional.of(
        known ->
            known
                .result(variance(known.setting()))
                .then(variance -> new Result.Found(variance.sqrt())));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of(key());
  }
}
