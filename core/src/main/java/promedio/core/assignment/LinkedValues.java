package promedio.core.assignment;

import java.util.IdentityHashMap;
import promedio.core.table.Table;

/**
 * What items that are linked to a table take from it. Each is found once, so that what was found
 * apart from the window need not be found again there. Not for several threads at a time.
 */
public final class LinkedValues {

  private final Table table;
  private final IdentityHashMap<Source.Linked, Source.Linked> found = new IdentityHashMap<>();

  /** Makes them for a table as it is after all its steps. */
  public LinkedValues(Table table) {
    this.table = table;
  }

  /** {@return the source of an item as it is with the table} */
  public Source.Linked follow(Source.Linked linked) {
    return found.computeIfAbsent(linked, each -> each.follow(table));
  }
}
