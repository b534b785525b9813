package promedio.core.tidy;

import java.util.List;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** Takes the entries of a column as another kind. */
public record ChangeKind(String column, Kind kind) implements Step {

  static final StepKind KIND =
      new StepKind(
          "change-kind",
          ChangeKind.class,
          List.of(StepField.COLUMN, StepField.KIND),
          answers ->
              new ChangeKind(
                  answers.of(StepField.COLUMN), answers.choice(Kind.class, StepField.KIND)));

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of("step.change-kind-" + kind.code(), column);
  }

  @Override
  public String answer(StepField ask) {
    return ask == StepField.COLUMN ? column : StepField.code(kind);
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    Column old = ColumnLookup.column(table, column);
    return Outcome.entries(table.with(changed(old)), this, old.size());
  }

  private Column changed(Column old) throws BadInputException {
    if (old.kind() == kind) {
      return old;
    }
    if (kind == Kind.NUMBER) {
      return Entries.numbers(old, Entries.texts(old));
    }
    return old instanceof WordColumn words
        ? words.as(kind)
        : WordColumn.of(old.name(), kind, Entries.texts(old));
  }
}
