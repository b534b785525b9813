package promedio.core.rules;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;

/** One value for every {@link Rule}: the conventions of one course. Immutable. */
public final class CourseRules {

  /** Every rule at its default. */
  public static final CourseRules DEFAULTS = new CourseRules(Map.of());

  /** The rules that differ from their default. */
  private final Map<Rule<?>, Object> chosen;

  private CourseRules(Map<Rule<?>, Object> chosen) {
    this.chosen = Map.copyOf(chosen);
  }

  /** {@return the value of the rule} */
  // Only with(Rule, T) puts values in, so that the type is right.
  @SuppressWarnings("unchecked")
  public <T> T get(Rule<T> rule) {
    return (T) chosen.getOrDefault(rule, rule.initial());
  }

  /**
   * {@return these rules with one of them changed}
   *
   * @throws IllegalArgumentException if the rule has no such value
   */
  public <T> CourseRules with(Rule<T> rule, T value) {
    if (!rule.takes(value)) {
      throw new IllegalArgumentException(rule + " takes " + rule.values() + ", not " + value);
    }
    Map<Rule<?>, Object> changed = new HashMap<>(chosen);
    if (value.equals(rule.initial())) {
      changed.remove(rule);
    } else {
      changed.put(rule, value);
    }
    return new CourseRules(changed);
  }

  /**
   * {@return these rules with one of them changed}
   *
   * @throws BadInputException if a code is unknown; it lists those there are
   */
  public CourseRules with(String ruleCode, String valueCode) throws BadInputException {
    return withCode(Rule.ofCode(ruleCode), valueCode);
  }

  private <T> CourseRules withCode(Rule<T> rule, String valueCode) throws BadInputException {
    return with(rule, rule.valueOfCode(valueCode));
  }

  /** {@return whether the null hypothesis is rejected: p is not above the level of the course} */
  public boolean reject(Exact p) {
    return p.compareTo(Exact.of(get(Rule.ALPHA))) <= 0;
  }

  /** {@return the code of the value of the rule} */
  public <T> String code(Rule<T> rule) {
    return rule.codeOf(get(rule));
  }

  /** {@return the code of every rule's value by the code of the rule} */
  public Map<String, String> codes() {
    Map<String, String> codes = new LinkedHashMap<>();
    Rule.all().forEach(rule -> codes.put(rule.code(), code(rule)));
    return codes;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof CourseRules that && chosen.equals(that.chosen);
  }

  @Override
  public int hashCode() {
    return chosen.hashCode();
  }

  @Override
  public String toString() {
    return codes().toString();
  }
}
