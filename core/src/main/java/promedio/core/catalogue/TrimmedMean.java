package promedio.core.catalogue;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.Known;
import promedio.core.measure.Parameter;
import promedio.core.measure.Result;
import promedio.core.measure.Setting;
import promedio.core.measure.Trimming;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/**
 * The mean after ⌊n·p⌋ values are left out at each end. In the unit of the values. Absent of a
 * class table, of frequencies that are not whole, and where nothing is left.
 */
final class TrimmedMean extends BasicMeasure {

  TrimmedMean() {
    super("trimmed_mean", Family.POSITION, Quantity.TRIMMED_MEAN);
  }

  @Override
  public List<Parameter> parameters() {
    return List.of(Parameter.atLeast(Quantity.PROPORTION, Exact.ZERO));
  }

  @Override
  public Definition definition(Setting setting) {
    return Definition.of(new Trimming(setting.argument(0)));
  }

  @Override
  public Optional<FastPath> fast(Setting setting) {
    return Optional.of(this::fast);
  }

  private Result fast(Known known) {
    Setting setting = known.setting();
    Tally tally = setting.tally();
    if (setting.classes().isPresent() || !tally.hasPositions()) {
      return Result.absent(setting.classes().isPresent() ? "classes-not-trimmed" : "no-positions");
    }
    BigInteger n = tally.total().numerator();
    BigInteger out = new Trimming(setting.argument(0)).leftOut(tally).numerator();
    BigInteger left = n.subtract(out.shiftLeft(1));
    return left.signum() <= 0
        ? Result.absent("nothing-left")
        : new Result.Found(
            known
                .summary()
                .sumOfFirst(n.subtract(out))
                .minus(known.summary().sumOfFirst(out))
                .over(Exact.of(left)));
  }
}
