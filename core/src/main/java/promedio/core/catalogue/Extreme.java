package promedio.core.catalogue;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Ordered;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.FastPathInput;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.Tally;

/**
 * The smallest or the largest value; in classes the lowest or the highest boundary. In the unit of
 * the values. Absent where that class is open.
 */
final class Extreme extends BasicMeasure {

  private final boolean smallest;

  private Extreme(String key, Quantity quantity, boolean smallest) {
    super(key, Family.POSITION, quantity);
    this.smallest = smallest;
  }

  static Extreme smallest() {
    return new Extreme("min", Quantity.SMALLEST, true);
  }

  static Extreme largest() {
    return new Extreme("max", Quantity.LARGEST, false);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return context
        .classes()
        .map(grouped -> boundary(grouped.intervals()))
        .orElseGet(
            () -> Definition.of(new Ordered(smallest ? Formula.number(1) : Quantity.N.formula())));
  }

  private Definition boundary(List<Interval> intervals) {
    Optional<Exact> found =
        smallest ? intervals.get(0).lower() : intervals.get(intervals.size() - 1).upper();
    return found
        .map(Numeral::new)
        .<Definition>map(Definition::of)
        .orElseGet(() -> Definition.undefined(smallest ? "first-class-open" : "last-class-open"));
  }

  /**
   * Values have a smallest one even where frequencies that are not whole give them no positions.
   */
  @Override
  public Optional<FastPath> fast(MeasureContext context) {
    return context.classes().isPresent() ? Optional.empty() : Optional.of(this::endOfTally);
  }

  private Result endOfTally(FastPathInput known) {
    Tally tally = known.context().tally();
    return new Result.Found(tally.value(smallest ? 0 : tally.size() - 1));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of(key());
  }
}
