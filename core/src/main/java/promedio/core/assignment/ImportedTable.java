package promedio.core.assignment;

import java.util.List;
import java.util.Objects;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.StepEntry;
import promedio.core.tidy.StepPipeline;

/**
 * A table that was imported, with the steps that tidy it.
 *
 * @param id tells it from the others of its assignment
 * @param name what it is called
 * @param original where it came from
 * @param choices how it is read, where a person decided
 * @param pipeline the table as it was read, and what its steps make of it
 */
public record ImportedTable(
    int id, String name, Original original, ReadingChoices choices, StepPipeline pipeline) {

  /**
   * {@return whether both came from the same original, read and tidied the same way}; the tables
   * that come of that are the same then, and are not compared, unless one is not read
   */
  @Override
  public boolean equals(Object other) {
    return other instanceof ImportedTable that
        && id == that.id
        && name.equals(that.name)
        && original.equals(that.original)
        && choices.equals(that.choices)
        && isRead() == that.isRead()
        && pipeline.steps().equals(that.pipeline.steps());
  }

  @Override
  public int hashCode() {
    return Objects.hash(id, name);
  }

  /**
   * {@return whether its original was read}; a file that is gone, or lies elsewhere and is not read
   * unasked, leaves a table without columns, whose steps and samples wait
   */
  public boolean isRead() {
    return !pipeline.original().columns().isEmpty();
  }

  /** {@return the table after all steps} */
  public Table table() {
    return pipeline.result();
  }

  /** {@return this with other steps} */
  public ImportedTable withSteps(List<StepEntry> steps) {
    return new ImportedTable(id, name, original, choices, pipeline.with(steps));
  }

  /** {@return this with what its original is tidied into} */
  public ImportedTable with(StepPipeline changed) {
    return new ImportedTable(id, name, original, choices, changed);
  }

  /** {@return this under another id} */
  public ImportedTable withId(int changed) {
    return new ImportedTable(changed, name, original, choices, pipeline);
  }

  /** {@return this under another name} */
  public ImportedTable withName(String changed) {
    return new ImportedTable(id, changed, original, choices, pipeline);
  }

  /** {@return this with the same steps done to another reading} */
  public ImportedTable withReading(Original changed, ReadingChoices chosen, Table read) {
    return new ImportedTable(id, name, changed, chosen, pipeline.on(read));
  }
}
