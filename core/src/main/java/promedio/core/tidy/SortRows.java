package promedio.core.tidy;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.table.Column;
import promedio.core.table.Table;

/** Puts the rows in the order of a column; rows alike keep theirs, missing entries come last. */
public record SortRows(String column, boolean descending) implements Step {

  static final StepKind KIND =
      new StepKind(
          "sort",
          SortRows.class,
          List.of(StepField.COLUMN, StepField.ORDER),
          answers ->
              new SortRows(
                  answers.of(StepField.COLUMN), answers.of(StepField.ORDER).equals("down")));

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of(descending ? "step.sort-down" : "step.sort-up", column);
  }

  @Override
  public String answer(StepField ask) {
    return ask == StepField.COLUMN ? column : descending ? "down" : "up";
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    Column by = ColumnLookup.column(table, column);
    Comparator<Integer> ascending = by::compare;
    // Missing entries stay last either way.
    Comparator<Integer> order =
        descending
            ? (a, b) -> by.isMissing(a) || by.isMissing(b) ? by.compare(a, b) : by.compare(b, a)
            : ascending;
    Integer[] rows = IntStream.range(0, table.rows()).boxed().toArray(Integer[]::new);
    Arrays.parallelSort(rows, order);
    int[] sorted = Arrays.stream(rows).mapToInt(Integer::intValue).toArray();
    long moved = IntStream.range(0, sorted.length).filter(i -> sorted[i] != i).count();
    return Outcome.entries(table.pick(sorted), this, moved);
  }
}
