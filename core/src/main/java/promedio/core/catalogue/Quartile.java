package promedio.core.catalogue;

import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.OrderedPlace;
import promedio.core.measure.OrderedPlace.Role;
import promedio.core.measure.ReachedClass;
import promedio.core.number.Exact;
import promedio.core.rules.Rule;

/**
 * The lower or the upper quartile, by the rule for quartiles: medians of the halves (Moore and
 * McCabe; Tukey), or one of the nine of Hyndman and Fan, "Sample quantiles in statistical
 * packages", The American Statistician 50 (1996); in classes by interpolation. In the unit of the
 * values. Absent of one value that has no halves, of frequencies that are not whole, and where it
 * falls into an open class.
 */
final class Quartile extends BasicMeasure {

  private final Role role;
  private final Exact share;

  private Quartile(String key, Quantity quantity, Role role, Exact share) {
    super(key, Family.POSITION, quantity);
    this.role = role;
    this.share = share;
  }

  static Quartile lower() {
    return new Quartile("q1", Quantity.LOWER_QUARTILE, Role.LOWER_QUARTILE, Exact.of(1, 4));
  }

  static Quartile upper() {
    return new Quartile("q3", Quantity.UPPER_QUARTILE, Role.UPPER_QUARTILE, Exact.of(3, 4));
  }

  @Override
  public Definition definition(MeasureContext context) {
    return context.classes().isPresent()
        ? Definition.of(new ReachedClass(share))
        : Definition.of(new OrderedPlace(role, context.rules().get(Rule.QUARTILES), share));
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of(key());
  }
}
