package promedio.core.tidy;

import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.table.Table;

/**
 * One step of tidying: what it does, as data. Columns are named by their names at that point of the
 * list; rows by their numbers in the original. Each kind of step is a file of its own.
 */
public sealed interface Step
    permits ChangeKind,
        ChooseColumns,
        ComputeColumn,
        CutIntoClasses,
        DrawRows,
        DropMissing,
        DropRepeated,
        FillMissing,
        LeaveOutRows,
        LeaveOutWhere,
        MendEntry,
        Recode,
        RenameColumn,
        SortRows,
        StackColumns,
        TotalAcross,
        TotalsRow,
        UnstackGroups {

  /** {@return what kind of step it is} */
  StepKind stepKind();

  /** {@return what the step is meant to do, as a sentence} */
  Message intention();

  /** {@return what would have to be filled in for this step; empty where nothing is asked} */
  String answer(StepField ask);

  /**
   * {@return the table after the step, with what was done}
   *
   * @throws BadInputException if it does not fit the table
   */
  Outcome done(Table table) throws BadInputException;

  /** {@return the calculation in it, in which a fault has a place} */
  default Optional<String> calculated() {
    return Optional.empty();
  }

  /** {@return what the step does to the table; one that does not fit leaves it as it is} */
  default Outcome apply(Table table) {
    try {
      return done(table);
    } catch (BadInputException e) {
      return new Outcome(table, intention(), Optional.of(e.why()));
    }
  }
}
