package promedio.core.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.number.Exact;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;

/** Columns of one table taken together: as pairs, as groups, as counts crossed. */
public final class Together {

  private static final String BETWEEN = " · ";

  private Together() {}

  /** {@return the rows in which both columns have a number} */
  public static Pairs pairs(NumberColumn x, NumberColumn y) {
    return Pairs.of(x.values(), y.values());
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
    List<Coded> coded = factors.stream().map(Coded::of).toList();
    Map<List<Integer>, Rows> rows = new HashMap<>();
    for (int row = 0; row < values.size(); row++) {
      Cancellation.check(row);
      List<Integer> key = key(coded, row);
      if (!key.contains(Coded.NONE)) {
        rows.computeIfAbsent(key, k -> new Rows()).add(row);
      }
    }
    List<Groups.Group> groups = new ArrayList<>();
    for (List<Integer> key : rows.keySet().stream().sorted(IN_ORDER).toList()) {
      Sample sample = new Sample(values.values().pickEntries(rows.get(key).toArray()));
      groups.add(new Groups.Group(name(coded, key), sample));
    }
    return Groups.read(groups);
  }

  private static final Comparator<List<Integer>> IN_ORDER =
      (a, b) -> {
        for (int i = 0; i < a.size(); i++) {
          int order = a.get(i).compareTo(b.get(i));
          if (order != 0) {
            return order;
          }
        }
        return 0;
      };

  private static List<Integer> key(List<Coded> coded, int row) {
    return coded.stream().map(each -> each.code(row)).toList();
  }

  private static String name(List<Coded> coded, List<Integer> key) {
    return String.join(
        BETWEEN,
        IntStream.range(0, key.size())
            .mapToObj(i -> coded.get(i).names().get(key.get(i)))
            .toList());
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

  /** Row numbers that grow. */
  private static final class Rows {

    private int[] rows = new int[16];
    private int size;

    void add(int row) {
      if (size == rows.length) {
        rows = Arrays.copyOf(rows, 2 * size);
      }
      rows[size++] = row;
    }

    int[] toArray() {
      return Arrays.copyOf(rows, size);
    }
  }

  /** A column as codes from 0 in the order in which its entries first came. */
  private static final class Coded {

    static final int NONE = -1;

    private final List<String> names;
    private final int[] codes;

    private Coded(List<String> names, int[] codes) {
      this.names = names;
      this.codes = codes;
    }

    static Coded of(Column column) {
      Map<String, Integer> known = new LinkedHashMap<>();
      int[] codes = new int[column.size()];
      for (int row = 0; row < codes.length; row++) {
        codes[row] =
            column.isMissing(row)
                ? NONE
                : known.computeIfAbsent(column.text(row), text -> known.size());
      }
      return new Coded(List.copyOf(known.keySet()), codes);
    }

    /** {@return what the codes stand for} */
    List<String> names() {
      return names;
    }

    /** {@return the code of a row, {@link #NONE} where the entry is missing} */
    int code(int row) {
      return codes[row];
    }
  }
}
