package promedio.core.assignment;

import java.util.Optional;
import promedio.core.measure.Task;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;

/**
 * One thing that is asked, and what the student did about it. A row of measures on the sheet, a
 * cell of a printed table and what a part of the assignment asks are all questions; where two of
 * them ask the same, they are one.
 *
 * @param id tells it from the others of its assignment
 * @param task what is asked
 * @param about what it is asked of
 * @param places the places asked, where they are others than those of the course
 * @param work what the student did about it
 */
public record Question(int id, Task task, Selection about, Optional<Integer> places, Work work) {

  /** {@return a question that nothing was done about} */
  static Question of(int id, Task task, Selection about) {
    return new Question(id, task, about, Optional.empty(), Work.NONE);
  }

  /** {@return whether it asks this of that} */
  public boolean asks(Task other, Selection ofWhat) {
    return task.equals(other) && about.equals(ofWhat);
  }

  /** {@return what was answered, as typed; empty where nothing was} */
  public String answer() {
    return work.answer();
  }

  /** {@return this with something else done about it} */
  public Question with(Work changed) {
    return new Question(id, task, about, places, changed);
  }

  /** {@return this with other places asked} */
  Question withPlaces(Optional<Integer> changed) {
    return new Question(id, task, about, changed, work);
  }

  /** {@return the same question under another id} */
  Question withId(int other) {
    return new Question(other, task, about, places, work);
  }

  /** {@return the rules that its answer is marked by} */
  public CourseRules rules(CourseRules course) {
    Rule<Integer> rounded = task.isProbability() ? Rule.P_PLACES : Rule.PLACES;
    return places
        .filter(rounded.values()::contains)
        .map(asked -> course.with(rounded, asked))
        .orElse(course);
  }
}
