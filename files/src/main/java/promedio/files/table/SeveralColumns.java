package promedio.files.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.table.Column;
import promedio.core.table.ColumnPairing;
import promedio.core.table.NumberColumn;
import promedio.core.table.PairCategories;
import promedio.core.table.Table;

/** Columns of a table that are named on the command line, taken together. */
public final class SeveralColumns {

  private SeveralColumns() {}

  /**
   * {@return two columns of numbers, those of x and y}
   *
   * @param source what to call the table in messages
   * @param names both columns; without them, the only two columns of numbers
   * @throws ColumnChoiceException if it is not plain which columns are meant
   */
  public static List<NumberColumn> two(String source, Table table, List<String> names)
      throws ColumnChoiceException {
    List<String> numbers =
        table.columns().stream().filter(NumberColumn.class::isInstance).map(Column::name).toList();
    List<String> chosen =
        names.isEmpty() && numbers.size() == 2 ? numbers : named(source, numbers, names);
    return List.of(number(source, table, chosen.get(0)), number(source, table, chosen.get(1)));
  }

  /**
   * {@return two columns of numbers as pairs}
   *
   * @throws ColumnChoiceException if it is not plain which columns are meant
   * @see #two
   */
  public static Pairs pairs(String source, Table table, List<String> names)
      throws ColumnChoiceException {
    List<NumberColumn> two = two(source, table, names);
    return ColumnPairing.pairs(two.get(0), two.get(1));
  }

  /**
   * {@return the category of each pair of two columns, by another column}
   *
   * @throws ColumnChoiceException if the table has no such column
   */
  public static PairCategories categories(
      String source, Table table, List<NumberColumn> two, String by) throws ColumnChoiceException {
    return ColumnPairing.categories(two.get(0), two.get(1), any(source, table, by));
  }

  /**
   * {@return groups}
   *
   * @param value the column of values that are grouped by others
   * @param by the columns that they are grouped by; where there are none, each of the columns is a
   *     group
   * @throws ColumnChoiceException if it is not plain which columns are meant
   * @throws BadInputException if they make no groups
   */
  public static Groups groups(
      String source, Table table, Optional<String> value, List<String> by, List<String> columns)
      throws ColumnChoiceException, BadInputException {
    if (by.isEmpty() == columns.isEmpty()) {
      throw new ColumnChoiceException(Texts.of("groups.needed"));
    }
    if (by.isEmpty()) {
      List<NumberColumn> groups = new ArrayList<>();
      for (String name : columns) {
        groups.add(number(source, table, name));
      }
      return ColumnPairing.groups(groups);
    }
    List<Column> factors = new ArrayList<>();
    for (String name : by) {
      factors.add(any(source, table, name));
    }
    return ColumnPairing.groups(TableData.column(source, table, value), factors);
  }

  /**
   * {@return two columns of categories, counted}
   *
   * @throws ColumnChoiceException if it is not plain which columns are meant
   * @throws BadInputException if they make no such table
   */
  public static CrossTable cross(String source, Table table, List<String> names)
      throws ColumnChoiceException, BadInputException {
    List<String> chosen = named(source, table.names(), names);
    return ColumnPairing.cross(
        any(source, table, chosen.get(0)), any(source, table, chosen.get(1)));
  }

  private static List<String> named(String source, List<String> among, List<String> names)
      throws ColumnChoiceException {
    if (names.isEmpty()) {
      throw new ColumnChoiceException(
          Texts.of("columns.which-two", source, String.join(", ", among)));
    }
    if (names.size() != 2) {
      throw new ColumnChoiceException(Texts.of("columns.two", names.size()));
    }
    return names;
  }

  private static NumberColumn number(String source, Table table, String name)
      throws ColumnChoiceException {
    return TableData.column(source, table, Optional.of(name));
  }

  private static Column any(String source, Table table, String name) throws ColumnChoiceException {
    return TableData.column(table, name)
        .orElseThrow(
            () ->
                new ColumnChoiceException(
                    Texts.of("column.none", source, name, String.join(", ", table.names()))));
  }
}
