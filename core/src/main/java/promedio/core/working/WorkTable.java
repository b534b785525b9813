package promedio.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable.Interval;

/**
 * The table of a working: a row for each value, and the totals.
 *
 * @param classes the class of each row, where the data are classes; otherwise empty
 * @param columns what each column holds, x first
 * @param rows the entries, row by row
 * @param totals the total of each column; none where it means nothing, as of x in a table with
 *     frequencies
 */
public record WorkTable(
    List<Interval> classes,
    List<Formula> columns,
    List<List<Exact>> rows,
    List<Optional<Exact>> totals) {

  public WorkTable {
    classes = List.copyOf(classes);
    columns = List.copyOf(columns);
    rows = rows.stream().map(List::copyOf).toList();
    totals = List.copyOf(totals);
  }

  /**
   * {@return what the deviations of all values from something add up to, where they are a column}
   */
  public Optional<Exact> totalOfDeviations() {
    for (int i = 0; i < columns.size(); i++) {
      boolean deviations =
          columns.get(i) instanceof Formula.Operation operation
              && operation.operator() == Formula.Operator.MINUS
              && operation.left().equals(columns.get(0))
              && !(operation.right() instanceof Formula.Numeral);
      if (deviations) {
        return weighted(i);
      }
    }
    return Optional.empty();
  }

  /** {@return what the frequencies add up to, where they are a column} */
  public Optional<Exact> totalOfFrequencies() {
    int column = columns.indexOf(Quantity.F.formula());
    return column < 0 ? Optional.empty() : totals.get(column);
  }

  private Optional<Exact> weighted(int deviations) {
    int frequencies = columns.indexOf(Quantity.F.formula());
    if (frequencies < 0) {
      return totals.get(deviations);
    }
    Exact total = Exact.ZERO;
    for (List<Exact> row : rows) {
      total = total.plus(row.get(deviations).times(row.get(frequencies)));
    }
    return Optional.of(total);
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
    } else if (step instanceof WorkingStep.Agreed agreed) {
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
