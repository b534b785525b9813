package promedio.core.tidy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** The steps that add totals: across columns, and at the foot. */
final class Totals {

  private Totals() {}

  /** Of the entries that are there; missing where none is. */
  static Outcome across(Step.Across step, Table table) throws MisfitException {
    List<NumberColumn> columns = new ArrayList<>();
    for (Column column : Tidying.columns(table, step.columns())) {
      if (!(column instanceof NumberColumn numbers)) {
        throw new MisfitException("misfit.no-numbers", column.name());
      }
      columns.add(numbers);
    }
    Tidying.requireFree(table, step.into());
    ValuesBuilder values = new ValuesBuilder();
    long made = 0;
    for (int row = 0; row < table.rows(); row++) {
      Exact sum = Exact.ZERO;
      int count = 0;
      for (NumberColumn column : columns) {
        if (!column.isMissing(row)) {
          sum = sum.plus(column.values().get(row));
          count++;
        }
      }
      if (count == 0) {
        values.addMissing();
      } else {
        values.add(step.total() == Step.Total.SUM ? sum : sum.over(count));
        made++;
      }
    }
    NumberColumn total = new NumberColumn(step.into(), values.build(), Map.of());
    return Outcome.of(table.with(total), Sentences.done(step, made));
  }

  /** A new row below all others; the first column of words says what it is. */
  static Outcome row(Step.TotalsRow step, Table table) throws MisfitException {
    if (table.columns().stream().noneMatch(NumberColumn.class::isInstance)) {
      throw new MisfitException("misfit.no-number-column");
    }
    int rows = table.rows();
    int[] longer = IntStream.rangeClosed(0, rows).map(row -> row == rows ? -1 : row).toArray();
    Table result = table.pick(longer);
    boolean labelled = false;
    for (Column column : result.columns()) {
      if (column instanceof NumberColumn numbers) {
        result = result.with(withTotal(numbers, step.total()));
      } else if (!labelled) {
        result = result.with(withLabel((WordColumn) column, step.total()));
        labelled = true;
      }
    }
    return Outcome.of(result, Sentences.done(step, 1));
  }

  private static NumberColumn withTotal(NumberColumn column, Step.Total total) {
    ValuesBuilder values = new ValuesBuilder();
    int last = column.size() - 1;
    for (int row = 0; row < last; row++) {
      if (column.isMissing(row)) {
        values.addMissing();
      } else {
        values.add(column.values().get(row));
      }
    }
    int count = column.values().count();
    if (count == 0) {
      values.addMissing();
    } else {
      Exact sum = column.values().sum();
      values.add(total == Step.Total.SUM ? sum : sum.over(count));
    }
    return new NumberColumn(
        column.name(), values.build(), new TreeMap<>(column.toMend()), column.unit());
  }

  private static WordColumn withLabel(WordColumn column, Step.Total total) {
    String label = Message.of(total == Step.Total.SUM ? "total.sum" : "total.mean").text();
    List<String> entries =
        new ArrayList<>(IntStream.range(0, column.size()).mapToObj(column::text).toList());
    entries.set(entries.size() - 1, label);
    return WordColumn.ordered(column.name(), column.words(), entries).as(column.kind());
  }
}
