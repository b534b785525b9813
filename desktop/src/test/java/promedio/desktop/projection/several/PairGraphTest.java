package promedio.desktop.projection.several;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.Source;
import promedio.core.graph.GraphText;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.Replay;
import promedio.desktop.projection.handin.HandIn;
import promedio.desktop.projection.handin.HandInChoice;
import promedio.document.Block;
import promedio.files.assignment.AssignmentFile;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

/** The points of linked pairs are told apart by a category as the item says, wherever drawn. */
class PairGraphTest {

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

  @TempDir private Path folder;

  private Assignment assignment = Assignment.empty("Trees");

  @BeforeEach
  void linkTheTrees() throws Exception {
    byte[] bytes = TREES.getBytes(StandardCharsets.UTF_8);
    Table table =
        TableReader.read(DataSource.of("trees.csv", bytes), ReadingChoices.NONE, Progress.NONE)
            .table();
    Original original = new Original.Kept("trees.csv", bytes);
    Source pairs = Source.Linked.to(new Link.OfPairs(1, "age", "yield"), table);
    assignment =
        assignment
            .with(new ImportedTable(1, "trees", original, ReadingChoices.NONE, Replay.of(table)))
            .with(Item.of(1, "yield by age", "", pairs));
  }

  private Item item() {
    return assignment.item(1).orElseThrow();
  }

  private void tellApartBy(String column) {
    assignment = assignment.with(item().withGraph(item().graph().with(GraphText.CATEGORY, column)));
  }

  @Test
  void onlyColumnsThatTellAFewKindsApartAreOffered() {
    assertThat(PairGraph.categoryColumns(assignment, item())).containsExactly("variety");
    assertThat(PairGraph.categories(assignment, item())).isEmpty();
  }

  @Test
  void eachPairHasItsCategoryAndARowThatIsNoPairHasNone() {
    tellApartBy("variety");

    assertThat(PairGraph.categories(assignment, item()))
        .hasValueSatisfying(
            by -> {
              assertThat(by.names()).containsExactly("Ana", "Rocha", "Blanca");
              assertThat(by.codes()).containsExactly(0, 1, 0, 2, 0, 0, 1);
            });
  }

  @Test
  void aColumnThatIsGoneOrTellsTooManyApartIsNotUsed() {
    tellApartBy("colour");
    assertThat(PairGraph.categories(assignment, item())).isEmpty();
    tellApartBy("tree");
    assertThat(PairGraph.categoryColumn(assignment, item())).isEmpty();
  }

  @Test
  void theCategoryIsKeptInTheFileAndDrawnInTheDocumentToHandIn() throws Exception {
    tellApartBy("variety");

    Path file = folder.resolve("trees.promedio");
    AssignmentFile.write(assignment, file);
    Assignment read = AssignmentFile.read(file);

    assertThat(HandIn.of(read, HandInChoice.usual(read)).blocks())
        .filteredOn(Block.Figure.class::isInstance)
        .singleElement()
        .extracting(figure -> ((Block.Figure) figure).words())
        .asString()
        .endsWith("Colour and shape tell apart: Ana (4), Rocha (2), Blanca (1).");
  }
}
