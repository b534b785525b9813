package promedio.core.catalogue;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.FastPathInput;
import promedio.core.measure.Inspection;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Moments;
import promedio.core.measure.Parameter;
import promedio.core.measure.Result;
import promedio.core.measure.Trimming;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.slip.Slip;

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
  public Definition definition(MeasureContext context) {
    return Definition.of(new Trimming(context.argument(0)));
  }

  /** What is left divided by the number of all. */
  @Override
  public List<Slip> slips(MeasureContext context) {
    return new Trimming(context.argument(0)).look(context) instanceof Inspection.Numbers seen
        ? seen.sightings().stream()
            .flatMap(each -> each.rest().stream())
            .map(rest -> new Numeral(Moments.of(rest.tally()).sum()))
            .map(sum -> Slip.mixedUp("values_left", "n", sum.over(context.n())))
            .toList()
        : List.of();
  }

  @Override
  public Optional<FastPath> fast(MeasureContext context) {
    return Optional.of(this::fast);
  }

  private Result fast(FastPathInput known) {
    MeasureContext context = known.context();
    Trimming trimming = new Trimming(context.argument(0));
    Optional<Message> refusal = trimming.refusal(context);
    if (refusal.isPresent()) {
      return new Result.Absent(refusal.get());
    }
    BigInteger n = context.tally().total().numerator();
    BigInteger out = trimming.leftOut(context.tally()).numerator();
    Exact left = Exact.of(n.subtract(out.shiftLeft(1)));
    return new Result.Found(
        known
            .summary()
            .sumOfFirst(n.subtract(out))
            .minus(known.summary().sumOfFirst(out))
            .over(left));
  }
}
