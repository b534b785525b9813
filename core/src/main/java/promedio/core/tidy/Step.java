package promedio.core.tidy;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import promedio.core.message.Message;
import promedio.core.rules.ClassEnd;
import promedio.core.sample.UnusableDataException;
import promedio.core.table.Kind;
import promedio.core.table.Table;

/**
 * One step of tidying: what it does, as data. Columns are named by their names at that point of the
 * list; rows by their numbers in the original.
 */
public sealed interface Step {

  /** Keeps these columns, in this order. */
  record Choose(List<String> columns) implements Step {
    public Choose {
      columns = List.copyOf(columns);
    }
  }

  /** Gives a column another name. */
  record Rename(String from, String to) implements Step {}

  /** Puts the rows in the order of a column; rows alike keep theirs, missing entries come last. */
  record Sort(String column, boolean descending) implements Step {}

  /** Leaves out the rows for which a condition holds. */
  record LeaveOut(String where) implements Step {}

  /** Leaves out these rows. */
  record LeaveOutRows(SortedSet<Integer> rows) implements Step {
    public LeaveOutRows {
      rows = Collections.unmodifiableSortedSet(new TreeSet<>(rows));
    }
  }

  /** Puts one entry in the place of another; an empty one is missing. */
  record Change(String from, String to) {}

  /** Puts other entries in the place of some; also gives codes their names. */
  record Recode(String column, List<Change> changes) implements Step {
    public Recode {
      changes = List.copyOf(changes);
    }
  }

  /**
   * Cuts numbers into labelled classes.
   *
   * @param column the numbers
   * @param into the name of the new column
   * @param boundaries where the classes meet, ascending, as decimal texts
   * @param end which end a class keeps
   * @param beyond whether what lies beyond the ends has classes of its own, or is missing
   * @param labels what the classes are called, in their order; none for their boundaries
   */
  record Cut(
      String column,
      String into,
      List<String> boundaries,
      ClassEnd end,
      boolean beyond,
      List<String> labels)
      implements Step {
    public Cut {
      boundaries = List.copyOf(boundaries);
      labels = List.copyOf(labels);
    }
  }

  /** Computes a column by a formula, in the place of the one of that name or at the end. */
  record Compute(String into, String formula) implements Step {}

  /** What missing entries are filled with. */
  enum Filling {
    VALUE,
    MEAN,
    MEDIAN,
    BEFORE
  }

  /** Fills the missing entries of a column; {@code value} only where that is what fills. */
  record Fill(String column, Filling with, String value) implements Step {}

  /** Leaves out the rows in which one of these columns is missing. */
  record DropMissing(List<String> columns) implements Step {
    public DropMissing {
      columns = List.copyOf(columns);
    }
  }

  /** Takes the entries of a column as another kind. */
  record ChangeKind(String column, Kind kind) implements Step {}

  /** Puts several columns under each other: one with the values, one with the column's name. */
  record Stack(List<String> columns, String value, String group) implements Step {
    public Stack {
      columns = List.copyOf(columns);
    }
  }

  /** Puts the values of each group into a column of their own. */
  record Unstack(String value, String group) implements Step {}

  /** What several entries are taken together to. */
  enum Total {
    SUM,
    MEAN
  }

  /** Takes the entries of these columns together in each row, into a new column. */
  record Across(List<String> columns, Total total, String into) implements Step {
    public Across {
      columns = List.copyOf(columns);
    }
  }

  /** Adds a row with the total of every column of numbers. */
  record TotalsRow(Total total) implements Step {}

  /** Writes another text into one entry. */
  record Mend(String column, int row, String text) implements Step {}

  /** {@return what the step does to the table} */
  default Outcome apply(Table table) {
    try {
      return Tidying.apply(this, table);
    } catch (MisfitException e) {
      return new Outcome(table, Sentences.intention(this), Optional.of(e.why()));
    } catch (UnusableDataException e) {
      return new Outcome(table, Sentences.intention(this), Optional.of(e.why()));
    }
  }

  /** {@return what the step is meant to do, as a sentence} */
  default Message intention() {
    return Sentences.intention(this);
  }
}
