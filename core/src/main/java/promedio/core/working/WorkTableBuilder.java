package promedio.core.working;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.formula.Scope;
import promedio.core.number.Exact;

/** Makes the table of a working from the sums that it needs. */
final class WorkTableBuilder {

  private static final Formula CUMULATIVE = Quantity.CUMULATIVE.formula();

  private final Scope scope;
  private final List<RowLabel> labels;
  private final List<Exact> cumulative;
  private final Formula f;
  private final boolean frequencies;
  private final Evaluation evaluation;
  private final UnaryOperator<Exact> rounding;

  /** The columns whose totals somebody wants. */
  private final Set<Formula> wanted = new HashSet<>();

  /** The entries of each column, one for each row of the scope, in the order of the columns. */
  private final Map<Formula, List<Exact>> columns = new LinkedHashMap<>();

  /**
   * Makes one.
   *
   * @param scope what the rows are
   * @param labels what each row is called; empty where they have no names
   * @param cumulative F up to each row; empty where the rows have no order
   * @param frequencies whether a row stands once, with its weight beside it, or so often as it
   *     counts
   * @param rounding what is done to every entry that is computed
   */
  WorkTableBuilder(
      Scope scope,
      List<RowLabel> labels,
      List<Exact> cumulative,
      boolean frequencies,
      Evaluation evaluation,
      UnaryOperator<Exact> rounding) {
    this.scope = scope;
    this.labels = List.copyOf(labels);
    this.cumulative = List.copyOf(cumulative);
    this.f = scope.weightSymbol().formula();
    this.frequencies = frequencies;
    this.evaluation = evaluation;
    this.rounding = rounding;
    for (Quantity variable : scope.variables()) {
      columns.put(variable.formula(), entries(row -> scope.value(variable, row).orElseThrow()));
    }
    if (frequencies) {
      columns.put(f, entries(scope::weight));
    }
  }

  /** {@return a table of the rows of a sample, a table of values or a class table} */
  static WorkTableBuilder of(
      WorkRows rows, boolean frequencies, Evaluation evaluation, UnaryOperator<Exact> rounding) {
    return new WorkTableBuilder(
        rows,
        rows.all().stream()
            .map(WorkRow::printed)
            .flatMap(Optional::stream)
            .<RowLabel>map(RowLabel.OfClass::new)
            .toList(),
        rows.all().stream().map(WorkRow::cumulative).toList(),
        frequencies,
        evaluation,
        rounding);
  }

  private List<Exact> entries(IntFunction<Exact> entry) {
    return IntStream.range(0, scope.rows()).mapToObj(entry).toList();
  }

  /** {@return the total of the body over all rows, whose columns the table then has} */
  Optional<Exact> add(Formula body) {
    wanted.add(body);
    return column(body).map(entries -> total(body, entries));
  }

  /** Adds a column of what is known of each row. */
  void put(Formula column, List<Exact> entries) {
    columns.putIfAbsent(column, entries);
  }

  /** Makes the table even where nothing is added up. */
  void addFrequencies() {
    columns.putIfAbsent(f, entries(scope::weight));
  }

  /** Adds the column of the cumulative frequencies. */
  void addCumulative() {
    columns.putIfAbsent(CUMULATIVE, cumulative);
  }

  /**
   * Before (x−x̄)² comes x−x̄, before f·(x−x̄)² comes (x−x̄)², before (x−x̄)(y−ȳ) come its factors,
   * and each entry is made of the entries before it as they stand there, rounded if they are.
   */
  private Optional<List<Exact>> column(Formula body) {
    List<Exact> known = columns.get(body);
    if (known != null) {
      return Optional.of(known);
    }
    List<List<Exact>> parents = new ArrayList<>();
    for (Formula parent : Columns.parents(body)) {
      Optional<List<Exact>> made = column(parent);
      if (made.isEmpty()) {
        return Optional.empty();
      }
      parents.add(made.get());
    }
    List<Exact> entries = new ArrayList<>(scope.rows());
    for (int row = 0; row < scope.rows(); row++) {
      int at = row;
      Formula formula =
          parents.isEmpty()
              ? Columns.inRow(body, scope.variables().get(0).formula())
              : Columns.made(
                  body,
                  parents.stream().<Formula>map(p -> new Formula.Numeral(p.get(at))).toList());
      Optional<Exact> entry = evaluation.inRow(formula, scope, row).filter(Exact::isRational);
      if (entry.isEmpty()) {
        return Optional.empty();
      }
      entries.add(Columns.isRead(body) ? entry.get() : rounding.apply(entry.get()));
    }
    columns.put(body, entries);
    if (frequencies && Columns.isFromMean(body)) {
      // Not the deviations themselves cancel, but those of all values.
      column(f.times(body));
    }
    return Optional.of(entries);
  }

  /**
   * Whether the total means something: somebody wants it, or it counts, or it must be 0. That of a
   * variable beside its frequencies means nothing, nor that of means.
   */
  private boolean addsUp(Formula column) {
    if (wanted.contains(column) || column.equals(f)) {
      return true;
    }
    if (frequencies) {
      return WorkTable.isCancelling(column, f);
    }
    return Columns.isFromMean(column)
        || (column instanceof Formula.Named named && scope.addsUp(named.quantity()));
  }

  private boolean isMadeOfValues(Formula column) {
    return !column.equals(f)
        && !column.equals(CUMULATIVE)
        && !column.mentions(Quantity.CLASS_WIDTH);
  }

  private Exact total(Formula column, List<Exact> entries) {
    boolean weighted = frequencies || column.equals(f);
    Exact total = Exact.ZERO;
    for (int row = 0; row < entries.size(); row++) {
      Exact entry = entries.get(row);
      total = total.plus(weighted ? entry : entry.times(scope.weight(row)));
    }
    return total;
  }

  /** {@return the table; none where no column is made} */
  Optional<WorkTable> build() {
    if (columns.size() == scope.variables().size()) {
      return Optional.empty();
    }
    // Where nothing is made of the midpoints, they would only be in the way.
    boolean needsMidpoints = columns.keySet().stream().skip(1).anyMatch(this::isMadeOfValues);
    if (!needsMidpoints) {
      columns.remove(Quantity.MIDPOINT.formula());
    }
    List<Formula> all = List.copyOf(columns.keySet());
    List<List<Exact>> rows = new ArrayList<>();
    for (int row = 0; row < scope.rows(); row++) {
      int at = row;
      List<Exact> cells = columns.values().stream().map(entries -> entries.get(at)).toList();
      int times = frequencies ? 1 : scope.weight(row).numerator().intValueExact();
      for (int time = 0; time < times; time++) {
        rows.add(cells);
      }
    }
    List<Optional<Exact>> totals = new ArrayList<>();
    columns.forEach(
        (column, entries) -> {
          totals.add(addsUp(column) ? Optional.of(total(column, entries)) : Optional.empty());
        });
    return Optional.of(new WorkTable(labels, all, rows, totals));
  }
}
