package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.measure.Measures;
import promedio.core.number.Exact;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.UnusableDataException;
import promedio.core.sample.Values;
import promedio.core.table.PlainText;

/** Slips with one value of a sample, or one row of a table of values. */
final class ValueSlips {

  /** With more values a hand's slip with one of them cannot be told from chance. */
  private static final int MOST_VALUES = 200;

  private static final Exact TEN = Exact.of(10);

  private final Question question;
  private final Candidates out;
  private final List<FrequencyTable.Row> rows;
  private final Function<List<FrequencyTable.Row>, Data> build;

  private ValueSlips(
      Question question,
      Candidates out,
      List<FrequencyTable.Row> rows,
      Function<List<FrequencyTable.Row>, Data> build) {
    this.question = question;
    this.out = out;
    this.rows = rows;
    this.build = build;
  }

  static void find(Question question, Candidates out) {
    if (question.data() instanceof Sample sample) {
      Values values = sample.values().present();
      List<FrequencyTable.Row> single = new ArrayList<>();
      for (int i = 0; i < values.size() && i <= MOST_VALUES; i++) {
        single.add(new FrequencyTable.Row(values.get(i), Exact.ONE));
      }
      new ValueSlips(question, out, single, ValueSlips::sample).find();
    } else if (question.data() instanceof FrequencyTable table) {
      new ValueSlips(question, out, table.rows(), ValueSlips::table).find();
    }
  }

  private static Data sample(List<FrequencyTable.Row> rows) {
    List<Exact> values = new ArrayList<>();
    for (FrequencyTable.Row row : rows) {
      for (Exact i = Exact.ZERO; i.compareTo(row.frequency()) < 0; i = i.plus(Exact.ONE)) {
        values.add(row.value());
      }
    }
    return new Sample(Values.of(values));
  }

  private static Data table(List<FrequencyTable.Row> rows) {
    return new FrequencyTable(rows, 0);
  }

  private void find() {
    if (rows.size() > MOST_VALUES) {
      return;
    }
    for (int i = 0; i < rows.size(); i++) {
      FrequencyTable.Row row = rows.get(i);
      String value = PlainText.of(row.value());
      add(Cause.VALUE_LEFT_OUT, i, Optional.empty(), "value", value);
      FrequencyTable.Row twice = new FrequencyTable.Row(row.value(), row.frequency().times(2));
      add(Cause.VALUE_TWICE, i, Optional.of(twice), "value", value);
      for (Exact swapped : DigitSwaps.of(row.value())) {
        changed(Cause.DIGITS_SWAPPED, i, swapped);
      }
      if (row.value().signum() != 0) {
        changed(Cause.POINT_MOVED, i, row.value().times(TEN));
        changed(Cause.POINT_MOVED, i, row.value().over(TEN));
      }
    }
  }

  private void changed(Cause cause, int index, Exact value) {
    FrequencyTable.Row row = rows.get(index);
    add(
        cause,
        index,
        Optional.of(new FrequencyTable.Row(value, row.frequency())),
        "value",
        PlainText.of(row.value()),
        "as",
        PlainText.of(value));
  }

  private void add(Cause cause, int index, Optional<FrequencyTable.Row> instead, String... params) {
    List<FrequencyTable.Row> changed = new ArrayList<>(rows);
    changed.remove(index);
    instead.ifPresent(row -> changed.add(index, row));
    if (changed.isEmpty()) {
      return;
    }
    try {
      Measures measures = Measures.of(build.apply(changed), question.rules());
      out.add(cause, measures.get(question.measure()), params);
    } catch (UnusableDataException e) {
      // Without its only row with a frequency a table has nothing to measure.
      return;
    }
  }
}
