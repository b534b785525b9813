package promedio.core.tidy;

import java.util.List;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.entry.MissingSigns;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.message.Message;
import promedio.core.number.PlainText;
import promedio.core.rules.CourseRules;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** Fills the missing entries of a column; {@code value} only where that is what fills. */
public record FillMissing(String column, Filling with, String value) implements Step {

  static final StepKind KIND =
      new StepKind(
          "fill",
          FillMissing.class,
          List.of(StepField.COLUMN, StepField.FILLING, StepField.VALUE),
          answers ->
              new FillMissing(
                  answers.of(StepField.COLUMN),
                  answers.choice(Filling.class, StepField.FILLING),
                  answers.of(StepField.VALUE)));

  /** What missing entries are filled with. */
  public enum Filling {
    VALUE,
    MEAN,
    MEDIAN,
    BEFORE
  }

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of("step.fill-" + StepField.code(with), column, value);
  }

  @Override
  public String answer(StepField ask) {
    return ask == StepField.COLUMN ? column : ask == StepField.VALUE ? value : StepField.code(with);
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    Column old = ColumnLookup.column(table, column);
    List<String> entries = Entries.texts(old);
    String filling =
        switch (with) {
          case VALUE -> value.strip();
          case MEAN -> measure(old, Measures.MEAN);
          case MEDIAN -> measure(old, Measures.MEDIAN);
          case BEFORE -> "";
        };
    boolean before = with == Filling.BEFORE;
    if (!before && MissingSigns.matches(filling)) {
      throw BadInputException.of("misfit.no-filling");
    }
    if (old.kind() == Kind.NUMBER && !before && Entries.number(filling).isEmpty()) {
      throw BadInputException.of("misfit.filling-no-number", filling, old.name());
    }
    long filled = 0;
    for (int row = 0; row < entries.size(); row++) {
      Cancellation.check(row);
      // An entry that cannot be read is there; it waits to be mended.
      String next = before ? (row == 0 ? "" : entries.get(row - 1)) : filling;
      if (entries.get(row).isEmpty() && !next.isEmpty()) {
        entries.set(row, next);
        filled++;
      }
    }
    Column full =
        old instanceof WordColumn words
            ? WordColumn.ordered(old.name(), words.words(), entries).as(old.kind())
            : Entries.numbers(old, entries);
    return Outcome.entries(table.with(full), this, filled);
  }

  private static String measure(Column column, Measure measure) throws BadInputException {
    if (!(column instanceof NumberColumn numbers)) {
      throw BadInputException.of("misfit.no-numbers", column.name());
    }
    Result result = Computation.of(numbers.sample(), CourseRules.DEFAULTS).result(measure);
    if (result instanceof Result.Found found) {
      return PlainText.of(found.value());
    }
    throw BadInputException.of("misfit.no-filling");
  }
}
