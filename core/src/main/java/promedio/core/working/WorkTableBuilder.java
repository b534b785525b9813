package promedio.core.working;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/** Makes the table of a working from the sums that it needs. */
final class WorkTableBuilder {

  private static final Formula X = Quantity.X.formula();
  private static final Formula F = Quantity.F.formula();
  private static final Formula CUMULATIVE = Quantity.CUMULATIVE.formula();

  private final Tally tally;
  private final boolean frequencies;
  private final Evaluation evaluation;
  private final UnaryOperator<Exact> rounding;

  /** The entries of each column, one for each distinct value, in the order of the columns. */
  private final Map<Formula, List<Exact>> columns = new LinkedHashMap<>();

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
    columns.put(X, IntStream.range(0, tally.size()).mapToObj(tally::value).toList());
    if (frequencies) {
      columns.put(F, IntStream.range(0, tally.size()).mapToObj(tally::frequency).toList());
    }
  }

  /** {@return the total of the body over all rows, whose columns the table then has} */
  Optional<Exact> add(Formula body) {
    return column(body).map(entries -> total(body, entries));
  }

  /** Adds the column of the cumulative frequencies. */
  void addCumulative() {
    columns.putIfAbsent(
        CUMULATIVE, IntStream.range(0, tally.size()).mapToObj(tally::cumulative).toList());
  }

  /**
   * Before (x−x̄)² comes x−x̄, before f·(x−x̄)² comes (x−x̄)², and each entry is made of the
   * entries before it as they stand there, rounded if they are.
   */
  private Optional<List<Exact>> column(Formula body) {
    List<Exact> known = columns.get(body);
    if (known != null) {
      return Optional.of(known);
    }
    Optional<Formula> before = Columns.before(body);
    Optional<List<Exact>> made = before.isPresent() ? column(before.get()) : Optional.empty();
    if (before.isPresent() && made.isEmpty()) {
      return Optional.empty();
    }
    List<Exact> entries = new ArrayList<>(tally.size());
    for (int row = 0; row < tally.size(); row++) {
      int at = row;
      Formula formula =
          made.map(values -> Columns.made(body, new Formula.Numeral(values.get(at))))
              .orElseGet(() -> Columns.inRow(body));
      Optional<Exact> entry =
          evaluation
              .inRow(formula, tally.value(row), tally.frequency(row))
              .filter(Exact::isRational);
      if (entry.isEmpty()) {
        return Optional.empty();
      }
      entries.add(rounding.apply(entry.get()));
    }
    columns.put(body, entries);
    return Optional.of(entries);
  }

  private Exact total(Formula column, List<Exact> entries) {
    boolean weighted = frequencies || column.equals(F);
    Exact total = Exact.ZERO;
    for (int row = 0; row < entries.size(); row++) {
      Exact entry = entries.get(row);
      total = total.plus(weighted ? entry : entry.times(tally.frequency(row)));
    }
    return total;
  }

  /** {@return the table; none where no column is made} */
  Optional<WorkTable> build() {
    if (columns.size() == 1) {
      return Optional.empty();
    }
    List<Formula> all = List.copyOf(columns.keySet());
    List<List<Exact>> rows = new ArrayList<>();
    for (int row = 0; row < tally.size(); row++) {
      int at = row;
      List<Exact> cells = columns.values().stream().map(entries -> entries.get(at)).toList();
      int times = frequencies ? 1 : tally.frequency(row).numerator().intValueExact();
      for (int time = 0; time < times; time++) {
        rows.add(cells);
      }
    }
    List<Optional<Exact>> totals = new ArrayList<>();
    columns.forEach(
        (column, entries) -> {
          boolean counts = !frequencies || column.mentions(Quantity.F);
          totals.add(counts ? Optional.of(total(column, entries)) : Optional.empty());
        });
    return Optional.of(new WorkTable(all, rows, totals));
  }
}
