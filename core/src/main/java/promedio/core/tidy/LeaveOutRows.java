package promedio.core.tidy;

import java.util.BitSet;
import java.util.Collections;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.table.Table;

/** Leaves out these rows. */
public record LeaveOutRows(SortedSet<Integer> rows) implements Step {

  /** Rows are selected in the table itself; there is no form for them. */
  static final StepKind KIND = StepKind.withoutForm("leave-out-rows", LeaveOutRows.class);

  public LeaveOutRows {
    rows = Collections.unmodifiableSortedSet(new TreeSet<>(rows));
  }

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of(
        "step.leave-out-rows", Outcome.names(rows.stream().map(String::valueOf).toList()));
  }

  @Override
  public String answer(StepField ask) {
    return "";
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    BitSet out = new BitSet();
    IntStream.range(0, table.rows())
        .filter(row -> rows.contains(table.origin(row)))
        .forEach(out::set);
    return Outcome.without(out, table, this);
  }
}
