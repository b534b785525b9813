package promedio.files.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.entry.ClassLine;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.FrequencyTable;
import promedio.core.table.Aspect;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;
import promedio.files.RefusedFileException;

/** Data for measures, taken out of tables. */
public final class TableData {

  private TableData() {}

  /** {@return the column of this name, or of this number from 1} */
  public static Optional<Column> column(Table table, String nameOrNumber) {
    Optional<Column> named = table.column(nameOrNumber);
    String number = nameOrNumber.strip();
    return named.isPresent() || !number.matches("\\d{1,6}")
        ? named
        : table.columns().stream().skip(Integer.parseInt(number) - 1L).findFirst();
  }

  /**
   * {@return the column of numbers that is asked for, or the only one there is}
   *
   * @throws ColumnChoiceException if there is no such column, or not just one holds numbers
   */
  public static NumberColumn column(ReadTable read, Optional<String> nameOrNumber)
      throws ColumnChoiceException {
    return column(read.source(), read.table(), nameOrNumber);
  }

  /**
   * {@return the column of numbers that is asked for, or the only one there is}
   *
   * @param source what to call the table in messages
   * @throws ColumnChoiceException if there is no such column, or not just one holds numbers
   */
  public static NumberColumn column(String source, Table table, Optional<String> nameOrNumber)
      throws ColumnChoiceException {
    String all = String.join(", ", table.names());
    if (nameOrNumber.isPresent()) {
      Column found =
          column(table, nameOrNumber.get())
              .orElseThrow(
                  () ->
                      new ColumnChoiceException(
                          Texts.of("column.none", source, nameOrNumber.get(), all)));
      if (found instanceof NumberColumn numbers) {
        return numbers;
      }
      throw new ColumnChoiceException(
          Texts.of("column.words", source, found.name(), found.kind().code()));
    }
    List<Column> numeric =
        table.columns().stream().filter(column -> column.kind() == Kind.NUMBER).toList();
    if (numeric.size() == 1 && numeric.get(0) instanceof NumberColumn only) {
      return only;
    }
    throw new ColumnChoiceException(
        numeric.isEmpty()
            ? Texts.of("column.no-number", source, all)
            : Texts.of(
                "column.several",
                source,
                String.join(", ", numeric.stream().map(Column::name).toList())));
  }

  /**
   * {@return what a column holds, counted; or a table of categories and their frequencies}
   *
   * @param source what to call the table in messages
   * @param nameOrNumber the column that is counted; without one, two columns whose second holds
   *     numbers are categories with frequencies, and otherwise the only column of words is counted
   * @throws ColumnChoiceException if it is not plain which column is meant
   * @throws BadInputException if frequencies make no table
   */
  public static Categories categories(String source, Table table, Optional<String> nameOrNumber)
      throws ColumnChoiceException, BadInputException {
    List<Column> columns = table.columns();
    String all = String.join(", ", table.names());
    if (nameOrNumber.isPresent()) {
      return counted(
          column(table, nameOrNumber.get())
              .orElseThrow(
                  () ->
                      new ColumnChoiceException(
                          Texts.of("column.none", source, nameOrNumber.get(), all))));
    }
    if (columns.size() == 2 && columns.get(1) instanceof NumberColumn frequencies) {
      return withFrequencies(columns.get(0), frequencies);
    }
    List<Column> words = columns.stream().filter(WordColumn.class::isInstance).toList();
    if (words.size() != 1) {
      throw new ColumnChoiceException(Texts.of("column.not-counted", source, all));
    }
    return counted(words.get(0));
  }

  private static Categories counted(Column column) throws BadInputException {
    if (column instanceof WordColumn words) {
      return words.categories();
    }
    List<Categories.Row> rows = new ArrayList<>();
    for (int row = 0; row < column.size(); row++) {
      if (!column.text(row).isEmpty()) {
        rows.add(new Categories.Row(column.text(row), Exact.ONE));
      }
    }
    return Categories.read(rows, column.size() - rows.size());
  }

  private static Categories withFrequencies(Column names, NumberColumn frequencies)
      throws BadInputException {
    List<Categories.Row> rows = new ArrayList<>();
    for (int row = 0; row < names.size(); row++) {
      Optional<Exact> frequency = frequencies.number(row);
      if (!names.isMissing(row) && frequency.isPresent()) {
        rows.add(new Categories.Row(names.text(row), frequency.get()));
      }
    }
    return Categories.read(rows, names.size() - rows.size());
  }

  /** {@return a sentence on each entry of the column that is no number, in their order} */
  public static List<String> unreadable(ReadTable read, NumberColumn column) {
    return column.toMend().entrySet().stream()
        .map(entry -> unreadable(read, column.unit(), entry.getKey(), entry.getValue()))
        .toList();
  }

  /**
   * {@return the two columns as values and frequencies}
   *
   * @throws RefusedFileException if there are not two, or an entry is no number
   */
  public static FrequencyTable frequencies(ReadTable read)
      throws RefusedFileException, BadInputException {
    List<Column> columns = read.table().columns();
    if (columns.size() != 2) {
      throw new RefusedFileException(Texts.of("column.two", read.source(), columns.size()));
    }
    List<FrequencyTable.Row> rows = new ArrayList<>();
    int missing = 0;
    for (int row = 0; row < read.table().rows(); row++) {
      Optional<Exact> value = required(read, columns.get(0), row);
      Optional<Exact> frequency = required(read, columns.get(1), row);
      if (value.isPresent() && frequency.isPresent()) {
        rows.add(new FrequencyTable.Row(value.get(), frequency.get()));
      } else {
        missing++;
      }
    }
    return FrequencyTable.read(rows, missing);
  }

  /**
   * {@return the columns as classes}: lower and upper limit and frequency, where an empty limit is
   * open; or the class as it is printed, and its frequency
   *
   * @throws RefusedFileException if there are not two or three, or an entry is no number
   */
  public static ClassTable classes(ReadTable read) throws RefusedFileException, BadInputException {
    List<Column> columns = classColumns(read.table());
    if (columns.size() != 2 && columns.size() != 3) {
      throw new RefusedFileException(Texts.of("column.classes", read.source(), columns.size()));
    }
    List<ClassTable.Row> rows = new ArrayList<>();
    int missing = 0;
    for (int row = 0; row < read.table().rows(); row++) {
      Optional<Exact> frequency = required(read, columns.get(columns.size() - 1), row);
      if (frequency.isEmpty()) {
        missing++;
      } else if (columns.size() == 3) {
        rows.add(
            new ClassTable.Row(
                required(read, columns.get(0), row),
                required(read, columns.get(1), row),
                frequency.get()));
      } else {
        rows.add(printed(read, columns.get(0), row, frequency.get()));
      }
    }
    return ClassTable.read(rows, missing);
  }

  /** {@return the columns named lower, upper and frequency where they are, otherwise all} */
  public static List<Column> classColumns(Table table) {
    List<Column> named =
        Stream.of("lower", "upper", "frequency")
            .map(table::column)
            .flatMap(Optional::stream)
            .toList();
    return named.size() == 3 ? named : table.columns();
  }

  private static ClassTable.Row printed(ReadTable read, Column column, int row, Exact frequency)
      throws RefusedFileException {
    boolean comma = read.recognised().of(Aspect.DECIMAL).equals(",");
    ClassLine reader = new ClassLine(comma ? DecimalSign.COMMA : DecimalSign.POINT);
    ClassLine.Outcome outcome = reader.read(column.text(row));
    if (outcome instanceof ClassLine.Read limits) {
      return new ClassTable.Row(limits.lower(), limits.upper(), frequency);
    }
    Message why = ((ClassLine.Unreadable) outcome).why();
    throw new RefusedFileException(
        Texts.of("entry.unreadable", read.source(), read.line(row), why.text()));
  }

  private static Optional<Exact> required(ReadTable read, Column column, int row)
      throws RefusedFileException {
    boolean words = column.kind() != Kind.NUMBER && !column.isMissing(row);
    Optional<String> unreadable = words ? Optional.of(column.text(row)) : column.unreadable(row);
    if (unreadable.isPresent()) {
      String unit = column instanceof NumberColumn numbers ? numbers.unit() : "";
      throw new RefusedFileException(unreadable(read, unit, row, unreadable.get()));
    }
    return column.number(row);
  }

  private static String unreadable(ReadTable read, String unit, int row, String text) {
    boolean comma = read.recognised().of(Aspect.DECIMAL).equals(",");
    Reading reading = NumberText.read(text, comma ? DecimalSign.COMMA : DecimalSign.POINT);
    String why =
        reading instanceof Reading.Unreadable unreadable
            ? unreadable.why().text()
            : Texts.of("entry.other-unit", text, unit);
    return Texts.of("entry.unreadable", read.source(), read.line(row), why);
  }
}
