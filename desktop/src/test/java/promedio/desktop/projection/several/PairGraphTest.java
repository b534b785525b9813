package promedio.desktop.projection.several;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.Item;
import promedio.core.graph.GraphText;
import promedio.desktop.projection.handin.HandIn;
import promedio.document.Block;
import promedio.files.assignment.AssignmentFile;

/** The points of linked pairs are told apart by a category as the item says, wherever drawn. */
class PairGraphTest {

  @TempDir private Path folder;

  private Assignment assignment = LinkedTrees.in(Assignment.empty("Trees"), 1);

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

    assertThat(HandIn.of(read, HandInChoice.usual(read)).pieces())
        .filteredOn(Block.Figure.class::isInstance)
        .singleElement()
        .extracting(figure -> ((Block.Figure) figure).words())
        .asString()
        .endsWith("Colour and shape tell apart: Ana (4), Rocha (2), Blanca (1).");
  }
}
