package promedio.core.formula;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/**
 * What Σ runs over: rows, each with the values of some quantities and a weight. A row may itself be
 * a group of rows, over which a sum inside of a sum runs.
 */
public interface Scope {

  /** {@return how many rows there are} */
  int rows();

  /** {@return the quantities that every row gives, as x, or x and y; without the weight} */
  List<Quantity> variables();

  /** {@return how often the row counts, from 0; once where nothing else is said} */
  default Exact weight(int row) {
    return Exact.ONE;
  }

  /**
   * {@return the quantity that stands for the weight in a formula: f where nothing else is said}
   */
  default Quantity weightSymbol() {
    return Quantity.F;
  }

  /** {@return the value of a quantity in the row; none where the row does not know it} */
  Optional<Exact> value(Quantity quantity, int row);

  /** {@return the rows that the row is a group of; none where it is a single one} */
  default Optional<Scope> inner(int row) {
    return Optional.empty();
  }

  /** {@return whether the values of a quantity in the rows mean something when added up} */
  default boolean addsUp(Quantity quantity) {
    return variables().contains(quantity);
  }

  /** {@return what the row is called, from 0; none where it has no name} */
  default Optional<String> name(int row) {
    return Optional.empty();
  }

  /** {@return the value at a position, from 1, when all are in order; none where they have none} */
  default Optional<Exact> ordered(Exact position) {
    return Optional.empty();
  }

  /**
   * {@return the distinct values of the tally, weighted by their frequencies f}
   *
   * @param variable what the values are called: x, or m of classes
   */
  static Scope of(Tally tally, Quantity variable) {
    return new TallyScope(tally, variable);
  }

  /** {@return a single row that counts once} */
  static Scope ofRow(Map<Quantity, Exact> values) {
    return new SingleRow(values);
  }
}
