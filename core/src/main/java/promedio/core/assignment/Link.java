package promedio.core.assignment;

import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;

/**
 * Which part of a table a sample is: a column of numbers, or those of its rows that belong to a
 * group.
 *
 * @param table the id of the table
 * @param column the name of the column of numbers
 * @param groups the name of the column of groups, empty for all rows
 * @param group the group
 */
public record Link(int table, String column, String groups, String group) {

  /** {@return the link to a whole column} */
  public static Link of(int table, String column) {
    return new Link(table, column, "", "");
  }

  /** {@return the entries it leads to, if the table has them} */
  public Optional<NumberColumn> find(Table from) {
    Optional<NumberColumn> numbers =
        from.column(column).filter(NumberColumn.class::isInstance).map(NumberColumn.class::cast);
    Optional<Column> parted = from.column(groups);
    if (groups.isEmpty() || numbers.isEmpty()) {
      return numbers;
    }
    return parted.map(
        by ->
            numbers
                .get()
                .pick(
                    IntStream.range(0, by.size())
                        .filter(row -> by.text(row).equals(group))
                        .toArray()));
  }
}
