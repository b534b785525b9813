package promedio.core.assignment;

import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.table.Column;
import promedio.core.table.Table;

/**
 * Which part of a table a sample is: a column, or those of its rows that belong to a group.
 *
 * @param table the id of the table
 * @param column the name of the column
 * @param groups the name of the column of groups, empty for all rows
 * @param group the group
 */
public record Link(int table, String column, String groups, String group) {

  /** {@return the link to a whole column} */
  public static Link of(int table, String column) {
    return new Link(table, column, "", "");
  }

  /** {@return the entries it leads to, if the table has them} */
  public Optional<Column> find(Table from) {
    Optional<Column> whole = from.column(column);
    if (groups.isEmpty() || whole.isEmpty()) {
      return whole;
    }
    return from.column(groups)
        .map(
            by ->
                whole
                    .get()
                    .pick(
                        IntStream.range(0, by.size())
                            .filter(row -> by.text(row).equals(group))
                            .toArray()));
  }
}
