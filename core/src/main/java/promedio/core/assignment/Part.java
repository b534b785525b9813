package promedio.core.assignment;

import java.util.List;
import promedio.core.rules.StatedRules;

/**
 * One part of an assignment as its sheet asks it: (a), (b), (c) …
 *
 * @param id tells it from the others of its assignment
 * @param text what is asked, in the words of the sheet
 * @param about what its questions are about
 * @param stated what it says about how its questions are answered
 * @param covered whether the results that it asks stay covered until they are found, even where
 *     those of the assignment do not
 * @param questions the ids of its questions, in the order of the sheet
 */
public record Part(
    int id,
    String text,
    Selection about,
    StatedRules stated,
    boolean covered,
    List<Integer> questions) {

  public Part {
    questions = List.copyOf(questions);
  }

  /** {@return a part that asks nothing yet} */
  public static Part of(int id, String text, Selection about, StatedRules stated) {
    return new Part(id, text, about, stated, false, List.of());
  }

  /** {@return this part with other words} */
  public Part withText(String changed) {
    return new Part(id, changed, about, stated, covered, questions);
  }

  /** {@return this part about something else} */
  public Part about(Selection other) {
    return new Part(id, text, other, stated, covered, questions);
  }

  /** {@return this part saying something else about how its questions are answered} */
  public Part with(StatedRules others) {
    return new Part(id, text, about, others, covered, questions);
  }

  /** {@return this part with its results covered, or not} */
  public Part withCovered(boolean changed) {
    return new Part(id, text, about, stated, changed, questions);
  }

  /** {@return this part with other questions} */
  Part with(List<Integer> others) {
    return new Part(id, text, about, stated, covered, others);
  }
}
