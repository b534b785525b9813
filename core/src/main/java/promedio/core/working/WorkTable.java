package promedio.core.working;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;

/**
 * The table of a working: a row for each value, and the totals.
 *
 * @param columns what each column holds, x first
 * @param rows the entries, row by row
 * @param totals the total of each column; none where it means nothing, as of x in a table with
 *     frequencies
 */
public record WorkTable(
    List<Formula> columns, List<List<Exact>> rows, List<Optional<Exact>> totals) {

  public WorkTable {
    columns = List.copyOf(columns);
    rows = rows.stream().map(List::copyOf).toList();
    totals = List.copyOf(totals);
  }

  private static final Formula X = new Formula.Named(Quantity.X);

  /**
   * {@return what the deviations of the values from something add up to, where they are a column}
   */
  public Optional<Exact> totalOfDeviations() {
    for (int i = 0; i < columns.size(); i++) {
      boolean deviations =
          columns.get(i) instanceof Formula.Operation operation
              && operation.operator() == Formula.Operator.MINUS
              && operation.left().equals(X);
      if (deviations) {
        return totals.get(i);
      }
    }
    return Optional.empty();
  }
}
