package promedio.core.measure;

import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.sample.Tally;

/**
 * What a hand does otherwise than the definitions say.
 *
 * @param tree what becomes of each formula before it is worked
 * @param results what becomes of the value of a quantity before it is used
 * @param sightings what becomes of what is seen; nothing where the hand would see nothing
 * @param rows the values and frequencies that sums run over, where they are others than the data's
 */
public record Rewriting(
    UnaryOperator<Formula> tree,
    Map<Quantity, UnaryOperator<Exact>> results,
    Function<InspectionResult, Optional<InspectionResult>> sightings,
    Optional<Tally> rows) {

  /** Everything as the definitions say. */
  public static final Rewriting NONE =
      new Rewriting(UnaryOperator.identity(), Map.of(), Optional::of, Optional.empty());

  public Rewriting {
    results = Map.copyOf(results);
  }

  /** {@return other values and frequencies under the sums} */
  public static Rewriting ofRows(Tally rows) {
    return new Rewriting(UnaryOperator.identity(), Map.of(), Optional::of, Optional.of(rows));
  }

  /** {@return another formula in the place of a part, wherever it stands} */
  public static Rewriting ofPart(Formula part, Formula other) {
    return NONE.withTree(formula -> formula.replacing(part, other));
  }

  /** {@return quantities that come to something else} */
  public static Rewriting ofResults(Map<Quantity, UnaryOperator<Exact>> results) {
    return new Rewriting(UnaryOperator.identity(), results, Optional::of, Optional.empty());
  }

  /** {@return something else seen} */
  public static Rewriting ofSightings(
      Function<InspectionResult, Optional<InspectionResult>> sightings) {
    return new Rewriting(UnaryOperator.identity(), Map.of(), sightings, Optional.empty());
  }

  /** {@return the value of the quantity rounded before it is used} */
  public static Rewriting rounded(Quantity quantity, int places, Rounding rounding) {
    return ofResults(Map.of(quantity, value -> Exact.of(value.rounded(places, rounding))));
  }

  /** {@return whether everything is as the definitions say} */
  public boolean isNone() {
    return results.isEmpty()
        && rows.isEmpty()
        && tree.equals(NONE.tree)
        && sightings.equals(NONE.sightings);
  }

  /** {@return this, and other formulas besides} */
  public Rewriting withTree(UnaryOperator<Formula> other) {
    return new Rewriting(formula -> other.apply(tree.apply(formula)), results, sightings, rows);
  }
}
