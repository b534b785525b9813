package promedio.desktop.projection.handin;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Question;
import promedio.core.computation.Computation;
import promedio.core.measure.Dimension;
import promedio.core.measure.Request;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.desktop.projection.Analysis;
import promedio.files.report.RuleText;

/** The course rules that an assignment is worked by, in words. */
final class HandInRules {

  private final Assignment assignment;
  private final Function<Item, Analysis> analysis;

  /** What the data come to by other rules: the questions about them share what is found. */
  private final IdentityHashMap<Computation, Map<CourseRules, Computation>> others =
      new IdentityHashMap<>();

  private HandInRules(Assignment assignment, Function<Item, Analysis> analysis) {
    this.assignment = assignment;
    this.analysis = analysis;
  }

  /**
   * {@return the rules that every document tells, and those by another value of which a result
   * would be found in another way}
   */
  static List<String> of(
      Assignment assignment, List<Question> asked, Function<Item, Analysis> analysis) {
    HandInRules rules = new HandInRules(assignment, analysis);
    List<String> told = new ArrayList<>();
    for (Rule<?> rule : Rule.all()) {
      boolean always = rule == Rule.PLACES || rule == Rule.ROUNDING || rule == Rule.CARRY;
      if (always || asked.stream().anyMatch(each -> rules.matters(rule, each))) {
        told.add(inWords(rule, assignment.rules()));
      }
    }
    return told;
  }

  private static <T> String inWords(Rule<T> rule, CourseRules rules) {
    return RuleText.told(rule, rules.get(rule));
  }

  private <T> boolean matters(Rule<T> rule, Question question) {
    if (question.stated().get(rule).isPresent()) {
      // What the question says itself is told with it.
      return false;
    }
    if (rule == Rule.ALPHA || rule == Rule.P_PLACES || rule == Rule.P_STYLE) {
      // They change what is told of a p-value, not the p-value.
      return question.request().dimension() == Dimension.PROBABILITY;
    }
    return assignment
        .item(question.about().item())
        .map(analysis)
        .flatMap(all -> all.in(question.about().subset()))
        .filter(
            now ->
                rule.values().stream()
                    .filter(other -> !other.equals(now.rules().get(rule)))
                    .anyMatch(other -> differs(question, now, now.rules().with(rule, other))))
        .isPresent();
  }

  private boolean differs(Question question, Analysis now, CourseRules rules) {
    Request request = question.request();
    Computation mine = now.computation();
    Computation other =
        others.computeIfAbsent(mine, of -> new HashMap<>()).computeIfAbsent(rules, mine::under);
    // Some data give the same by either value of a rule; it is told whether they do or not.
    return !mine.dependencies(request).equals(other.dependencies(request))
        || !mine.result(request).equals(other.result(request));
  }
}
