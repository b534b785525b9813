package promedio.core.catalogue;

import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.FastPathInput;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Result;

/**
 * The mean deviation Σ|x−c|/n from a centre c: the mean, or the median. In the unit of the values,
 * at least 0. Absent where the centre is.
 */
final class MeanDeviation extends BasicMeasure {

  private final boolean fromMedian;

  private MeanDeviation(String key, Quantity quantity, boolean fromMedian) {
    super(key, Family.SPREAD, quantity);
    this.fromMedian = fromMedian;
  }

  static Measure fromMean() {
    return new MeanDeviation("mean_deviation", Quantity.MEAN_DEVIATION, false);
  }

  static Measure fromMedian() {
    return new MeanDeviation("mean_deviation_median", Quantity.MEDIAN_DEVIATION, true);
  }

  private Quantity centre(MeasureContext context) {
    return fromMedian ? Quantity.MEDIAN : context.mean();
  }

  @Override
  public Definition definition(MeasureContext context) {
    Formula deviation = context.x().minus(centre(context).formula());
    return Definition.of(context.sum(new Formula.Absolute(deviation)).over(context.n()));
  }

  @Override
  public Optional<FastPath> fast(MeasureContext context) {
    return Optional.of(this::fast);
  }

  private Result fast(FastPathInput known) {
    return known.summary().moments().isEmpty()
        ? known.summary().whyNoMoments()
        : known
            .result(centre(known.context()))
            .then(centre -> new Result.Found(known.summary().meanDeviation(centre)));
  }

  /** Nobody gives the one from the median for another measure. */
  @Override
  public Optional<String> givenForAnother() {
    return fromMedian ? Optional.empty() : Optional.of(key());
  }
}
