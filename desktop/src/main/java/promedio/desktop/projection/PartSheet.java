package promedio.desktop.projection;

import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.rules.StatedRules;

/** The parts of an assignment with what their answers are worth. */
public final class PartSheet {

  private PartSheet() {}

  /**
   * How far the student is.
   *
   * @param asked how many measures are asked
   * @param answered how many of them are answered
   * @param agreed how many of the answers agree
   */
  public record Progress(int asked, int answered, int agreed) {}

  /** {@return how far the student is with all parts} */
  public static Progress progress(Projection all) {
    Assignment assignment = all.assignment();
    int asked = 0;
    int answered = 0;
    int agreed = 0;
    for (Part part : assignment.parts()) {
      for (Question question : assignment.questions(part)) {
        Optional<MarkCache> marks =
            all.marks(question).filter(known -> question.work().isAnswered());
        asked++;
        answered += marks.isPresent() ? 1 : 0;
        agreed += marks.filter(known -> known.agrees(question)).isPresent() ? 1 : 0;
      }
    }
    return new Progress(asked, answered, agreed);
  }

  /** {@return how the part of this index is called: (a), (b) … (z), (27) …} */
  public static String letter(int index) {
    return index < 26 ? "(" + (char) ('a' + index) + ")" : "(" + (index + 1) + ")";
  }

  /**
   * {@return the assignment with a part more, asking what the item is answered with, or the usual}
   */
  public static Assignment withPart(Assignment assignment, Item item) {
    List<Request> answered =
        assignment.questions(Selection.of(item)).stream()
            .filter(question -> question.work().isAnswered())
            .map(Question::request)
            .sorted(Measures.IN_ORDER)
            .toList();
    Part part = Part.of(assignment.ids().part(), "", Selection.of(item), StatedRules.NONE);
    return assignment.asking(
        part,
        answered.isEmpty()
            ? List.of(
                Request.of(Measures.MEAN), Request.of(Measures.MEDIAN), Request.of(Measures.SD))
            : answered);
  }
}
