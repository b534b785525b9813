package promedio.core.catalogue;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.Result;
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
  public Quantity quantity(MeasureContext context) {
    return ofSample ? Quantity.STANDARD_DEVIATION : context.sd();
  }

  @Override
  public Definition definition(MeasureContext context) {
    Formula variance = ofSample ? context.varianceOfSample() : context.uncorrectedVariance();
    return Definition.of(
        context.corrected(variance).root(), Variance.needs(variance, byOneLess(context), context));
  }

  /** h·√…, but with Sheppard's correction the root of the whole. */
  @Override
  public Optional<Definition.ByFormula> way(Method method, MeasureContext context) {
    if (method == Method.MEAN_SQUARE) {
      Formula variance = Variance.byMeanSquare(byOneLess(context), context);
      return Optional.of(Definition.of(context.corrected(variance).root()));
    }
    return CodedRows.ofSquares(method, context)
        .map(
            rows -> {
              Formula variance = Variance.overDivisor(rows, byOneLess(context), context);
              Formula scaled = rows.scaled(variance, 2);
              Formula corrected = context.corrected(scaled);
              return Definition.of(
                  corrected.equals(scaled) ? rows.scaled(variance.root(), 1) : corrected.root());
            });
  }

  private boolean byOneLess(MeasureContext context) {
    return ofSample || !context.isPopulation();
  }

  private Quantity variance(MeasureContext context) {
    return ofSample ? Quantity.VARIANCE : context.variance();
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return List.of(
        new Slip(Cause.ROOT_NOT_TAKEN, context.variance().formula()),
        new Slip(Cause.DEVIATIONS_NOT_SQUARED, Quantity.MEAN_DEVIATION.formula()),
        new Slip(Cause.RANGE_RULE, Quantity.RANGE.formula().over(Formula.number(4))));
  }

  @Override
  public Optional<FastPath> fast(MeasureContext context) {
    return Optional.of(
        known ->
            known
                .result(variance(known.context()))
                .then(variance -> new Result.Found(variance.sqrt())));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of(key());
  }
}
