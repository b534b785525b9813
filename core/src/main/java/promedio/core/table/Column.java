package promedio.core.table;

import java.util.Optional;
import promedio.core.number.Exact;

/** A named column of a table. Immutable. Rows count from 0. */
public sealed interface Column permits NumberColumn, WordColumn {

  /** {@return its name, different from those of the other columns of its table} */
  String name();

  /** {@return what its entries are} */
  Kind kind();

  /** {@return how many rows it has} */
  int size();

  /** {@return whether the row has no value: it is missing, or no number where one should stand} */
  boolean isMissing(int row);

  /** {@return the entry as text, with a point for the decimal sign; empty where missing} */
  String text(int row);

  /** {@return the number in the row, if one stands there} */
  Optional<Exact> number(int row);

  /** {@return the text of a row that should hold a number and does not} */
  Optional<String> unreadable(int row);

  /** {@return how the entries of two rows compare; missing ones come last} */
  int compare(int row, int other);

  /** {@return these entries under another name} */
  Column named(String other);

  /** {@return the entries of these rows, in this order; −1 stands for a missing one} */
  Column pick(int[] rows);

  /** {@return how many entries count: numbers of a number column, words otherwise} */
  int present();

  /** {@return how many entries should be numbers and are none} */
  int unreadable();

  /** {@return counts and extremes; of a long column that takes a while} */
  ColumnSummary summary();
}
