package promedio.desktop;

import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Original;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.StepPipeline;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

/** Tables for tests, read as any file is. */
public final class ReadTables {

  /** So many rows are tidied apart from the window. */
  public static final int MANY_ROWS = 21_000;

  private ReadTables() {}

  /** {@return the table that the text holds} */
  public static Table of(String text) {
    try {
      DataSource source = DataSource.of("t.csv", text.getBytes(StandardCharsets.UTF_8));
      return TableReader.read(source, ReadingChoices.NONE, Progress.NONE).table();
    } catch (RefusedFileException e) {
      throw new IllegalStateException(e);
    }
  }

  /** {@return pears with a number g from 0 to 49 in turns} */
  public static String manyRows() {
    return IntStream.range(0, MANY_ROWS)
        .mapToObj(i -> i + "," + i % 50)
        .collect(Collectors.joining("\n", "pear,g\n", "\n"));
  }

  /** {@return the table, imported and not tidied} */
  public static ImportedTable imported(String name, String text) {
    byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
    return new ImportedTable(
        1, name, new Original.Kept("t.csv", bytes), ReadingChoices.NONE, StepPipeline.of(of(text)));
  }
}
