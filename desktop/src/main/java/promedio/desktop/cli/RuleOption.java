package promedio.desktop.cli;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.rules.CourseRules;

/** Course rules behind {@code --rule}. */
final class RuleOption {

  private RuleOption() {}

  /**
   * {@return the course rules}
   *
   * @param codes each a rule's code, an equals sign and the code of its value
   * @throws ParameterException if one is none, or a rule is named twice
   */
  static CourseRules read(List<String> codes, CommandSpec spec) {
    CourseRules rules = CourseRules.DEFAULTS;
    Set<String> named = new HashSet<>();
    for (String code : codes) {
      int sign = code.indexOf('=');
      if (sign < 0) {
        throw new ParameterException(spec.commandLine(), Texts.of("rule.no-value", code));
      }
      String rule = code.substring(0, sign).strip();
      if (!named.add(rule)) {
        throw new ParameterException(spec.commandLine(), Texts.of("rule.twice", rule));
      }
      try {
        rules = rules.with(rule, code.substring(sign + 1).strip());
      } catch (BadInputException e) {
        throw new ParameterException(spec.commandLine(), e.getMessage(), e);
      }
    }
    return rules;
  }
}
