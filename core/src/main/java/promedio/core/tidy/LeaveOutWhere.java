package promedio.core.tidy;

import java.util.List;
import java.util.Optional;
import promedio.core.calculation.Calculation;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.table.Table;

/** Leaves out the rows for which a condition holds. */
public record LeaveOutWhere(String where) implements Step {

  static final StepKind KIND =
      new StepKind(
          "leave-out",
          LeaveOutWhere.class,
          List.of(StepField.CONDITION),
          answers -> new LeaveOutWhere(answers.of(StepField.CONDITION)));

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of("step.leave-out", where);
  }

  @Override
  public String answer(StepField ask) {
    return where;
  }

  @Override
  public Optional<String> calculated() {
    return Optional.of(where);
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    return Outcome.without(Calculation.read(where, table).rowsWhereItHolds(), table, this);
  }
}
