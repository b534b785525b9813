package promedio.desktop.work;

import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.computation.Computation;
import promedio.core.entry.Typed;
import promedio.core.marking.Mark;
import promedio.core.measure.Task;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;

/**
 * All that is computed of one item.
 *
 * @param item the item
 * @param typed its entries and data as they are understood
 * @param rules the course rules it was computed by
 * @param sign the decimal sign numbers are shown with
 * @param computation everything that is known of its data
 * @param marks what answers to its measures are worth
 */
public record Reckoning(
    Item item,
    Typed typed,
    CourseRules rules,
    DecimalSign sign,
    Computation computation,
    Marks marks) {

  /** {@return what comes of the item in the assignment} */
  static Reckoning of(Assignment assignment, Item item) {
    Typed typed = item.source().read(assignment.sign());
    CourseRules rules = assignment.rules();
    Computation computation = Computation.of(typed.data(), rules);
    return new Reckoning(
        item,
        typed,
        rules,
        assignment.sign(),
        computation,
        new Marks(computation, assignment.sign()));
  }

  /** {@return this, brought up to an assignment in which the values of the item are the same} */
  Reckoning inside(Assignment assignment, Item same) {
    CourseRules others = assignment.rules();
    if (others.equals(rules)) {
      return new Reckoning(same, typed, rules, sign, computation, marks);
    }
    Computation under = computation.under(others);
    return new Reckoning(same, typed, others, sign, under, new Marks(under, sign));
  }

  /** {@return what the student's answer to what was asked is worth} */
  public Mark mark(Task task) {
    return marks.of(task, item.answer(task));
  }

  /** {@return how many measures are answered, and how many of the answers agree} */
  public Progress progress() {
    int agreed =
        (int)
            item.answers().entrySet().stream()
                .filter(answer -> marks.agrees(answer.getKey(), answer.getValue()))
                .count();
    return new Progress(item.answers().size(), agreed);
  }

  /**
   * How far a student has come.
   *
   * @param answered how many measures are answered
   * @param agreed how many of the answers agree
   */
  public record Progress(int answered, int agreed) {}
}
