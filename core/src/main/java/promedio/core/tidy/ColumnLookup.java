package promedio.core.tidy;

import java.util.ArrayList;
import java.util.List;
import promedio.core.message.BadInputException;
import promedio.core.table.Column;
import promedio.core.table.Table;

/** Columns by the names that steps have for them. */
final class ColumnLookup {

  private ColumnLookup() {}

  /** {@return the column of this name, which must be there} */
  static Column column(Table table, String name) throws BadInputException {
    return table
        .column(name)
        .orElseThrow(
            () -> BadInputException.of("misfit.column", name, String.join(", ", table.names())));
  }

  static List<Column> columns(Table table, List<String> names) throws BadInputException {
    List<Column> found = new ArrayList<>();
    for (String name : names) {
      found.add(column(table, name));
    }
    if (found.isEmpty()) {
      throw BadInputException.of("misfit.no-columns");
    }
    return found;
  }

  /** Refuses a name that cannot be given to a new column. */
  static void requireFree(Table table, String name) throws BadInputException {
    if (name.isBlank()) {
      throw BadInputException.of("misfit.no-name");
    }
    if (table.column(name).isPresent()) {
      throw BadInputException.of("misfit.name-taken", name);
    }
  }
}
