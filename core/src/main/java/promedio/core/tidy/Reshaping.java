package promedio.core.tidy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** The steps that turn columns into rows, and back. */
final class Reshaping {

  private static final int MOST_COLUMNS = 1000;

  /** Cells that any table may come to. */
  static final long FREE_CELLS = 2_000_000;

  /** A larger one may grow to so many times its cells, which columns under each other need. */
  static final long MOST_GROWTH = 8;

  private Reshaping() {}

  static Outcome stack(Step.Stack step, Table table) throws MisfitException {
    List<Column> stacked = Tidying.columns(table, step.columns());
    List<Column> others = table.columns().stream().filter(c -> !stacked.contains(c)).toList();
    Table kept = table.withColumns(others);
    Tidying.requireFree(kept, step.value());
    Tidying.requireFree(kept, step.group());
    if (step.value().equals(step.group())) {
      throw new MisfitException("misfit.name-taken", step.value());
    }
    if (new HashSet<>(step.columns()).size() < stacked.size()) {
      throw new MisfitException("misfit.twice");
    }
    int rows = table.rows();
    requireRoom(table, (long) rows * stacked.size(), others.size() + 2);
    int[] repeated = new int[rows * stacked.size()];
    for (int i = 0; i < repeated.length; i++) {
      repeated[i] = i % rows;
    }
    List<String> values = new ArrayList<>(repeated.length);
    List<String> groups = new ArrayList<>(repeated.length);
    for (Column column : stacked) {
      for (int row = 0; row < rows; row++) {
        values.add(column.text(row));
        groups.add(column.name());
      }
    }
    boolean numbers = stacked.stream().allMatch(column -> column.kind() == Kind.NUMBER);
    Column value =
        numbers
            ? Entries.numbers(step.value(), values)
            : WordColumn.of(step.value(), kindOfWords(stacked), values);
    Column group = WordColumn.ordered(step.group(), step.columns(), groups);
    Table result = kept.pick(repeated).with(group).with(value);
    return Outcome.of(result, Sentences.done(step, values.size()));
  }

  /** Refuses what would fill the memory, as stacking again and again does. */
  private static void requireRoom(Table before, long rows, long columns) throws MisfitException {
    long cells = (long) before.rows() * before.columns().size();
    if (rows * columns > Math.max(FREE_CELLS, MOST_GROWTH * cells)) {
      throw new MisfitException("misfit.too-large", String.valueOf(rows), String.valueOf(columns));
    }
  }

  /** Columns of different kinds make text. */
  private static Kind kindOfWords(List<Column> stacked) {
    Kind first = stacked.get(0).kind();
    boolean same = stacked.stream().allMatch(column -> column.kind() == first);
    return same ? first : Kind.TEXT;
  }

  /**
   * Rows belong together where all other columns agree; where a group has several such rows, the
   * first of each group makes the first row, and so on.
   */
  static Outcome unstack(Step.Unstack step, Table table) throws MisfitException {
    Column value = Tidying.column(table, step.value());
    if (!(Tidying.column(table, step.group()) instanceof WordColumn group)) {
      throw new MisfitException("misfit.no-groups", step.group());
    }
    List<Column> others =
        table.columns().stream().filter(c -> !c.equals(value) && !c.equals(group)).toList();
    int[] counts = group.counts();
    List<Integer> groups =
        IntStream.range(0, counts.length).filter(i -> counts[i] > 0).boxed().toList();
    if (groups.size() > MOST_COLUMNS) {
      throw new MisfitException("misfit.many-groups", String.valueOf(groups.size()));
    }
    Map<String, int[]> rows = new LinkedHashMap<>();
    Map<String, Integer> seen = new HashMap<>();
    for (int row = 0; row < table.rows(); row++) {
      int code = group.code(row);
      if (code < 0) {
        continue;
      }
      int at = row;
      String key = others.stream().map(c -> c.text(at)).collect(Collectors.joining("\u0000"));
      int nth = seen.merge(key + "\u0001" + code, 1, Integer::sum);
      int[] made =
          rows.computeIfAbsent(
              key + "\u0001" + nth,
              k -> {
                int[] none = new int[counts.length + 1];
                Arrays.fill(none, -1);
                none[counts.length] = at;
                return none;
              });
      made[code] = row;
    }
    requireRoom(table, rows.size(), others.size() + (long) groups.size());
    int[] first = rows.values().stream().mapToInt(made -> made[counts.length]).toArray();
    Table result = table.withColumns(others).pick(first);
    for (int code : groups) {
      String name = group.words().get(code);
      Tidying.requireFree(result, name);
      int[] from = rows.values().stream().mapToInt(made -> made[code]).toArray();
      result = result.with(value.pick(from).named(name));
    }
    return Outcome.of(result, Sentences.done(step, table.rows()));
  }
}
