package promedio.core.working;

import java.util.List;
import promedio.core.formula.OneVariable;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;

/**
 * The rows of a working's table, as what its sums run over.
 *
 * @param all the rows
 * @param variable what their values are called: x, or m of classes
 */
record WorkRows(List<WorkRow> all, Quantity variable) implements OneVariable {

  WorkRows {
    all = List.copyOf(all);
  }

  @Override
  public int rows() {
    return all.size();
  }

  @Override
  public Exact x(int row) {
    return all.get(row).x();
  }

  @Override
  public Exact weight(int row) {
    return all.get(row).f();
  }
}
