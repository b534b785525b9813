package promedio.core.tidy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.message.Message;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** Puts several columns under each other: one with the values, one with the column's name. */
public record StackColumns(List<String> columns, String value, String group) implements Step {

  static final StepKind KIND =
      new StepKind(
          "stack",
          StackColumns.class,
          List.of(StepField.COLUMNS, StepField.NEW_NAME, StepField.GROUP_NAME),
          answers ->
              new StackColumns(
                  answers.list(StepField.COLUMNS),
                  answers.of(StepField.NEW_NAME),
                  answers.of(StepField.GROUP_NAME)));

  public StackColumns {
    columns = List.copyOf(columns);
  }

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of("step.stack", Outcome.names(columns), value, group);
  }

  @Override
  public String answer(StepField ask) {
    return ask == StepField.COLUMNS
        ? String.join(", ", columns)
        : ask == StepField.NEW_NAME ? value : group;
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    List<Column> stacked = ColumnLookup.columns(table, columns);
    List<Column> others = table.columns().stream().filter(c -> !stacked.contains(c)).toList();
    Table kept = table.withColumns(others);
    ColumnLookup.requireFree(kept, value);
    ColumnLookup.requireFree(kept, group);
    if (value.equals(group)) {
      throw BadInputException.of("misfit.name-taken", value);
    }
    if (new HashSet<>(columns).size() < stacked.size()) {
      throw BadInputException.of("misfit.twice");
    }
    int rows = table.rows();
    TableSizeLimit.require(table, (long) rows * stacked.size(), others.size() + 2);
    int[] repeated = new int[rows * stacked.size()];
    for (int i = 0; i < repeated.length; i++) {
      repeated[i] = i % rows;
    }
    List<String> values = new ArrayList<>(repeated.length);
    List<String> groups = new ArrayList<>(repeated.length);
    for (Column column : stacked) {
      for (int row = 0; row < rows; row++) {
        Cancellation.check(row);
        values.add(column.text(row));
        groups.add(column.name());
      }
    }
    boolean numbers = stacked.stream().allMatch(column -> column.kind() == Kind.NUMBER);
    Column stackedValues =
        numbers
            ? Entries.numbers(value, values)
            : WordColumn.of(value, kindOfWords(stacked), values);
    Column names = WordColumn.ordered(group, columns, groups);
    Table result = kept.pick(repeated).with(names).with(stackedValues);
    return Outcome.entries(result, this, values.size());
  }

  /** Columns of different kinds make text. */
  private static Kind kindOfWords(List<Column> stacked) {
    Kind first = stacked.get(0).kind();
    boolean same = stacked.stream().allMatch(column -> column.kind() == first);
    return same ? first : Kind.TEXT;
  }
}
