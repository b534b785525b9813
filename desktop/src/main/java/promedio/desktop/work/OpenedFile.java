package promedio.desktop.work;

import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.List;
import promedio.core.assignment.Source;
import promedio.core.entry.MissingSigns;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.number.Rounding;
import promedio.files.RefusedFileException;
import promedio.files.delimited.Columns;
import promedio.files.delimited.DelimitedReader;
import promedio.files.delimited.RawTable;

/** A data file of which the student brings in a column. */
public final class OpenedFile {

  /** Columns longer than this are not edited as text. */
  private static final int MOST_TYPED = 5000;

  private final RawTable table;

  private OpenedFile(RawTable table) {
    this.table = table;
  }

  /**
   * {@return the file, read}
   *
   * @throws RefusedFileException if it is no table with numbers; the message says what to do
   */
  public static OpenedFile read(Path path) throws RefusedFileException {
    RawTable table = DelimitedReader.read(path, DelimitedReader.Layout.LIST);
    if (Columns.numeric(table).isEmpty()) {
      throw new RefusedFileException(Columns.noNumbers(table));
    }
    return new OpenedFile(table);
  }

  /** {@return the name of the file} */
  public String name() {
    return table.source();
  }

  /** {@return the columns that hold numbers, counted from 0} */
  public List<Integer> columns() {
    return Columns.numeric(table);
  }

  /** {@return the name of the column} */
  public String columnName(int column) {
    return table.columns().get(column);
  }

  /**
   * {@return the column as values on the shelf: as text to go on with, or whole where it is long}
   *
   * @param sign the decimal sign of the student, which the text is written with
   */
  public Source source(int column, DecimalSign sign) {
    if (table.rows().size() > MOST_TYPED) {
      Columns.Numbers numbers = Columns.numbers(table, column);
      return new Source.Column(
          name(), columnName(column), numbers.sample(), numbers.unreadable().size());
    }
    List<String> entries = table.rows().stream().map(row -> entry(row.cell(column), sign)).toList();
    return new Source.ValuesText(String.join(" ", entries));
  }

  /** Numbers are written the student's way; anything else stays as it is, in one piece. */
  private String entry(String cell, DecimalSign sign) {
    if (MissingSigns.matches(cell)) {
      return "—";
    }
    if (NumberText.read(cell, table.sign()) instanceof Reading.Numeral numeral
        && numeral.form() == Reading.Form.DECIMAL) {
      BigDecimal value = numeral.value().rounded(numeral.places(), Rounding.HALF_UP);
      return NumberText.write(value, sign);
    }
    // A no-break space does not part entries.
    return cell.replaceAll("[\\s;]", "\u00A0");
  }
}
