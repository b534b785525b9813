package promedio.core.tidy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;
import promedio.core.calculation.Calculation;
import promedio.core.calculation.CalculationException;
import promedio.core.message.Message;
import promedio.core.table.Column;
import promedio.core.table.Table;

/** Does the steps. */
final class Tidying {

  private Tidying() {}

  static Outcome apply(Step step, Table table) throws MisfitException {
    if (step instanceof Step.Choose s) {
      return choose(s, table);
    } else if (step instanceof Step.Rename s) {
      return rename(s, table);
    } else if (step instanceof Step.Sort s) {
      return sort(s, table);
    } else if (step instanceof Step.LeaveOut s) {
      return leaveOut(s, rowsWhere(s.where(), table), table);
    } else if (step instanceof Step.LeaveOutRows s) {
      return leaveOut(s, rows(row -> s.rows().contains(table.origin(row)), table), table);
    } else if (step instanceof Step.DropMissing s) {
      List<Column> columns = columns(table, s.columns());
      return leaveOut(
          s, rows(row -> columns.stream().anyMatch(c -> c.isMissing(row)), table), table);
    } else if (step instanceof Step.Compute s) {
      return compute(s, table);
    } else if (step instanceof Step.Stack s) {
      return Reshaping.stack(s, table);
    } else if (step instanceof Step.Unstack s) {
      return Reshaping.unstack(s, table);
    } else if (step instanceof Step.Across s) {
      return Totals.across(s, table);
    } else if (step instanceof Step.TotalsRow s) {
      return Totals.row(s, table);
    }
    return Entries.apply(step, table);
  }

  /** {@return the column of this name, which must be there} */
  static Column column(Table table, String name) throws MisfitException {
    return table
        .column(name)
        .orElseThrow(
            () -> new MisfitException("misfit.column", name, String.join(", ", table.names())));
  }

  static List<Column> columns(Table table, List<String> names) throws MisfitException {
    List<Column> found = new ArrayList<>();
    for (String name : names) {
      found.add(column(table, name));
    }
    if (found.isEmpty()) {
      throw new MisfitException("misfit.no-columns");
    }
    return found;
  }

  /** Refuses a name that cannot be given to a new column. */
  static void requireFree(Table table, String name) throws MisfitException {
    if (name.isBlank()) {
      throw new MisfitException("misfit.no-name");
    }
    if (table.column(name).isPresent()) {
      throw new MisfitException("misfit.name-taken", name);
    }
  }

  private static Outcome choose(Step.Choose step, Table table) throws MisfitException {
    if (new HashSet<>(step.columns()).size() < step.columns().size()) {
      throw new MisfitException("misfit.twice");
    }
    return Outcome.of(table.withColumns(columns(table, step.columns())), Sentences.done(step, 0));
  }

  private static Outcome rename(Step.Rename step, Table table) throws MisfitException {
    Column column = column(table, step.from());
    if (!step.to().equals(step.from())) {
      requireFree(table, step.to());
    }
    List<Column> renamed =
        table.columns().stream().map(c -> c.equals(column) ? c.named(step.to()) : c).toList();
    return Outcome.of(table.withColumns(renamed), Sentences.done(step, 0));
  }

  private static Outcome sort(Step.Sort step, Table table) throws MisfitException {
    Column column = column(table, step.column());
    Comparator<Integer> ascending = column::compare;
    // Missing entries stay last either way.
    Comparator<Integer> order =
        step.descending()
            ? (a, b) ->
                column.isMissing(a) || column.isMissing(b)
                    ? column.compare(a, b)
                    : column.compare(b, a)
            : ascending;
    Integer[] rows = IntStream.range(0, table.rows()).boxed().toArray(Integer[]::new);
    Arrays.parallelSort(rows, order);
    int[] sorted = Arrays.stream(rows).mapToInt(Integer::intValue).toArray();
    long moved = IntStream.range(0, sorted.length).filter(i -> sorted[i] != i).count();
    return Outcome.of(table.pick(sorted), Sentences.done(step, moved));
  }

  /** A test of a row. */
  @FunctionalInterface
  interface RowTest {
    boolean holds(int row);
  }

  private static BitSet rows(RowTest test, Table table) {
    BitSet found = new BitSet();
    IntStream.range(0, table.rows()).filter(test::holds).forEach(found::set);
    return found;
  }

  private static BitSet rowsWhere(String condition, Table table) throws MisfitException {
    try {
      return Calculation.read(condition, table).rowsWhereItHolds();
    } catch (CalculationException e) {
      throw new MisfitException(e.why());
    }
  }

  private static Outcome leaveOut(Step step, BitSet out, Table table) {
    int[] kept = IntStream.range(0, table.rows()).filter(row -> !out.get(row)).toArray();
    return Outcome.of(table.pick(kept), Sentences.done(step, out.cardinality()));
  }

  private static Outcome compute(Step.Compute step, Table table) throws MisfitException {
    if (step.into().isBlank()) {
      throw new MisfitException("misfit.no-name");
    }
    try {
      Calculation.Computed computed =
          Calculation.read(step.formula(), table).column(step.into().strip());
      int present = computed.column().summary().n();
      Outcome done = Outcome.of(table.with(computed.column()), Sentences.done(step, present));
      return computed.rounded() == 0
          ? done
          : Outcome.of(
              done.table(),
              Message.of(
                  "step.rounded",
                  done.what().text(),
                  String.valueOf(computed.rounded()),
                  String.valueOf(Calculation.DIGITS)));
    } catch (CalculationException e) {
      throw new MisfitException(e.why());
    }
  }
}
