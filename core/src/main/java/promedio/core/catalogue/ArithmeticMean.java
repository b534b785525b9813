package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

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
import promedio.core.measure.Moments;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The mean Σx/n; Σfx/Σf of a table, Σfm/Σf of classes. In the unit of the values, between the
 * smallest and the largest. Absent of classes of which one that is open needs a midpoint.
 */
final class ArithmeticMean extends BasicMeasure {

  /** Whether it is that of a sample whatever the rule says, as inference wants it. */
  private final boolean ofSample;

  private ArithmeticMean(boolean ofSample) {
    super("mean", Family.POSITION, Quantity.MEAN);
    this.ofSample = ofSample;
  }

  static ArithmeticMean byRule() {
    return new ArithmeticMean(false);
  }

  static ArithmeticMean ofSample() {
    return new ArithmeticMean(true);
  }

  @Override
  public Quantity quantity(MeasureContext context) {
    return ofSample ? Quantity.MEAN : context.mean();
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(context.sum(context.x()).over(context.n()));
  }

  /** A + Σd/n. */
  @Override
  public Optional<Definition.ByFormula> way(Method method, MeasureContext context) {
    return CodedRows.of(method)
        .map(
            rows -> {
              Formula meanOfRows = context.sum(rows.row()).over(context.n());
              return Definition.of(
                  Quantity.ASSUMED_MEAN.formula().plus(rows.scaled(meanOfRows, 1)));
            });
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    Formula sum = context.sum(context.x());
    return List.of(
        new Slip(Cause.COUNT_OFF_BY_ONE, sum.over(context.n().plus(number(-1)))),
        new Slip(Cause.COUNT_OFF_BY_ONE, sum.over(context.n().plus(number(1)))));
  }

  @Override
  public Optional<FastPath> fast(MeasureContext context) {
    return Optional.of(FastPath.ofMoments(Moments::mean));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of("mean");
  }
}
