package promedio.core.tidy;

import java.util.HashSet;
import java.util.List;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.table.Table;

/** Keeps these columns, in this order. */
public record ChooseColumns(List<String> columns) implements Step {

  static final StepKind KIND =
      new StepKind(
          "choose",
          ChooseColumns.class,
          List.of(StepField.COLUMNS),
          answers -> new ChooseColumns(answers.list(StepField.COLUMNS)));

  public ChooseColumns {
    columns = List.copyOf(columns);
  }

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of("step.choose", Outcome.names(columns));
  }

  @Override
  public String answer(StepField ask) {
    return String.join(", ", columns);
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    if (new HashSet<>(columns).size() < columns.size()) {
      throw BadInputException.of("misfit.twice");
    }
    return Outcome.of(table.withColumns(ColumnLookup.columns(table, columns)), intention());
  }
}
