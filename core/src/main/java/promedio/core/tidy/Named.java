package promedio.core.tidy;

import java.util.ArrayList;
import java.util.List;
import promedio.core.table.Column;
import promedio.core.table.Table;

/** Columns by the names that steps have for them. */
final class Named {

  private Named() {}

  /** {@return the column of this name, which must be there} */
  static Column column(Table table, String name) throws StepNotApplicableException {
    return table
        .column(name)
        .orElseThrow(
            () ->
                new StepNotApplicableException(
                    "misfit.column", name, String.join(", ", table.names())));
  }

  static List<Column> columns(Table table, List<String> names) throws StepNotApplicableException {
    List<Column> found = new ArrayList<>();
    for (String name : names) {
      found.add(column(table, name));
    }
    if (found.isEmpty()) {
      throw new StepNotApplicableException("misfit.no-columns");
    }
    return found;
  }

  /** Refuses a name that cannot be given to a new column. */
  static void requireFree(Table table, String name) throws StepNotApplicableException {
    if (name.isBlank()) {
      throw new StepNotApplicableException("misfit.no-name");
    }
    if (table.column(name).isPresent()) {
      throw new StepNotApplicableException("misfit.name-taken", name);
    }
  }
}
