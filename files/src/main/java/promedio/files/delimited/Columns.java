package promedio.files.delimited;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.entry.MissingSigns;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.ValuesBuilder;
import promedio.files.RefusedFileException;
import promedio.files.Texts;

/** Columns of a table, read as numbers. */
public final class Columns {

  private Columns() {}

  /**
   * A column read as numbers.
   *
   * @param name the name of the column
   * @param sample its numbers and missing entries
   * @param unreadable a sentence for each other entry, naming its line
   */
  public record Numbers(String name, Sample sample, List<String> unreadable) {

    public Numbers {
      unreadable = List.copyOf(unreadable);
    }
  }

  /**
   * {@return the column that is asked for, or the only one that holds numbers}
   *
   * @throws ColumnChoiceException if there is no such column, or not just one holds numbers
   */
  public static int choose(RawTable table, Optional<String> nameOrNumber)
      throws ColumnChoiceException {
    String all = String.join(", ", table.columns());
    if (nameOrNumber.isPresent()) {
      return table
          .column(nameOrNumber.get())
          .orElseThrow(
              () ->
                  new ColumnChoiceException(
                      Texts.of("column.none", table.source(), nameOrNumber.get(), all)));
    }
    List<Integer> numeric = numeric(table);
    if (numeric.size() == 1) {
      return numeric.get(0);
    }
    throw new ColumnChoiceException(
        numeric.isEmpty()
            ? noNumbers(table)
            : Texts.of(
                "column.several",
                table.source(),
                String.join(", ", numeric.stream().map(table.columns()::get).toList())));
  }

  /** {@return the sentence that says that no column of the table holds numbers} */
  public static String noNumbers(RawTable table) {
    return Texts.of("column.no-number", table.source(), String.join(", ", table.columns()));
  }

  /** {@return the columns in which numbers are at least half of what is not missing} */
  public static List<Integer> numeric(RawTable table) {
    return IntStream.range(0, table.columns().size())
        .filter(column -> isNumeric(table, column))
        .boxed()
        .toList();
  }

  private static boolean isNumeric(RawTable table, int column) {
    int present = 0;
    int numbers = 0;
    for (RawTable.Row row : table.rows()) {
      if (!MissingSigns.matches(row.cell(column))) {
        present++;
        numbers += number(row.cell(column), table.sign()).isPresent() ? 1 : 0;
      }
    }
    return numbers > 0 && 2 * numbers >= present;
  }

  /** {@return the column as numbers} */
  public static Numbers numbers(RawTable table, int column) {
    ValuesBuilder values = new ValuesBuilder();
    List<String> unreadable = new ArrayList<>();
    for (RawTable.Row row : table.rows()) {
      String cell = row.cell(column);
      if (MissingSigns.matches(cell)) {
        values.addMissing();
        continue;
      }
      Reading reading = NumberText.read(cell, table.sign());
      if (reading instanceof Reading.Numeral numeral) {
        values.add(numeral.value());
      } else {
        String why = ((Reading.Unreadable) reading).why().text();
        unreadable.add(Texts.of("entry.unreadable", table.source(), row.line(), why));
      }
    }
    return new Numbers(table.columns().get(column), new Sample(values.build()), unreadable);
  }

  /**
   * {@return the first two columns as values and frequencies}
   *
   * @throws RefusedFileException if there are not two, or an entry is no number
   */
  public static FrequencyTable frequencies(RawTable table) throws RefusedFileException {
    if (table.columns().size() != 2) {
      throw new RefusedFileException(
          Texts.of("column.two", table.source(), table.columns().size()));
    }
    List<FrequencyTable.Row> rows = new ArrayList<>();
    int missing = 0;
    for (RawTable.Row row : table.rows()) {
      if (MissingSigns.matches(row.cell(0)) || MissingSigns.matches(row.cell(1))) {
        missing++;
      } else {
        rows.add(new FrequencyTable.Row(required(table, row, 0), required(table, row, 1)));
      }
    }
    return new FrequencyTable(rows, missing);
  }

  private static Exact required(RawTable table, RawTable.Row row, int column)
      throws RefusedFileException {
    Reading reading = NumberText.read(row.cell(column), table.sign());
    if (reading instanceof Reading.Numeral numeral) {
      return numeral.value();
    }
    String why = ((Reading.Unreadable) reading).why().text();
    throw new RefusedFileException(Texts.of("entry.unreadable", table.source(), row.line(), why));
  }

  /** {@return the number in the cell, if it is one} */
  static Optional<Exact> number(String cell, DecimalSign sign) {
    return NumberText.read(cell, sign) instanceof Reading.Numeral numeral
        ? Optional.of(numeral.value())
        : Optional.empty();
  }
}
