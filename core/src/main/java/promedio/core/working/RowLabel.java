package promedio.core.working;

import promedio.core.sample.ClassTable;

/** What a row of a table is called. */
public sealed interface RowLabel {

  /** A class, as it was printed. */
  record OfClass(ClassTable.Row printed) implements RowLabel {}

  /** A group, or a category, or a cell of a table of counts. */
  record OfName(String name) implements RowLabel {}
}
