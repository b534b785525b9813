package promedio.files.report;

import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;

/** How a value of a course rule is told. */
public final class RuleText {

  private RuleText() {}

  /**
   * {@return the value in words, or its code where it has none: a rule may have values that nobody
   * lists, any level of significance}
   */
  public static <T> String of(Rule<T> rule, T value) {
    String code = rule.codeOf(value);
    String key = "rule." + rule.code() + "." + code;
    return Texts.has(key) ? Texts.of(key) : written(code);
  }

  /** {@return the rule by name, and its value} */
  public static <T> String told(Rule<T> rule, T value) {
    String name = Texts.of("rule." + rule.code());
    // α = 0.05 is told as that.
    return name.endsWith("=")
        ? name + " " + of(rule, value)
        : Texts.of("rule.told", name, of(rule, value));
  }

  /** {@return what a question says itself, each rule with its name; empty where it says nothing} */
  public static String of(StatedRules stated) {
    return Rule.all().stream()
        .flatMap(rule -> of(rule, stated).stream())
        .collect(Collectors.joining("; "));
  }

  private static <T> Optional<String> of(Rule<T> rule, StatedRules stated) {
    return stated.get(rule).map(value -> told(rule, value));
  }

  /** {@return the value of this code in words; the code, where there is no such rule or value} */
  public static String ofCodes(String rule, String value) {
    return Rule.find(rule).map(each -> ofCode(each, value)).orElse(value);
  }

  private static <T> String ofCode(Rule<T> rule, String value) {
    return rule.values().stream()
        .filter(each -> rule.codeOf(each).equals(value))
        .findFirst()
        .map(each -> of(rule, each))
        .orElse(value);
  }

  /** A number is written as those write it who speak the language. */
  private static String written(String code) {
    return code.matches("\\d+\\.\\d+") ? DecimalSign.spoken().in(code) : code;
  }
}
