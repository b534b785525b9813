package promedio.core.rules;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;

/**
 * What a question says itself about how it is answered: the places, whether the data are a sample
 * or a population, the alternative and the level of a test. It goes before what the course takes
 * where nothing is said, and who answers otherwise has made a mistake. Immutable.
 */
public final class StatedRules {

  /** A question that says nothing. */
  public static final StatedRules NONE = new StatedRules(Map.of());

  private static final List<Rule<?>> STATABLE =
      List.of(Rule.PLACES, Rule.P_PLACES, Rule.DIVISOR, Rule.TAILS, Rule.ALPHA);

  private final Map<Rule<?>, Object> stated;

  private StatedRules(Map<Rule<?>, Object> stated) {
    this.stated = Map.copyOf(stated);
  }

  /** {@return whether a question may say this; the other rules belong to the course} */
  public static boolean mayState(Rule<?> rule) {
    return STATABLE.contains(rule);
  }

  /** {@return what a question says that wants its results to so many places} */
  public static StatedRules places(int places) {
    return NONE.withPlaces(Optional.of(places));
  }

  /** {@return what the question says of the rule} */
  // Only with(Rule, Optional) puts values in, so that the type is right.
  @SuppressWarnings("unchecked")
  public <T> Optional<T> get(Rule<T> rule) {
    return Optional.ofNullable((T) stated.get(rule));
  }

  /**
   * {@return the same, but for what is said of this rule}
   *
   * @throws IllegalArgumentException if no question may say it, or the rule has no such value
   */
  public <T> StatedRules with(Rule<T> rule, Optional<T> value) {
    Map<Rule<?>, Object> changed = new LinkedHashMap<>(stated);
    changed.remove(rule);
    value.ifPresent(
        said -> {
          if (!mayState(rule) || !rule.takes(said)) {
            throw new IllegalArgumentException("no question states " + rule + " as " + said);
          }
          changed.put(rule, said);
        });
    return new StatedRules(changed);
  }

  /**
   * {@return the same, but for what is said of this rule}
   *
   * @throws BadInputException if a code is unknown, or no question may say this
   */
  public StatedRules with(String ruleCode, String valueCode) throws BadInputException {
    return withCode(Rule.ofCode(ruleCode), valueCode);
  }

  private <T> StatedRules withCode(Rule<T> rule, String valueCode) throws BadInputException {
    if (!mayState(rule)) {
      throw new BadInputException(Message.of("rule.not-stated", rule.code()));
    }
    return with(rule, Optional.of(rule.valueOfCode(valueCode)));
  }

  /** {@return the places that results, and p-values, are wanted to} */
  public Optional<Integer> places() {
    return get(Rule.PLACES);
  }

  /** {@return the same with other places wanted}; of a p-value there is at least one */
  public StatedRules withPlaces(Optional<Integer> places) {
    return with(Rule.PLACES, places)
        .with(Rule.P_PLACES, places.filter(Rule.P_PLACES.values()::contains));
  }

  /** {@return this, and what the other says besides or otherwise} */
  public StatedRules and(StatedRules other) {
    Map<Rule<?>, Object> both = new LinkedHashMap<>(stated);
    both.putAll(other.stated);
    return new StatedRules(both);
  }

  /** {@return the rules that hold where the course has these} */
  public CourseRules over(CourseRules course) {
    CourseRules rules = course;
    for (Rule<?> rule : stated.keySet()) {
      rules = over(rules, rule);
    }
    return rules;
  }

  private <T> CourseRules over(CourseRules course, Rule<T> rule) {
    return get(rule).map(value -> course.with(rule, value)).orElse(course);
  }

  /** {@return the code of every value that is said by the code of its rule} */
  public Map<String, String> codes() {
    Map<String, String> codes = new LinkedHashMap<>();
    STATABLE.forEach(rule -> code(rule).ifPresent(value -> codes.put(rule.code(), value)));
    return codes;
  }

  /** {@return the code of what is said of the rule} */
  public <T> Optional<String> code(Rule<T> rule) {
    return get(rule).map(rule::codeOf);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof StatedRules that && stated.equals(that.stated);
  }

  @Override
  public int hashCode() {
    return stated.hashCode();
  }

  @Override
  public String toString() {
    return codes().toString();
  }
}
