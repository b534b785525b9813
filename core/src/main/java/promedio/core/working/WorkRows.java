package promedio.core.working;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.formula.Scope;
import promedio.core.number.Exact;

/**
 * The rows of a working's table, as what its sums run over.
 *
 * @param all the rows
 * @param variable what their values are called: x, or m of classes
 */
record WorkRows(List<WorkRow> all, Quantity variable) implements Scope {

  WorkRows {
    all = List.copyOf(all);
  }

  @Override
  public int rows() {
    return all.size();
  }

  @Override
  public List<Quantity> variables() {
    return List.of(variable);
  }

  @Override
  public Exact weight(int row) {
    return all.get(row).f();
  }

  @Override
  public Quantity weightSymbol() {
    return Quantity.F;
  }

  @Override
  public Optional<Exact> value(Quantity quantity, int row) {
    if (quantity.equals(variable)) {
      return Optional.of(all.get(row).x());
    }
    return quantity.equals(Quantity.F) ? Optional.of(all.get(row).f()) : Optional.empty();
  }
}
