package promedio.core.table;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;

/** Columns of one table taken together: as pairs, as groups, as counts crossed. */
public final class ColumnPairing {

  private ColumnPairing() {}

  /** {@return the rows in which both columns have a number} */
  public static Pairs pairs(NumberColumn x, NumberColumn y) {
    return Pairs.of(x.values(), y.values());
  }

  /** {@return the category of each of those pairs, by the entries of another column} */
  public static PairCategories categories(NumberColumn x, NumberColumn y, Column by) {
    int[] pairs =
        IntStream.range(0, x.size())
            .filter(row -> !x.isMissing(row) && !y.isMissing(row))
            .toArray();
    Coded coded = Coded.of(by.pick(pairs));
    return new PairCategories(
        coded.names(), IntStream.range(0, pairs.length).mapToObj(coded::code).toList());
  }

  /**
   * {@return the columns as a group each}
   *
   * @throws BadInputException if they make no groups; the message says why
   */
  public static Groups groups(List<NumberColumn> columns) throws BadInputException {
    return Groups.read(
        columns.stream().map(column -> new Groups.Group(column.name(), column.sample())).toList());
  }

  /**
   * {@return the values of a column by one or more factors}; groups come in the order in which the
   * first factor first shows its values, then the second, and so on. A row without a factor is in
   * no group.
   *
   * @throws BadInputException if they make no groups; the message says why
   */
  public static Groups groups(NumberColumn values, List<Column> factors) throws BadInputException {
    Coded coded = Coded.of(factors.get(0));
    for (Column factor : factors.subList(1, factors.size())) {
      coded = coded.by(Coded.of(factor));
    }
    // To sort each group's values is most of the work, and each is by itself.
    List<Sample> samples = coded.split(values.values()).parallelStream().map(Sample::new).toList();
    List<Groups.Group> groups = new ArrayList<>();
    for (int group = 0; group < samples.size(); group++) {
      groups.add(new Groups.Group(coded.names().get(group), samples.get(group)));
    }
    return Groups.read(groups);
  }

  /**
   * {@return how often the values of two columns came together}, in the order in which they first
   * came; a row in which either is missing is left out and counted
   *
   * @throws BadInputException if they make no such table; the message says why
   */
  public static CrossTable cross(Column rows, Column columns) throws BadInputException {
    Coded down = Coded.of(rows);
    Coded across = Coded.of(columns);
    long[][] counts = new long[down.names().size()][across.names().size()];
    int missing = 0;
    for (int row = 0; row < rows.size(); row++) {
      int i = down.code(row);
      int j = across.code(row);
      if (i == Coded.NONE || j == Coded.NONE) {
        missing++;
      } else {
        counts[i][j]++;
      }
    }
    List<List<Exact>> exact = new ArrayList<>();
    for (long[] line : counts) {
      List<Exact> each = new ArrayList<>();
      for (long count : line) {
        each.add(Exact.of(count));
      }
      exact.add(each);
    }
    return CrossTable.read(down.names(), across.names(), exact, missing);
  }
}
