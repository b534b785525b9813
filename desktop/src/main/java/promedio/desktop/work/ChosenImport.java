package promedio.desktop.work;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Original;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.ChooseColumns;
import promedio.core.tidy.StepEntry;
import promedio.core.tidy.StepPipeline;
import promedio.files.table.DataSource;
import promedio.files.table.Fingerprint;

/**
 * What is imported.
 *
 * @param source where it comes from
 * @param read the table as it was read
 * @param choices how it is read, where a person decided
 * @param columns the columns that are imported
 * @param kept whether the original is kept within the assignment, or referred to where it is
 */
public record ChosenImport(
    DataSource source, Table read, ReadingChoices choices, List<String> columns, boolean kept) {

  public ChosenImport {
    columns = List.copyOf(columns);
  }

  /** {@return the name of the source} */
  public String name() {
    return source.name();
  }

  /**
   * {@return the table with its original, without an id of its own}
   *
   * @throws IOException if the original cannot be read again
   */
  public ImportedTable table() throws IOException {
    StepPipeline pipeline = StepPipeline.of(read);
    StepPipeline chosen =
        columns.equals(read.names())
            ? pipeline
            : pipeline.with(List.of(StepEntry.of(new ChooseColumns(columns))));
    String name = source.name().replaceFirst("\\.[A-Za-z]{2,4}$", "");
    return new ImportedTable(1, name, original(), choices, chosen);
  }

  private Original original() throws IOException {
    if (!kept && source instanceof DataSource.OfFile file) {
      return new Original.Referred(file.path().toAbsolutePath().toString(), Fingerprint.of(source));
    }
    try (InputStream in = source.open()) {
      return new Original.Kept(source.name(), in.readAllBytes());
    }
  }
}
