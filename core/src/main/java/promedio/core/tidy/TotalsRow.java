package promedio.core.tidy;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/**
 * Adds a row with the total of every column of numbers, below all others; the first column of words
 * says what it is.
 */
public record TotalsRow(Total total) implements Step {

  static final StepKind KIND =
      new StepKind(
          "totals-row",
          TotalsRow.class,
          List.of(StepField.TOTAL),
          answers -> new TotalsRow(answers.choice(Total.class, StepField.TOTAL)));

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of(total == Total.SUM ? "step.totals-sum" : "step.totals-mean");
  }

  @Override
  public String answer(StepField ask) {
    return StepField.code(total);
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    if (table.columns().stream().noneMatch(NumberColumn.class::isInstance)) {
      throw BadInputException.of("misfit.no-number-column");
    }
    int rows = table.rows();
    int[] longer = IntStream.rangeClosed(0, rows).map(row -> row == rows ? -1 : row).toArray();
    Table result = table.pick(longer);
    boolean labelled = false;
    for (Column column : result.columns()) {
      if (column instanceof NumberColumn numbers) {
        result = result.with(withTotal(numbers, total));
      } else if (!labelled) {
        result = result.with(withLabel((WordColumn) column, total));
        labelled = true;
      }
    }
    return Outcome.of(result, intention());
  }

  private static NumberColumn withTotal(NumberColumn column, Total total) throws BadInputException {
    ValuesBuilder values = new ValuesBuilder();
    int last = column.size() - 1;
    for (int row = 0; row < last; row++) {
      if (column.isMissing(row)) {
        values.addMissing();
      } else {
        values.add(column.values().get(row));
      }
    }
    int count = column.values().count();
    if (count == 0) {
      values.addMissing();
    } else {
      Exact sum = column.values().sum();
      values.add(total == Total.SUM ? sum : sum.over(count));
    }
    return new NumberColumn(
        column.name(), values.build(), new TreeMap<>(column.toMend()), column.unit());
  }

  private static WordColumn withLabel(WordColumn column, Total total) {
    String label = Message.of(total == Total.SUM ? "total.sum" : "total.mean").text();
    List<String> entries =
        new ArrayList<>(IntStream.range(0, column.size()).mapToObj(column::text).toList());
    entries.set(entries.size() - 1, label);
    return WordColumn.ordered(column.name(), column.words(), entries).as(column.kind());
  }
}
