package promedio.files.table;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.Table;
import promedio.files.SafeWrite;

/** Writes tables for other programs. */
public final class TableExport {

  /** Workbooks keep no more digits of a number. */
  private static final int MOST_DIGITS = 15;

  /** A sheet has no more rows below its header. */
  private static final int MOST_ROWS = (1 << 20) - 1;

  private TableExport() {}

  /**
   * Writes the table, as XLSX where the name of the file ends so, otherwise as CSV.
   *
   * @param sign the decimal sign of CSV; with a comma, semicolons part the cells
   * @throws IOException if it cannot be written
   */
  public static void write(Table table, Path file, DecimalSign sign) throws IOException {
    boolean workbook = file.toString().toLowerCase(Locale.ROOT).endsWith(".xlsx");
    SafeWrite.write(
        file, workbook ? workbook(table) : csv(table, sign).getBytes(StandardCharsets.UTF_8));
  }

  /** {@return the table as CSV; with a decimal comma, semicolons separate the cells} */
  public static String csv(Table table, DecimalSign sign) {
    StringWriter text = new StringWriter();
    char separator = sign == DecimalSign.COMMA ? ';' : ',';
    try (CsvWriter writer =
        CsvWriter.builder().fieldSeparator(separator).lineDelimiter(LineDelimiter.LF).build(text)) {
      writer.writeRecord(table.names().stream().map(HarmlessCell::of).toList());
      for (int row = 0; row < table.rows(); row++) {
        int at = row;
        writer.writeRecord(table.columns().stream().map(column -> cell(column, at, sign)).toList());
      }
    } catch (IOException e) {
      throw new UncheckedIOException("writing into memory cannot fail", e);
    }
    return text.toString();
  }

  private static String cell(Column column, int row, DecimalSign sign) {
    String text = column.text(row);
    boolean number = column.kind() == Kind.NUMBER && column.unreadable(row).isEmpty();
    return number ? text.replace('.', sign.sign()) : HarmlessCell.of(text);
  }

  private static byte[] workbook(Table table) throws IOException {
    if (table.rows() > MOST_ROWS) {
      throw new IOException(Texts.of("export.too-long", table.rows(), MOST_ROWS));
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    write(table, bytes);
    return bytes.toByteArray();
  }

  private static void write(Table table, OutputStream out) throws IOException {
    try (Workbook workbook = new Workbook(out, "Promedio", null)) {
      Worksheet sheet = workbook.newWorksheet("Table");
      List<Column> columns = table.columns();
      for (int i = 0; i < columns.size(); i++) {
        sheet.value(0, i, columns.get(i).name());
      }
      for (int row = 0; row < table.rows(); row++) {
        for (int i = 0; i < columns.size(); i++) {
          put(sheet, row, i, columns.get(i));
        }
      }
    }
  }

  private static void put(Worksheet sheet, int row, int place, Column column) {
    String text = column.text(row);
    if (text.isEmpty()) {
      return;
    }
    // In a workbook text is marked as such, so nothing of it is ever run.
    if (column.number(row).isPresent() && text.indexOf('/') < 0) {
      BigDecimal number = new BigDecimal(text);
      if (number.stripTrailingZeros().precision() <= MOST_DIGITS) {
        sheet.value(row + 1, place, number);
        return;
      }
    }
    sheet.value(row + 1, place, text);
  }
}
