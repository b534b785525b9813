package promedio.core.measure;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;

/**
 * What was seen where one looked: numbers with their names, and the formula that they go into.
 *
 * @param row the row that was found, from 0; −1 where it is none
 * @param found what was found, by name
 * @param formula what is made of it
 * @param rest the values that are left, where some were left out
 */
public record InspectionResult(
    int row, Map<Quantity, Exact> found, Formula formula, Optional<Sample> rest) {

  public InspectionResult {
    found = Map.copyOf(found);
  }

  /** {@return numbers and what is made of them} */
  static InspectionResult of(Map<Quantity, Exact> found, Formula formula) {
    return new InspectionResult(-1, found, formula, Optional.empty());
  }

  /** {@return numbers that a row gave, and what is made of them} */
  static InspectionResult of(int row, Map<Quantity, Exact> found, Formula formula) {
    return new InspectionResult(row, found, formula, Optional.empty());
  }

  /** {@return the same with another number under a name} */
  public InspectionResult with(Quantity quantity, Exact value) {
    Map<Quantity, Exact> changed = new HashMap<>(found);
    changed.put(quantity, value);
    return new InspectionResult(row, changed, formula, rest);
  }

  /** {@return the same with another formula} */
  public InspectionResult with(Formula other) {
    return new InspectionResult(row, found, other, rest);
  }
}
