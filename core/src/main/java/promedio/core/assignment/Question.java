package promedio.core.assignment;

import promedio.core.measure.Request;
import promedio.core.rules.CourseRules;
import promedio.core.rules.StatedRules;

/**
 * One thing that is asked, and what the student did about it. A row of measures on the sheet, a
 * cell of a printed table and what a part of the assignment asks are all questions; where two of
 * them ask the same, they are one.
 *
 * @param id tells it from the others of its assignment
 * @param request what is asked
 * @param about what it is asked of
 * @param stated what it says itself about how it is answered
 * @param work what the student did about it
 */
public record Question(int id, Request request, Selection about, StatedRules stated, Work work) {

  /** {@return a question that nothing was done about} */
  static Question of(int id, Request request, Selection about) {
    return new Question(id, request, about, StatedRules.NONE, Work.NONE);
  }

  /** {@return whether it asks this of that} */
  public boolean asks(Request other, Selection ofWhat) {
    return request.equals(other) && about.equals(ofWhat);
  }

  /** {@return what was answered, as typed; empty where nothing was} */
  public String answer() {
    return work.answer();
  }

  /** {@return this with something else done about it} */
  public Question with(Work changed) {
    return new Question(id, request, about, stated, changed);
  }

  /** {@return this saying something else about how it is answered} */
  Question with(StatedRules changed) {
    return new Question(id, request, about, changed, work);
  }

  /** {@return the same question under another id} */
  Question withId(int other) {
    return new Question(other, request, about, stated, work);
  }

  /** {@return the rules that its answer is marked by, where the course has these} */
  public CourseRules rules(CourseRules course) {
    return stated.over(course);
  }
}
