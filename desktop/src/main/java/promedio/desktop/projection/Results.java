package promedio.desktop.projection;

import java.math.BigDecimal;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import promedio.core.measure.Dimension;
import promedio.core.measure.Result;
import promedio.core.measure.Task;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.files.report.PValueText;

/** Results as they are shown: rounded by the course rules, in the student's number format. */
public final class Results {

  /** More modes tell nothing. */
  private static final int MOST_MODES = 4;

  private Results() {}

  /** {@return the result, or that there is none} */
  public static String shown(Result result, Task task, Analysis analysis) {
    return shown(result, task, analysis.rules(), analysis.sign());
  }

  /** {@return the result as these rules and this decimal sign want it, or that there is none} */
  public static String shown(Result result, Task task, CourseRules rules, DecimalSign sign) {
    if (task.decides()) {
      return result instanceof Result.Estimated p
          ? Texts.of(rules.reject(p.value().decimal()) ? "decision.reject" : "decision.keep")
          : Texts.of("result.none");
    }
    if (result instanceof Result.Several several) {
      String parting = sign == DecimalSign.COMMA ? "; " : ", ";
      return listed(several.values(), value -> plain(value, rules, sign), parting);
    }
    if (result instanceof Result.Row row) {
      return row.values().stream()
          .map(value -> rounded(value, rules, sign))
          .collect(Collectors.joining("; "));
    }
    if (result instanceof Result.Named named) {
      return listed(named.names(), name -> name, "; ");
    }
    if (result instanceof Result.Estimated estimated) {
      return task.dimension() == Dimension.PROBABILITY
          ? sign.in(PValueText.of(estimated.value(), rules))
          : rounded(estimated.value().decimal(), rules, sign);
    }
    if (task.dimension() == Dimension.DEGREES) {
      return result
          .number()
          .map(number -> plain(number, rules, sign))
          .orElseGet(() -> Texts.of("result.none"));
    }
    return result
        .number()
        .map(
            number ->
                rounded(number, rules, sign) + (task.dimension() == Dimension.PERCENT ? " %" : ""))
        .orElseGet(() -> Texts.of("result.none"));
  }

  private static <T> String listed(List<T> modes, Function<T, String> shown, String parting) {
    return modes.stream()
        .limit(MOST_MODES)
        .map(shown)
        .collect(Collectors.joining(parting, "", modes.size() > MOST_MODES ? " …" : ""));
  }

  /** {@return the number rounded by the course rules} */
  public static String rounded(Real number, CourseRules rules, DecimalSign sign) {
    return NumberText.write(number.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING)), sign);
  }

  /** {@return the number without idle zeros where the places allow it, otherwise rounded} */
  public static String plain(Real number, Analysis analysis) {
    return plain(number, analysis.rules(), analysis.sign());
  }

  private static String plain(Real number, CourseRules rules, DecimalSign sign) {
    BigDecimal decimal = number.significant(30).stripTrailingZeros();
    return decimal.scale() <= rules.get(Rule.PLACES)
        ? NumberText.write(decimal, sign)
        : rounded(number, rules, sign);
  }
}
