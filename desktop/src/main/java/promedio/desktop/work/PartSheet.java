package promedio.desktop.work;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Task;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;

/** The parts of an assignment with what their answers are worth. What is computed is kept. */
public final class PartSheet {

  private final Map<Key, Marks> known = new HashMap<>();

  /** By what marks are kept: equal ones are the same. */
  private record Key(Source source, CourseRules rules, DecimalSign sign) {}

  /**
   * How far the student is.
   *
   * @param asked how many measures are asked
   * @param answered how many of them are answered
   * @param agreed how many of the answers agree
   */
  public record Progress(int asked, int answered, int agreed) {}

  /** {@return what marks answers to the question; none where its item is gone} */
  public Optional<Marks> marks(Assignment assignment, Question question) {
    return assignment.item(question.about().item()).map(item -> marks(assignment, item));
  }

  private static Key key(Assignment assignment, Item item) {
    return new Key(item.source(), assignment.rules(), assignment.sign());
  }

  private Marks marks(Assignment assignment, Item item) {
    Key key = key(assignment, item);
    return known.computeIfAbsent(
        key, k -> new Marks(Computation.of(k.source().read(k.sign()).data(), k.rules()), k.sign()));
  }

  /** {@return how far the student is with all parts} */
  public Progress progress(Assignment assignment) {
    forgetOthers(assignment);
    int asked = 0;
    int answered = 0;
    int agreed = 0;
    for (Part part : assignment.parts()) {
      for (Question question : assignment.questions(part)) {
        Optional<Marks> marks =
            marks(assignment, question).filter(known -> question.work().isAnswered());
        asked++;
        answered += marks.isPresent() ? 1 : 0;
        agreed += marks.filter(known -> known.agrees(question)).isPresent() ? 1 : 0;
      }
    }
    return new Progress(asked, answered, agreed);
  }

  /** What was computed of values as they were before is not asked for again. */
  private void forgetOthers(Assignment assignment) {
    known
        .keySet()
        .retainAll(
            assignment.items().stream()
                .map(item -> key(assignment, item))
                .collect(Collectors.toSet()));
  }

  /** {@return for how many samples, as they stood, something is kept} */
  int kept() {
    return known.size();
  }

  /** {@return how the part of this index is called: (a), (b) … (z), (27) …} */
  public static String letter(int index) {
    return index < 26 ? "(" + (char) ('a' + index) + ")" : "(" + (index + 1) + ")";
  }

  /**
   * {@return the assignment with a part more, asking what the item is answered with, or the usual}
   */
  public static Assignment withPart(Assignment assignment, Item item) {
    List<Task> answered =
        assignment.questions(Selection.of(item)).stream()
            .filter(question -> question.work().isAnswered())
            .map(Question::task)
            .sorted(Measures.IN_ORDER)
            .toList();
    Part part = Part.of(assignment.ids().part(), "", Selection.of(item), Optional.empty());
    return assignment.asking(
        part,
        answered.isEmpty()
            ? List.of(Task.of(Measures.MEAN), Task.of(Measures.MEDIAN), Task.of(Measures.SD))
            : answered);
  }
}
