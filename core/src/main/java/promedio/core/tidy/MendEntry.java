package promedio.core.tidy;

import java.util.List;
import java.util.stream.IntStream;
import promedio.core.entry.MissingSigns;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.table.Column;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** Writes another text into one entry. */
public record MendEntry(String column, int row, String text) implements Step {

  static final StepKind KIND =
      new StepKind(
          "mend",
          MendEntry.class,
          List.of(StepField.COLUMN, StepField.ROW, StepField.VALUE),
          answers ->
              new MendEntry(
                  answers.of(StepField.COLUMN),
                  answers.number(StepField.ROW),
                  answers.of(StepField.VALUE)));

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of("step.mend", column, String.valueOf(row), text);
  }

  @Override
  public String answer(StepField ask) {
    return ask == StepField.COLUMN ? column : ask == StepField.ROW ? String.valueOf(row) : text;
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    Column old = ColumnLookup.column(table, column);
    int at =
        IntStream.range(0, table.rows()).filter(i -> table.origin(i) == row).findFirst().orElse(-1);
    if (at < 0) {
      throw BadInputException.of("misfit.row", String.valueOf(row));
    }
    List<String> entries = Entries.texts(old);
    String entry = text.strip();
    entries.set(at, MissingSigns.matches(entry) ? "" : entry);
    Column mended =
        old instanceof WordColumn words
            ? WordColumn.ordered(old.name(), words.words(), entries).as(old.kind())
            : Entries.numbers(old, entries);
    return Outcome.of(table.with(mended), intention());
  }
}
