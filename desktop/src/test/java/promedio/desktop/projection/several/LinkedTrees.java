package promedio.desktop.projection.several;

import java.nio.charset.StandardCharsets;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.Source;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.StepPipeline;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

/** A table of trees, and the pairs of two of its columns. */
public final class LinkedTrees {

  private static final String TREES =
      """
      age,yield,variety,tree
      4,9,Ana,a
      6,14,Rocha,b
      7,,Rocha,c
      9,21,Ana,d
      8,17,Blanca,e
      5,11,Ana,f
      3,6,Ana,g
      2,5,Rocha,h
      """;

  private LinkedTrees() {}

  /** {@return the assignment with the table, and the pairs as its last item, of this id} */
  public static Assignment in(Assignment assignment, int item) {
    Original.Kept original = new Original.Kept("trees.csv", TREES.getBytes(StandardCharsets.UTF_8));
    Table table = read(original);
    return assignment
        .with(new ImportedTable(1, "trees", original, ReadingChoices.NONE, StepPipeline.of(table)))
        .with(
            Item.of(
                item,
                "yield by age",
                "",
                Source.Linked.to(new Link.OfPairs(1, "age", "yield"), table)));
  }

  private static Table read(Original.Kept original) {
    try {
      return TableReader.read(
              DataSource.of(original.name(), original.bytes()), ReadingChoices.NONE, Progress.NONE)
          .table();
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }
}
