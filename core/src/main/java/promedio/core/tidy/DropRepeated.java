package promedio.core.tidy;

import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.message.Message;
import promedio.core.table.Column;
import promedio.core.table.Table;

/**
 * Leaves out the rows that repeat an earlier one: the same entries in all of these columns, missing
 * ones among them. No columns stand for all.
 */
public record DropRepeated(List<String> columns) implements Step {

  static final StepKind KIND =
      new StepKind(
          "drop-repeated",
          DropRepeated.class,
          List.of(StepField.COLUMNS),
          answers -> new DropRepeated(answers.list(StepField.COLUMNS)));

  public DropRepeated {
    columns = List.copyOf(columns);
  }

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return columns.isEmpty()
        ? Message.of("step.drop-repeated")
        : Message.of("step.drop-repeated-in", Outcome.names(columns));
  }

  @Override
  public String answer(StepField ask) {
    return String.join(", ", columns);
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    List<Column> compared =
        columns.isEmpty() ? table.columns() : ColumnLookup.columns(table, columns);
    Set<List<String>> seen = new HashSet<>();
    BitSet repeated = new BitSet();
    for (int row = 0; row < table.rows(); row++) {
      Cancellation.check(row);
      int at = row;
      if (!seen.add(compared.stream().map(column -> column.text(at)).toList())) {
        repeated.set(row);
      }
    }
    return Outcome.without(repeated, table, this);
  }
}
