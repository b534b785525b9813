package promedio.core.working;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/** Makes the table of a working from the sums that it needs. */
final class WorkTableBuilder {

  private static final Formula X = new Formula.Named(Quantity.X);
  private static final Formula F = new Formula.Named(Quantity.F);

  private final Tally tally;
  private final boolean frequencies;
  private final Evaluation evaluation;
  private final UnaryOperator<Exact> rounding;
  private final Set<Formula> columns = new LinkedHashSet<>();

  /**
   * Makes one.
   *
   * @param frequencies whether a row is a value with its frequency, or each value of its own
   * @param rounding what is done to every entry that is computed
   */
  WorkTableBuilder(
      Tally tally, boolean frequencies, Evaluation evaluation, UnaryOperator<Exact> rounding) {
    this.tally = tally;
    this.frequencies = frequencies;
    this.evaluation = evaluation;
    this.rounding = rounding;
  }

  /** {@return the total of the body over all rows, whose columns the table then has} */
  Optional<Exact> add(Formula body) {
    Exact total = Exact.ZERO;
    for (int i = 0; i < tally.size(); i++) {
      Optional<Exact> entry = entry(body, i);
      if (entry.isEmpty() || !entry.get().isRational()) {
        return Optional.empty();
      }
      total = total.plus(frequencies ? entry.get() : entry.get().times(tally.frequency(i)));
    }
    addColumns(body);
    return Optional.of(total);
  }

  /** Before (x−x̄)² comes x−x̄, before f·(x−x̄)² comes (x−x̄)². */
  private void addColumns(Formula body) {
    before(body).ifPresent(this::addColumns);
    if (!body.equals(X) && !body.equals(F)) {
      columns.add(body);
    }
  }

  /** {@return the column that the hand makes this one of} */
  private static Optional<Formula> before(Formula column) {
    if (column instanceof Formula.Power power) {
      return Optional.of(power.base());
    }
    if (column instanceof Formula.Absolute absolute) {
      return Optional.of(absolute.body());
    }
    return isWeighted(column)
        ? Optional.of(((Formula.Operation) column).right())
        : Optional.empty();
  }

  private static boolean isWeighted(Formula column) {
    return column instanceof Formula.Operation operation
        && operation.operator() == Formula.Operator.TIMES
        && operation.left().equals(F);
  }

  /** {@return the column made of this value of the one before it} */
  private static Formula made(Formula column, Formula value) {
    if (column instanceof Formula.Power power) {
      return new Formula.Power(value, power.exponent());
    }
    return column instanceof Formula.Absolute ? new Formula.Absolute(value) : F.times(value);
  }

  /** Each entry is made of the entries before it as they stand there, rounded if they are. */
  private Optional<Exact> entry(Formula column, int row) {
    Optional<Formula> before = before(column);
    Formula now = column;
    if (before.isPresent()) {
      Optional<Exact> value = entry(before.get(), row);
      if (value.isEmpty()) {
        return value;
      }
      now = made(column, new Formula.Numeral(value.get()));
    }
    Optional<Exact> value = evaluation.inRow(now, tally.value(row), tally.frequency(row));
    return column.equals(X) || column.equals(F) ? value : value.map(rounding);
  }

  private static Exact total(List<List<Exact>> rows, int column) {
    Exact total = Exact.ZERO;
    for (List<Exact> row : rows) {
      total = total.plus(row.get(column));
    }
    return total;
  }

  /** {@return the table; none where no sum is needed} */
  Optional<WorkTable> build() {
    if (columns.isEmpty()) {
      return Optional.empty();
    }
    List<Formula> all = new ArrayList<>(frequencies ? List.of(X, F) : List.of(X));
    all.addAll(columns);
    List<List<Exact>> rows = new ArrayList<>();
    for (int i = 0; i < tally.size(); i++) {
      List<Exact> cells = new ArrayList<>();
      for (Formula column : all) {
        cells.add(entry(column, i).orElse(Exact.ZERO));
      }
      int times = frequencies ? 1 : tally.frequency(i).numerator().intValueExact();
      for (int time = 0; time < times; time++) {
        rows.add(cells);
      }
    }
    List<Optional<Exact>> totals = new ArrayList<>();
    for (int column = 0; column < all.size(); column++) {
      boolean counts = !frequencies || all.get(column).mentions(Quantity.F);
      totals.add(counts ? Optional.of(total(rows, column)) : Optional.empty());
    }
    return Optional.of(new WorkTable(all, rows, totals));
  }
}
