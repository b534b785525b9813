package promedio.core.marking;

import promedio.core.formula.Formulas;
import promedio.core.measure.Measure;
import promedio.core.measure.Measures;
import promedio.core.measure.Result;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;

/** A measure that is asked of some data by some course rules. Not for several threads. */
public final class Question {

  private final Data data;
  private final CourseRules rules;
  private final Measure asked;
  private final Measures measures;
  private final Formulas formulas;

  private Question(Data data, CourseRules rules, Measure asked, Measures measures) {
    this.data = data;
    this.rules = rules;
    this.asked = asked;
    this.measures = measures;
    this.formulas = Formulas.of(data, rules);
  }

  /** {@return the question for the measure} */
  public static Question of(Data data, CourseRules rules, Measure asked) {
    return new Question(data, rules, asked, Measures.of(data, rules));
  }

  /** {@return the same question where the course has another rule} */
  Question under(CourseRules others) {
    return new Question(data, others, asked, measures.under(others));
  }

  /** {@return the data} */
  public Data data() {
    return data;
  }

  /** {@return the course rules} */
  public CourseRules rules() {
    return rules;
  }

  /** {@return what was asked} */
  public Measure asked() {
    return asked;
  }

  /** {@return the measure that is meant: of the skewness the one that the course rule names} */
  public Measure measure() {
    return asked == Measure.SKEWNESS ? Measure.called(rules.get(Rule.SKEWNESS)) : asked;
  }

  /** {@return all measures of the data} */
  public Measures measures() {
    return measures;
  }

  /** {@return the formulas of the measures} */
  public Formulas formulas() {
    return formulas;
  }

  /** {@return the right result} */
  public Result right() {
    return measures.get(measure());
  }
}
