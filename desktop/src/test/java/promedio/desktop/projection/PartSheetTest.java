package promedio.desktop.projection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.marking.Verdict;
import promedio.core.measure.Request;
import promedio.core.rules.StatedRules;
import promedio.desktop.session.Document;
import promedio.desktop.session.DocumentKey;

/** The parts of an assignment, with what their answers are worth. */
class PartSheetTest {

  private static final Request MEAN = Request.of(Measures.MEAN);
  private static final Request SD = Request.of(Measures.SD);
  private static final Selection NORTH = Selection.of(1);

  private static final Assignment PEARS =
      Assignment.empty("Pears")
          .with(Item.of(1, "North", "g", new Source.ValuesText("12 15 11 20 17")))
          .answering(MEAN, NORTH, "15")
          .answering(SD, NORTH, "3.7");

  private static Projection shown(Assignment assignment) {
    Document document = new Document(new DocumentKey(), assignment);
    return Projection.of(
        document, ViewState.NOTHING.with(ViewState.Page.PARTS), new Computations());
  }

  private static Part part(int id, StatedRules stated) {
    return Part.of(id, "", NORTH, stated);
  }

  @Test
  void theSameAnswerHasEnoughPlacesForOnePartOnly() {
    Assignment assignment =
        PEARS
            .asking(part(1, StatedRules.places(1)), List.of(SD))
            .asking(part(2, StatedRules.NONE), List.of(SD));
    List<Verdict> verdicts =
        assignment.parts().stream()
            .map(part -> assignment.questions(part).get(0))
            .map(question -> shown(assignment).marks(question).orElseThrow().of(question).verdict())
            .toList();

    assertThat(verdicts).containsExactly(Verdict.AGREES, Verdict.AGREES_COARSER);
  }

  @Test
  void progressCountsWhatIsAskedAnsweredAndRight() {
    Assignment assignment =
        PEARS
            .answering(SD, NORTH, "13.5")
            .asking(part(1, StatedRules.NONE), List.of(MEAN, SD, Request.of(Measures.MEDIAN)));

    assertThat(PartSheet.progress(shown(assignment))).isEqualTo(new PartSheet.Progress(3, 2, 1));
  }

  @Test
  void aPartAboutASampleThatIsGoneHasNoMarks() {
    Assignment assignment = PEARS.asking(part(1, StatedRules.NONE), List.of(MEAN)).without(1);

    assertThat(PartSheet.progress(shown(assignment))).isEqualTo(new PartSheet.Progress(1, 0, 0));
  }

  @Test
  void aNewPartAsksWhatIsAnsweredOrTheUsual() {
    Item south = Item.of(2, "South", "g", new Source.ValuesText("8"));
    Assignment assignment =
        PartSheet.withPart(PartSheet.withPart(PEARS, PEARS.items().get(0)).with(south), south);

    assertThat(assignment.questions(assignment.parts().get(0)))
        .extracting(Question::request)
        .containsExactly(MEAN, SD);
    assertThat(assignment.questions(assignment.parts().get(1)))
        .extracting(Question::request)
        .contains(Request.of(Measures.MEDIAN));
  }

  @Test
  void partsAreCalledByLetters() {
    assertThat(PartSheet.letter(0)).isEqualTo("(a)");
    assertThat(PartSheet.letter(25)).isEqualTo("(z)");
    assertThat(PartSheet.letter(26)).isEqualTo("(27)");
  }
}
