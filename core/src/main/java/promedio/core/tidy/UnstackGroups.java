package promedio.core.tidy;

import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.message.Message;
import promedio.core.table.Column;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** Puts the values of each group into a column of their own. */
public record UnstackGroups(String value, String group) implements Step {

  static final StepKind KIND =
      new StepKind(
          "unstack",
          UnstackGroups.class,
          List.of(StepField.COLUMN, StepField.GROUPS),
          answers -> new UnstackGroups(answers.of(StepField.COLUMN), answers.of(StepField.GROUPS)));

  private static final int MOST_COLUMNS = 1000;

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of("step.unstack", value, group);
  }

  @Override
  public String answer(StepField ask) {
    return ask == StepField.COLUMN ? value : group;
  }

  /**
   * Rows belong together where all other columns agree; where a group has several such rows, the
   * first of each group makes the first row, and so on.
   */
  @Override
  public Outcome done(Table table) throws BadInputException {
    Column values = ColumnLookup.column(table, value);
    if (!(ColumnLookup.column(table, group) instanceof WordColumn names)) {
      throw BadInputException.of("misfit.no-groups", group);
    }
    List<Column> others =
        table.columns().stream().filter(c -> !c.equals(values) && !c.equals(names)).toList();
    int[] counts = names.counts();
    List<Integer> groups =
        IntStream.range(0, counts.length).filter(i -> counts[i] > 0).boxed().toList();
    if (groups.size() > MOST_COLUMNS) {
      throw BadInputException.of("misfit.many-groups", String.valueOf(groups.size()));
    }
    Map<String, int[]> rows = new LinkedHashMap<>();
    Map<String, Integer> seen = new HashMap<>();
    for (int row = 0; row < table.rows(); row++) {
      Cancellation.check(row);
      int code = names.code(row);
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
    TableSizeLimit.require(table, rows.size(), others.size() + (long) groups.size());
    int[] first = rows.values().stream().mapToInt(made -> made[counts.length]).toArray();
    Table result = table.withColumns(others).pick(first);
    for (int code : groups) {
      String name = names.words().get(code);
      ColumnLookup.requireFree(result, name);
      int[] from = rows.values().stream().mapToInt(made -> made[code]).toArray();
      result = result.with(values.pick(from).named(name));
    }
    return Outcome.entries(result, this, table.rows());
  }
}
