package promedio.desktop.projection;

import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.Rule;

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

  /** A number is written as those write it who speak the language. */
  private static String written(String code) {
    return code.matches("\\d+\\.\\d+") ? DecimalSign.spoken().in(code) : code;
  }
}
