package promedio.desktop.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import promedio.core.assignment.Source;
import promedio.core.number.DecimalSign;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.ReadingChoices;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.ReadTable;
import promedio.files.table.TableReader;

/** A data file of which the student brings in a column. */
public final class OpenedFile {

  private final ReadTable read;

  private OpenedFile(ReadTable read) {
    this.read = read;
  }

  /**
   * {@return the file, read}
   *
   * @throws RefusedFileException if it is no table with numbers; the message says what to do
   */
  public static OpenedFile read(Path path) throws RefusedFileException, IOException {
    return new OpenedFile(
        TableReader.read(DataSource.of(path), ReadingChoices.NONE, Progress.NONE));
  }

  /** {@return the name of the file} */
  public String name() {
    return read.source();
  }

  /** {@return the columns that hold numbers, counted from 0} */
  public List<Integer> columns() {
    return IntStream.range(0, read.table().columns().size())
        .filter(i -> read.table().columns().get(i).kind() == Kind.NUMBER)
        .boxed()
        .toList();
  }

  /** {@return the name of the column} */
  public String columnName(int column) {
    return read.table().columns().get(column).name();
  }

  /**
   * {@return the column as values on the shelf: as text to go on with, or whole where it is long}
   *
   * @param sign the decimal sign of the student, which the text is written with
   */
  public Source source(int column, DecimalSign sign) {
    NumberColumn numbers = (NumberColumn) read.table().columns().get(column);
    List<String> entries =
        IntStream.range(0, numbers.size()).mapToObj(row -> entry(numbers, row, sign)).toList();
    return new Source.ValuesText(String.join(" ", entries));
  }

  /** Numbers are written the student's way; anything else stays as it is, in one piece. */
  private static String entry(NumberColumn numbers, int row, DecimalSign sign) {
    if (numbers.unreadable(row).isPresent()) {
      // A no-break space does not part entries.
      return numbers.text(row).replaceAll("[\\s;]", "\u00A0");
    }
    String text = numbers.text(row);
    return text.isEmpty() ? "—" : text.replace('.', sign.sign()).replace('-', '−');
  }
}
