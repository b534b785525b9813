package promedio.core.formula;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.number.Exact;

/**
 * One row by itself.
 *
 * @param values what it gives
 */
record SingleRow(Map<Quantity, Exact> values) implements Scope {

  SingleRow {
    values = Map.copyOf(values);
  }

  @Override
  public int rows() {
    return 1;
  }

  @Override
  public List<Quantity> variables() {
    return List.copyOf(values.keySet());
  }

  @Override
  public Exact weight(int row) {
    return values.getOrDefault(Quantity.F, Exact.ONE);
  }

  @Override
  public Optional<Exact> value(Quantity quantity, int row) {
    return Optional.ofNullable(values.get(quantity));
  }
}
