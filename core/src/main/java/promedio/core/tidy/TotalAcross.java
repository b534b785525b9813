package promedio.core.tidy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;

/**
 * Takes the entries of these columns together in each row, into a new column: of the entries that
 * are there; missing where none is.
 */
public record TotalAcross(List<String> columns, Total total, String into) implements Step {

  static final StepKind KIND =
      new StepKind(
          "across",
          TotalAcross.class,
          List.of(StepField.COLUMNS, StepField.TOTAL, StepField.NEW_NAME),
          answers ->
              new TotalAcross(
                  answers.list(StepField.COLUMNS),
                  answers.choice(Total.class, StepField.TOTAL),
                  answers.of(StepField.NEW_NAME)));

  public TotalAcross {
    columns = List.copyOf(columns);
  }

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    String key = total == Total.SUM ? "step.across-sum" : "step.across-mean";
    return Message.of(key, Outcome.names(columns), into);
  }

  @Override
  public String answer(StepField ask) {
    return ask == StepField.COLUMNS
        ? String.join(", ", columns)
        : ask == StepField.TOTAL ? StepField.code(total) : into;
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    List<NumberColumn> numbers = new ArrayList<>();
    for (Column column : ColumnLookup.columns(table, columns)) {
      if (!(column instanceof NumberColumn one)) {
        throw BadInputException.of("misfit.no-numbers", column.name());
      }
      numbers.add(one);
    }
    ColumnLookup.requireFree(table, into);
    ValuesBuilder values = new ValuesBuilder();
    long made = 0;
    for (int row = 0; row < table.rows(); row++) {
      Cancellation.check(row);
      Exact sum = Exact.ZERO;
      int count = 0;
      for (NumberColumn column : numbers) {
        if (!column.isMissing(row)) {
          sum = sum.plus(column.values().get(row));
          count++;
        }
      }
      if (count == 0) {
        values.addMissing();
      } else {
        values.add(total == Total.SUM ? sum : sum.over(count));
        made++;
      }
    }
    NumberColumn across = new NumberColumn(into, values.build(), Map.of());
    return Outcome.entries(table.with(across), this, made);
  }
}
