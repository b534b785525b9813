package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.marking.Verdict;
import promedio.core.measure.Task;

/** The parts of an assignment, with what their answers are worth. */
class PartSheetTest {

  private static final Item NORTH =
      Item.of(1, "North", "g", new Source.ValuesText("12 15 11 20 17"))
          .withAnswer(Task.of(Measures.MEAN), "15")
          .withAnswer(Task.of(Measures.SD), "3.7");

  private static Assignment asking(Part... parts) {
    return Assignment.empty("Pears").with(NORTH).withParts(List.of(parts));
  }

  private static Part part(Optional<Integer> places, Task... measures) {
    return new Part(1, "", 1, List.of(measures), places);
  }

  @Test
  void theSameAnswerHasEnoughPlacesForOnePartOnly() {
    PartSheet sheet = new PartSheet();
    Part coarse = part(Optional.of(1), Task.of(Measures.SD));
    Part fine = part(Optional.empty(), Task.of(Measures.SD));
    Assignment assignment = asking(coarse, fine);

    assertThat(sheet.mark(assignment, coarse, Task.of(Measures.SD)).orElseThrow().verdict())
        .isEqualTo(Verdict.AGREES);
    assertThat(sheet.mark(assignment, fine, Task.of(Measures.SD)).orElseThrow().verdict())
        .isEqualTo(Verdict.AGREES_COARSER);
  }

  @Test
  void progressCountsWhatIsAskedAnsweredAndRight() {
    Assignment assignment =
        asking(
                part(
                    Optional.empty(),
                    Task.of(Measures.MEAN),
                    Task.of(Measures.SD),
                    Task.of(Measures.MEDIAN)))
            .with(NORTH.withAnswer(Task.of(Measures.SD), "13.5"));

    assertThat(new PartSheet().progress(assignment)).isEqualTo(new PartSheet.Progress(3, 2, 1));
  }

  @Test
  void aPartAboutASampleThatIsGoneHasNoMarks() {
    Assignment assignment = asking(part(Optional.empty(), Task.of(Measures.MEAN))).without(1);

    assertThat(new PartSheet().progress(assignment)).isEqualTo(new PartSheet.Progress(1, 0, 0));
  }

  @Test
  void aNewPartAsksWhatIsAnsweredOrTheUsual() {
    Assignment assignment = asking();

    assertThat(PartSheet.propose(assignment, NORTH).tasks())
        .containsExactly(Task.of(Measures.MEAN), Task.of(Measures.SD));
    assertThat(PartSheet.propose(assignment, NORTH.copy(2, "Copy")).tasks())
        .contains(Task.of(Measures.MEDIAN));
  }

  @Test
  void partsAreCalledByLetters() {
    assertThat(PartSheet.letter(0)).isEqualTo("(a)");
    assertThat(PartSheet.letter(25)).isEqualTo("(z)");
    assertThat(PartSheet.letter(26)).isEqualTo("(27)");
  }
}
