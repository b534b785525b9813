package promedio.core.formula;

import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/**
 * The distinct values of some data, each with its frequency.
 *
 * @param tally the values
 * @param variable what they are called
 */
record TallyScope(Tally tally, Quantity variable) implements OneVariable {

  @Override
  public int rows() {
    return tally.size();
  }

  @Override
  public Exact x(int row) {
    return tally.value(row);
  }

  @Override
  public Exact weight(int row) {
    return tally.frequency(row);
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
