package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.sample.Data;
import promedio.core.table.Column;
import promedio.core.table.ColumnPairing;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** Which columns of a table data are made of, and how. */
public sealed interface Link {

  /** {@return the id of the table} */
  int table();

  /** {@return the names of the columns, in order} */
  List<String> columns();

  /**
   * {@return the data that it leads to in the table}
   *
   * @throws BadInputException if the table has no such columns, or they make no such data; the
   *     message says why
   */
  Found read(Table from) throws BadInputException;

  /** {@return what the visitor makes of this kind of link} */
  <R> R accept(Visitor<R> visitor);

  /** {@return the link to a whole column} */
  static Link of(int table, String column) {
    return new OfColumn(table, column, "", "");
  }

  /**
   * What a link leads to.
   *
   * @param data the data
   * @param unreadable how many entries are no numbers and left out
   */
  record Found(Data data, int unreadable) {}

  /**
   * Something that can be made of every kind of link.
   *
   * @param <R> what is made
   */
  interface Visitor<R> {
    R column(OfColumn link);

    R pairs(OfPairs link);

    R groups(OfGroups link);

    R counts(OfCounts link);
  }

  /**
   * A column, or those of its rows that belong to a group.
   *
   * @param column the name of the column
   * @param groups the name of the column of groups, empty for all rows
   * @param group the group
   */
  record OfColumn(int table, String column, String groups, String group) implements Link {

    @Override
    public List<String> columns() {
      return List.of(column);
    }

    @Override
    public Found read(Table from) throws BadInputException {
      Column whole = any(from, column);
      if (groups.isEmpty()) {
        return found(whole);
      }
      Column by = any(from, groups);
      return found(
          whole.pick(
              IntStream.range(0, by.size()).filter(row -> by.text(row).equals(group)).toArray()));
    }

    private static Found found(Column column) {
      Data data =
          column instanceof NumberColumn numbers
              ? numbers.sample()
              : ((WordColumn) column).categories();
      return new Found(data, column.unreadable());
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.column(this);
    }
  }

  /**
   * Two columns of numbers, row by row.
   *
   * @param x the name of the first column
   * @param y the name of the second column
   */
  record OfPairs(int table, String x, String y) implements Link {

    @Override
    public List<String> columns() {
      return List.of(x, y);
    }

    @Override
    public Found read(Table from) throws BadInputException {
      NumberColumn first = numbers(from, x);
      NumberColumn second = numbers(from, y);
      return new Found(
          ColumnPairing.pairs(first, second), first.unreadable() + second.unreadable());
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.pairs(this);
    }
  }

  /**
   * A column of numbers in groups, by one or more other columns.
   *
   * @param value the name of the column of numbers
   * @param by the names of the columns that tell the group of a row, at least one
   */
  record OfGroups(int table, String value, List<String> by) implements Link {

    public OfGroups {
      by = List.copyOf(by);
    }

    @Override
    public List<String> columns() {
      List<String> columns = new ArrayList<>(List.of(value));
      columns.addAll(by);
      return columns;
    }

    @Override
    public Found read(Table from) throws BadInputException {
      NumberColumn values = numbers(from, value);
      List<Column> factors = new ArrayList<>();
      for (String name : by) {
        factors.add(any(from, name));
      }
      return new Found(ColumnPairing.groups(values, factors), values.unreadable());
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.groups(this);
    }
  }

  /**
   * Two columns of categories, counted one by the other.
   *
   * @param down the name of the column whose categories are the rows
   * @param across the name of the column whose categories are the columns
   */
  record OfCounts(int table, String down, String across) implements Link {

    @Override
    public List<String> columns() {
      return List.of(down, across);
    }

    @Override
    public Found read(Table from) throws BadInputException {
      return new Found(ColumnPairing.cross(any(from, down), any(from, across)), 0);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.counts(this);
    }
  }

  private static Column any(Table from, String name) throws BadInputException {
    return from.column(name)
        .orElseThrow(() -> new BadInputException(Message.of("link.no-column", name)));
  }

  private static NumberColumn numbers(Table from, String name) throws BadInputException {
    if (any(from, name) instanceof NumberColumn numbers) {
      return numbers;
    }
    throw new BadInputException(Message.of("link.no-numbers", name));
  }
}
