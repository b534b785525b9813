package promedio.desktop.projection.handin;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Question;
import promedio.core.computation.Computation;
import promedio.core.measure.Dimension;
import promedio.core.measure.Task;
import promedio.core.message.Texts;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.desktop.projection.Analysis;
import promedio.files.report.RuleText;

/** The course rules that an assignment is worked by, in words. */
final class HandInRules {

  private HandInRules() {}

  /**
   * {@return the rules that every document tells, and those by another value of which a result
   * would be found in another way}
   */
  static List<String> of(
      Assignment assignment, List<Question> asked, Function<Item, Analysis> analysis) {
    List<String> told = new ArrayList<>();
    for (Rule<?> rule : Rule.all()) {
      boolean always = rule == Rule.PLACES || rule == Rule.ROUNDING || rule == Rule.CARRY;
      if (always || asked.stream().anyMatch(each -> matters(rule, each, assignment, analysis))) {
        told.add(inWords(rule, assignment.rules()));
      }
    }
    return told;
  }

  private static <T> String inWords(Rule<T> rule, CourseRules rules) {
    return Texts.of(
        "handin.rule", Texts.of("rule." + rule.code()), RuleText.of(rule, rules.get(rule)));
  }

  private static <T> boolean matters(
      Rule<T> rule, Question question, Assignment assignment, Function<Item, Analysis> analysis) {
    if (rule == Rule.ALPHA || rule == Rule.P_PLACES || rule == Rule.P_STYLE) {
      // They change what is told of a p-value, not the p-value.
      return question.task().dimension() == Dimension.PROBABILITY;
    }
    return assignment
        .item(question.about().item())
        .map(analysis)
        .flatMap(all -> all.in(question.about().portion()))
        .filter(
            now ->
                rule.values().stream()
                    .filter(other -> !other.equals(now.rules().get(rule)))
                    .anyMatch(other -> differs(question, now, now.rules().with(rule, other))))
        .isPresent();
  }

  private static boolean differs(Question question, Analysis now, CourseRules others) {
    Task task = question.task();
    Computation mine = now.computation();
    Computation other = mine.under(others);
    // Some data give the same by either value of a rule; it is told whether they do or not.
    return !mine.result(task).equals(other.result(task))
        || !mine.dependencies(task).equals(other.dependencies(task));
  }
}
