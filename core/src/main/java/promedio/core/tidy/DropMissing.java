package promedio.core.tidy;

import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.table.Column;
import promedio.core.table.Table;

/** Leaves out the rows in which one of these columns is missing. */
public record DropMissing(List<String> columns) implements Step {

  static final StepKind KIND =
      new StepKind(
          "drop-missing",
          DropMissing.class,
          List.of(StepField.COLUMNS),
          answers -> new DropMissing(answers.list(StepField.COLUMNS)));

  public DropMissing {
    columns = List.copyOf(columns);
  }

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of("step.drop-missing", Outcome.names(columns));
  }

  @Override
  public String answer(StepField ask) {
    return String.join(", ", columns);
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    List<Column> found = ColumnLookup.columns(table, columns);
    BitSet out = new BitSet();
    IntStream.range(0, table.rows())
        .filter(row -> found.stream().anyMatch(column -> column.isMissing(row)))
        .forEach(out::set);
    return Outcome.without(out, table, this);
  }
}
