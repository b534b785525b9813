package promedio.core.formula;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/**
 * The distinct values of some data, each with its frequency.
 *
 * @param tally the values
 * @param variable what they are called
 */
record TallyScope(Tally tally, Quantity variable) implements Scope {

  @Override
  public int rows() {
    return tally.size();
  }

  @Override
  public List<Quantity> variables() {
    return List.of(variable);
  }

  @Override
  public Exact weight(int row) {
    return tally.frequency(row);
  }

  @Override
  public Quantity weightSymbol() {
    return Quantity.F;
  }

  @Override
  public Optional<Exact> value(Quantity quantity, int row) {
    if (quantity.equals(variable)) {
      return Optional.of(tally.value(row));
    }
    return quantity.equals(Quantity.F) ? Optional.of(tally.frequency(row)) : Optional.empty();
  }

  @Override
  public Optional<Exact> ordered(Exact position) {
    boolean within =
        position.isWhole()
            && tally.hasPositions()
            && position.signum() > 0
            && position.compareTo(tally.total()) <= 0;
    return within ? Optional.of(tally.at(position.numerator())) : Optional.empty();
  }
}
