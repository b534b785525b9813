package promedio.core.tidy;

import java.util.List;
import java.util.Optional;
import promedio.core.calculation.Calculation;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.table.Table;

/** Computes a column by a formula, in the place of the one of that name or at the end. */
public record ComputeColumn(String into, String formula) implements Step {

  static final StepKind KIND =
      new StepKind(
          "compute",
          ComputeColumn.class,
          List.of(StepField.NEW_NAME, StepField.FORMULA),
          answers ->
              new ComputeColumn(answers.of(StepField.NEW_NAME), answers.of(StepField.FORMULA)));

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of("step.compute", into, formula);
  }

  @Override
  public String answer(StepField ask) {
    return ask == StepField.NEW_NAME ? into : formula;
  }

  @Override
  public Optional<String> calculated() {
    return Optional.of(formula);
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    if (into.isBlank()) {
      throw BadInputException.of("misfit.no-name");
    }
    Calculation.Computed computed = Calculation.read(formula, table).column(into.strip());
    int present = computed.column().summary().n();
    Outcome done = Outcome.entries(table.with(computed.column()), this, present);
    return computed.rounded() == 0
        ? done
        : Outcome.of(
            done.table(),
            Message.of(
                "step.rounded",
                done.what().text(),
                String.valueOf(computed.rounded()),
                String.valueOf(Calculation.DIGITS)));
  }
}
