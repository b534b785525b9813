package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Ordered;
import promedio.core.number.Exact;
import promedio.core.rules.QuantileRule;
import promedio.core.sample.Tally;

/**
 * A place among the values in order: of the median, of a quartile or of a percentile.
 *
 * @param role which of them
 * @param rule the rule by which quartiles and percentiles are found
 * @param share which share of the values it cuts off, from 0 to 1
 */
public record OrderedPlace(Role role, QuantileRule rule, Exact share) implements Inspection {

  private static final Exact HALF = Exact.of(1, 2);

  /** What stands at the place. */
  public enum Role {
    MEDIAN,
    LOWER_QUARTILE,
    UPPER_QUARTILE,
    PERCENTILE
  }

  /** {@return where it lies among these values; nowhere for one value that has no halves} */
  public Optional<QuantilePosition> place(Quantiles quantiles) {
    return switch (role) {
      case MEDIAN -> Optional.of(quantiles.median());
      case LOWER_QUARTILE -> quantiles.lower(rule);
      case UPPER_QUARTILE -> quantiles.upper(rule);
      case PERCENTILE -> Optional.of(QuantilePosition.of(rule, quantiles.n(), share));
    };
  }

  @Override
  public Set<Method> methods() {
    return Set.of(Method.CROSSING_OFF, Method.CUMULATIVE);
  }

  @Override
  public Seen look(MeasureContext context) {
    Tally tally = context.tally();
    if (tally.isEmpty() || !tally.hasPositions()) {
      return Inspection.nothing(tally.isEmpty() ? "no-values" : "no-positions");
    }
    Quantiles quantiles = new Quantiles(tally);
    return place(quantiles)
        .<Seen>map(
            place ->
                new Numbers(List.of(InspectionResult.of(Map.of(), formula(place, quantiles.n())))))
        .orElseGet(() -> Inspection.nothing("one-value-no-halves"));
  }

  /**
   * {@return the value at a place, or between two values, as a formula}
   *
   * @param n how many values there are, which positions are held within
   */
  static Formula formula(QuantilePosition place, BigInteger n) {
    BigInteger below = place.below().max(BigInteger.ONE).min(n);
    BigInteger above = place.below().add(BigInteger.ONE).max(BigInteger.ONE).min(n);
    if (place.share().signum() == 0 || below.equals(above)) {
      return at(below);
    }
    if (place.share().equals(Exact.ONE)) {
      return at(above);
    }
    return place.share().equals(HALF)
        ? at(below).plus(at(above)).over(number(2))
        : at(below).plus(new Numeral(place.share()).times(at(above).minus(at(below))));
  }

  private static Formula at(BigInteger position) {
    return new Ordered(new Numeral(Exact.of(position)));
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.orderedPlace(this);
  }
}
