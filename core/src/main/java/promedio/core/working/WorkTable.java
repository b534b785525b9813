package promedio.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;

/**
 * The table of a working: a row for each value, and the totals.
 *
 * @param labels what each row is called; empty where rows have no names, as single values
 * @param columns what each column holds, x first
 * @param rows the entries, row by row
 * @param totals the total of each column; none where it means nothing, as of x in a table with
 *     frequencies
 */
public record WorkTable(
    List<RowLabel> labels,
    List<Formula> columns,
    List<List<Exact>> rows,
    List<Optional<Exact>> totals) {

  public WorkTable {
    labels = List.copyOf(labels);
    columns = List.copyOf(columns);
    rows = rows.stream().map(List::copyOf).toList();
    totals = List.copyOf(totals);
  }

  /** {@return what the deviations of all values from their mean add up to, where they stand} */
  public Optional<Exact> totalOfDeviations() {
    Formula f = Quantity.F.formula();
    boolean weighted = columns.contains(f);
    for (int i = 0; i < columns.size(); i++) {
      Formula column = columns.get(i);
      if (weighted ? isCancelling(column, f) : Columns.isFromMean(column)) {
        return totals.get(i);
      }
    }
    return Optional.empty();
  }

  /** Whether the column holds deviations from the mean, each so often as it counts. */
  static boolean isCancelling(Formula column, Formula f) {
    return column instanceof Formula.Operation product
        && product.operator() == Formula.Operator.TIMES
        && product.left().equals(f)
        && Columns.isFromMean(product.right());
  }

  /** {@return what the frequencies add up to, where they are a column} */
  public Optional<Exact> totalOfFrequencies() {
    int column = columns.indexOf(Quantity.F.formula());
    return column < 0 ? Optional.empty() : totals.get(column);
  }

  /** {@return the columns, from 0, that a step adds up or whose totals it uses} */
  public List<Integer> columnsOf(WorkingStep step) {
    List<Integer> found = new ArrayList<>();
    if (step instanceof WorkingStep.Computed computed) {
      for (Formula part : computed.symbols().parts()) {
        int column = part instanceof Formula.Sum sum ? columns.indexOf(sum.body()) : -1;
        if (column >= 0) {
          found.add(column);
        }
      }
    } else if (step instanceof WorkingStep.Given agreed) {
      int column = columns.indexOf(agreed.left());
      if (column >= 0) {
        found.add(column);
      }
    } else if (step instanceof WorkingStep.Seen) {
      int cumulative = columns.indexOf(Quantity.CUMULATIVE.formula());
      found.add(cumulative >= 0 ? cumulative : columns.size() - 1);
    }
    return found;
  }
}
