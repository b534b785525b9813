package promedio.desktop.projection;

import java.util.List;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.message.Texts;

/**
 * What stands on the shelf for a sample or a table.
 *
 * @param id its id among those of its kind
 * @param name its name
 * @param facts what it is, in few words
 * @param chosen whether it is looked at
 * @param spoken all of that, for those who do not see it
 */
public record ShelfLine(int id, String name, String facts, boolean chosen, String spoken) {

  private ShelfLine(int id, String name, String facts, boolean chosen, String key, String all) {
    this(id, name, facts, chosen, Texts.of(chosen ? key + "-chosen" : key, all));
  }

  /** {@return the samples on the shelf, in order} */
  public static List<ShelfLine> items(Projection all) {
    return all.assignment().items().stream().map(item -> of(item, all)).toList();
  }

  private static ShelfLine of(Item item, Projection all) {
    String facts = Describe.source(item);
    return new ShelfLine(
        item.id(),
        item.name(),
        facts,
        all.item() != null && item.id() == all.item().id(),
        "shelf.item",
        item.name() + "\n" + facts);
  }

  /** {@return the tables on the shelf, in order} */
  public static List<ShelfLine> tables(Projection all) {
    return all.assignment().tables().stream().map(table -> of(table, all)).toList();
  }

  private static ShelfLine of(ImportedTable table, Projection all) {
    String facts = Describe.table(table);
    return new ShelfLine(
        table.id(),
        table.name(),
        facts,
        all.table() != null && table.id() == all.table().id(),
        "shelf.table",
        table.name() + "\n" + facts);
  }
}
