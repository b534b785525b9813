package promedio.core.catalogue;

import java.util.List;
import promedio.core.formula.Quantity;
import promedio.core.formula.Symbol;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.OrderedPlace;
import promedio.core.measure.Parameter;
import promedio.core.measure.ReachedClass;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.rules.Rule;

/**
 * The value that a share of the values does not exceed: so many percent, or so many tenths; by the
 * rule for percentiles (Hyndman and Fan 1996), in classes by interpolation. In the unit of the
 * values. Absent of frequencies that are not whole, and where it falls into an open class.
 */
final class Percentile extends BasicMeasure {

  private final Quantity argument;

  /** What the argument counts to: 100 for percent. */
  private final Exact whole;

  private Percentile(String key, Quantity argument, int whole) {
    super(key, Family.POSITION, Quantity.PERCENTILE);
    this.argument = argument;
    this.whole = Exact.of(whole);
  }

  static Percentile ofPercent() {
    return new Percentile("percentile", Quantity.PERCENT, 100);
  }

  static Percentile ofTenths() {
    return new Percentile("decile", Quantity.TENTH, 10);
  }

  /** P₉₀, and D₃. */
  @Override
  public Quantity quantity(MeasureContext context) {
    String letter = argument.equals(Quantity.TENTH) ? "D" : "P";
    String which = PlainText.of(context.argument(0));
    return Quantity.of(key(), letter + "_{" + which + "}", letter + Symbol.lowered(which));
  }

  @Override
  public List<Parameter> parameters() {
    return List.of(Parameter.within(argument, Exact.ZERO, whole));
  }

  @Override
  public Definition definition(MeasureContext context) {
    Exact share = context.argument(0).over(whole);
    return context.classes().isPresent()
        ? Definition.of(new ReachedClass(share))
        : Definition.of(
            new OrderedPlace(
                OrderedPlace.Role.PERCENTILE, context.rules().get(Rule.PERCENTILES), share));
  }
}
