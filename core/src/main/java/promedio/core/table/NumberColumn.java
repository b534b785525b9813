package promedio.core.table;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.sample.Sample;
import promedio.core.sample.Tally;
import promedio.core.sample.Values;

/** A column of numbers. An entry that is no number counts as missing, and its text is kept. */
public final class NumberColumn implements Column {

  private final String name;
  private final Values values;
  private final SortedMap<Integer, String> unreadable;
  private final String unit;

  /** Made when first asked for; two threads at once make equal ones. */
  private volatile @Nullable Sample sample;

  /**
   * Makes a column.
   *
   * @param name its name
   * @param values its numbers; missing also where an entry is no number
   * @param unreadable the texts of the rows that are no numbers
   */
  public NumberColumn(String name, Values values, Map<Integer, String> unreadable) {
    this(name, values, unreadable, "");
  }

  /**
   * Makes a column of numbers with a unit.
   *
   * @param name its name
   * @param values its numbers; missing also where an entry is no number
   * @param unreadable the texts of the rows that are no numbers
   * @param unit the unit or currency that stood with every number, empty for none
   */
  public NumberColumn(String name, Values values, Map<Integer, String> unreadable, String unit) {
    this.name = name;
    this.unit = unit;
    this.values = values;
    this.unreadable = Collections.unmodifiableSortedMap(new TreeMap<>(unreadable));
  }

  @Override
  public String name() {
    return name;
  }

  /** {@return the unit or currency of the numbers, empty for none} */
  public String unit() {
    return unit;
  }

  @Override
  public Kind kind() {
    return Kind.NUMBER;
  }

  @Override
  public int size() {
    return values.size();
  }

  /** {@return the numbers in the order of the rows} */
  public Values values() {
    return values;
  }

  /** {@return the numbers as a sample} */
  public Sample sample() {
    Sample made = sample;
    if (made == null) {
      made = new Sample(values);
      sample = made;
    }
    return made;
  }

  /** {@return the texts that are no numbers, by row} */
  public SortedMap<Integer, String> toMend() {
    return unreadable;
  }

  @Override
  public int present() {
    return values.count();
  }

  @Override
  public int unreadable() {
    return unreadable.size();
  }

  @Override
  public boolean isMissing(int row) {
    return values.isMissing(row);
  }

  @Override
  public String text(int row) {
    return values.isMissing(row) ? unreadable.getOrDefault(row, "") : PlainText.of(values.get(row));
  }

  @Override
  public Optional<Exact> number(int row) {
    return values.isMissing(row) ? Optional.empty() : Optional.of(values.get(row));
  }

  @Override
  public Optional<String> unreadable(int row) {
    return Optional.ofNullable(unreadable.get(row));
  }

  @Override
  public int compare(int row, int other) {
    if (values.isMissing(row) || values.isMissing(other)) {
      return Boolean.compare(values.isMissing(row), values.isMissing(other));
    }
    return values.compare(row, other);
  }

  @Override
  public NumberColumn named(String other) {
    return new NumberColumn(other, values, unreadable, unit);
  }

  @Override
  public NumberColumn pick(int[] rows) {
    Map<Integer, String> kept = new TreeMap<>();
    if (!unreadable.isEmpty()) {
      for (int i = 0; i < rows.length; i++) {
        String text = unreadable.get(rows[i]);
        if (text != null) {
          kept.put(i, text);
        }
      }
    }
    return new NumberColumn(name, values.pickEntries(rows), kept, unit);
  }

  @Override
  public ColumnSummary summary() {
    Tally tally = sample().tally();
    int missing = values.missing() - unreadable.size();
    if (tally.isEmpty()) {
      return new ColumnSummary(0, missing, unreadable.size(), 0, Optional.empty());
    }
    Values distinct = tally.values();
    ColumnSummary.Extent extent =
        new ColumnSummary.Extent(distinct.get(0), distinct.get(distinct.size() - 1), values.sum());
    return new ColumnSummary(
        values.count(), missing, unreadable.size(), distinct.size(), Optional.of(extent));
  }
}
