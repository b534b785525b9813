package promedio.core.tidy;

import java.util.List;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.table.Column;
import promedio.core.table.Table;

/** Gives a column another name. */
public record RenameColumn(String from, String to) implements Step {

  static final StepKind KIND =
      new StepKind(
          "rename",
          RenameColumn.class,
          List.of(StepField.COLUMN, StepField.NEW_NAME),
          answers ->
              new RenameColumn(answers.of(StepField.COLUMN), answers.of(StepField.NEW_NAME)));

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of("step.rename", from, to);
  }

  @Override
  public String answer(StepField ask) {
    return ask == StepField.COLUMN ? from : to;
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    Column column = ColumnLookup.column(table, from);
    if (!to.equals(from)) {
      ColumnLookup.requireFree(table, to);
    }
    List<Column> renamed =
        table.columns().stream().map(c -> c.equals(column) ? c.named(to) : c).toList();
    return Outcome.of(table.withColumns(renamed), intention());
  }
}
