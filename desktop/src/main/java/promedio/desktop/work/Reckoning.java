package promedio.desktop.work;

import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.entry.Typed;
import promedio.core.formula.Formulas;
import promedio.core.marking.Agreement;
import promedio.core.marking.Mark;
import promedio.core.measure.Measure;
import promedio.core.measure.Measures;
import promedio.core.measure.Result;
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
 */
public record Reckoning(
    Item item,
    Typed typed,
    CourseRules rules,
    DecimalSign sign,
    Measures measures,
    Formulas formulas) {

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
        Formulas.of(typed.data(), rules));
  }

  /** {@return this, brought up to an assignment in which the values of the item are the same} */
  Reckoning inside(Assignment assignment, Item same) {
    CourseRules others = assignment.rules();
    return others.equals(rules)
        ? new Reckoning(same, typed, rules, sign, measures, formulas)
        : new Reckoning(
            same, typed, others, sign, measures.under(others), Formulas.of(typed.data(), others));
  }

  /** {@return what the student's answer to the measure is worth} */
  public Mark mark(Measure measure) {
    Result result = measures.get(measure);
    return new Agreement(rules, sign).judge(measure, result, item.answer(measure));
  }
}
