package promedio.core.working;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable.Interval;

/** Makes the table of a working from the sums that it needs. */
final class WorkTableBuilder {

  private static final Formula F = Quantity.F.formula();
  private static final Formula CUMULATIVE = Quantity.CUMULATIVE.formula();

  private final List<WorkRow> data;
  private final Formula x;
  private final boolean frequencies;
  private final Evaluation evaluation;
  private final UnaryOperator<Exact> rounding;

  /** The entries of each column, one for each distinct value, in the order of the columns. */
  private final Map<Formula, List<Exact>> columns = new LinkedHashMap<>();

  /**
   * Makes one.
   *
   * @param data what the rows are about
   * @param x what their values are called: x, or m of classes
   * @param frequencies whether a row is a value with its frequency, or each value of its own
   * @param rounding what is done to every entry that is computed
   */
  WorkTableBuilder(
      List<WorkRow> data,
      Formula x,
      boolean frequencies,
      Evaluation evaluation,
      UnaryOperator<Exact> rounding) {
    this.data = List.copyOf(data);
    this.x = x;
    this.frequencies = frequencies;
    this.evaluation = evaluation;
    this.rounding = rounding;
    columns.put(x, data.stream().map(WorkRow::x).toList());
    if (frequencies) {
      columns.put(F, data.stream().map(WorkRow::f).toList());
    }
  }

  /** {@return the total of the body over all rows, whose columns the table then has} */
  Optional<Exact> add(Formula body) {
    return column(body).map(entries -> total(body, entries));
  }

  /** Makes the table even where nothing is added up. */
  void addFrequencies() {
    columns.putIfAbsent(F, data.stream().map(WorkRow::f).toList());
  }

  /** Adds the column of the cumulative frequencies. */
  void addCumulative() {
    columns.putIfAbsent(CUMULATIVE, data.stream().map(WorkRow::cumulative).toList());
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
    List<Exact> entries = new ArrayList<>(data.size());
    for (int row = 0; row < data.size(); row++) {
      int at = row;
      Formula formula =
          made.map(values -> Columns.made(body, new Formula.Numeral(values.get(at))))
              .orElseGet(() -> Columns.inRow(body, x));
      Optional<Exact> entry =
          evaluation.inRow(formula, data.get(row).x(), data.get(row).f()).filter(Exact::isRational);
      if (entry.isEmpty()) {
        return Optional.empty();
      }
      entries.add(rounding.apply(entry.get()));
    }
    columns.put(body, entries);
    return Optional.of(entries);
  }

  private boolean isMadeOfValues(Formula column) {
    return !column.equals(F) && !column.equals(CUMULATIVE);
  }

  private Exact total(Formula column, List<Exact> entries) {
    boolean weighted = frequencies || column.equals(F);
    Exact total = Exact.ZERO;
    for (int row = 0; row < entries.size(); row++) {
      Exact entry = entries.get(row);
      total = total.plus(weighted ? entry : entry.times(data.get(row).f()));
    }
    return total;
  }

  /** {@return the table; none where no column is made} */
  Optional<WorkTable> build() {
    if (columns.size() == 1) {
      return Optional.empty();
    }
    // Where nothing is made of the midpoints, they would only be in the way.
    boolean needsMidpoints = columns.keySet().stream().skip(1).anyMatch(this::isMadeOfValues);
    if (x.equals(Quantity.MIDPOINT.formula()) && !needsMidpoints) {
      columns.remove(x);
    }
    List<Formula> all = List.copyOf(columns.keySet());
    List<List<Exact>> rows = new ArrayList<>();
    for (int row = 0; row < data.size(); row++) {
      int at = row;
      List<Exact> cells = columns.values().stream().map(entries -> entries.get(at)).toList();
      int times = frequencies ? 1 : data.get(row).f().numerator().intValueExact();
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
    List<Interval> classes =
        data.stream().map(WorkRow::interval).flatMap(Optional::stream).toList();
    return Optional.of(new WorkTable(classes, all, rows, totals));
  }
}
