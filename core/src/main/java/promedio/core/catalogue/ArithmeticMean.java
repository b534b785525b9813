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
import promedio.core.measure.Moments;
import promedio.core.measure.MeasureContext;
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
  public Quantity quantity(MeasureContext setting) {
    return ofSample ? Quantity.MEAN : setting.mean();
  }

  @Override
  public Definition definition(MeasureContext setting) {
    return Definition.of(setting.sum(setting.x()).over(setting.n()));
  }

  @Override
  public List<Slip> slips(MeasureContext setting) {
    Formula sum = setting.sum(setting.x());
    return List.of(
        new Slip(Cause.COUNT_OFF_BY_ONE, sum.over(setting.n().plus(number(-1)))),
        new Slip(Cause.COUNT_OFF_BY_ONE, sum.over(setting.n().plus(number(1)))));
  }

  @Override
  public Optional<FastPath> fast(MeasureContext setting) {
    return Optional.of(FastPath.ofMoments(Moments::mean));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of("mean");
  }
}
