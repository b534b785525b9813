package promedio.desktop.projection.handin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.document.Block;
import promedio.document.Document;
import promedio.document.Inline;

/** The pieces of a document that are copied by themselves. */
class HandInPieceTest {

  private static List<HandInPiece> pieces(Block... blocks) {
    return HandInPiece.of(new Document("Pears", "en", List.of(blocks)));
  }

  @Test
  void aTableIsPastedIntoCellsWhereOnlyTextCanBePasted() {
    Block table =
        new Block.Table(
            List.of(Inline.text("class"), Inline.text("f")),
            List.of(List.of("10–20", "3"), List.of("20–30", "4")),
            1,
            false);

    assertThat(pieces(table))
        .singleElement()
        .satisfies(
            piece -> {
              assertThat(piece.name()).isEqualTo("Table: class, f");
              assertThat(piece.plain()).isEqualTo("class\tf\n10–20\t3\n20–30\t4");
              assertThat(piece.document().blocks()).containsExactly(table);
              assertThat(piece.picture()).isEmpty();
            });
  }

  @Test
  void headingsAreNoPiecesAndLongTextsAreNamedByTheirBeginning() {
    String sentence = "The pears of the upper terrace are heavier, and their weights spread more.";

    assertThat(
            pieces(
                new Block.Heading(1, "Part (a)"),
                Block.Paragraph.of(sentence + "\nSecond line"),
                new Block.Listing(List.of("one", "two"))))
        .extracting(HandInPiece::name)
        .containsExactly(
            "Text: The pears of the upper terrace are heavier, and their weigh…", "Text: one");
  }

  @Test
  void aGraphOfTheAssignmentCarriesItsPictureAndItsWords() {
    Assignment pears =
        Assignment.empty("Pears").with(Item.of(1, "upper", "g", new Source.ValuesText("8 10 12")));
    Document document =
        HandIn.of(
            pears, HandInChoice.usual(pears).only(HandInChoice.usual(pears).sections().get(0)));

    assertThat(HandInPiece.of(document))
        .filteredOn(piece -> piece.picture().isPresent())
        .singleElement()
        .satisfies(
            piece -> {
              assertThat(piece.name()).startsWith("Graph: ");
              assertThat(piece.plain()).startsWith("Histogram of upper");
            });
  }
}
