package promedio.desktop.work;

import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.entry.Typed;
import promedio.core.formula.Formulas;
import promedio.core.marking.Mark;
import promedio.core.measure.Measure;
import promedio.core.measure.Measures;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;

/**
 * All that is computed of one item.
 *
 * @param item the item
 * @param typed its entries and data as they are understood
 * @param rules the course rules it was computed by
 * @param sign the decimal sign numbers are shown with
 * @param measures its measures
 * @param formulas the formula of each measure
 * @param marks what answers to its measures are worth
 */
public record Reckoning(
    Item item,
    Typed typed,
    CourseRules rules,
    DecimalSign sign,
    Measures measures,
    Formulas formulas,
    Marks marks) {

  /** {@return what comes of the item in the assignment} */
  static Reckoning of(Assignment assignment, Item item) {
    Typed typed = item.source().read(assignment.sign());
    CourseRules rules = assignment.rules();
    return new Reckoning(
        item,
        typed,
        rules,
        assignment.sign(),
        Measures.of(typed.data(), rules),
        Formulas.of(typed.data(), rules),
        new Marks(typed.data(), rules, assignment.sign()));
  }

  /** {@return this, brought up to an assignment in which the values of the item are the same} */
  Reckoning inside(Assignment assignment, Item same) {
    CourseRules others = assignment.rules();
    return others.equals(rules)
        ? new Reckoning(same, typed, rules, sign, measures, formulas, marks)
        : new Reckoning(
            same,
            typed,
            others,
            sign,
            measures.under(others),
            Formulas.of(typed.data(), others),
            new Marks(typed.data(), others, sign));
  }

  /** {@return what the student's answer to the measure is worth} */
  public Mark mark(Measure measure) {
    return marks.of(measure, item.answer(measure));
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
