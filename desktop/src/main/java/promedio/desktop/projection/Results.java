package promedio.desktop.projection;

import java.math.BigDecimal;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import promedio.core.measure.Dimension;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.files.report.ResultText;

/** Results as they are shown: rounded by the course rules, in the student's number format. */
public final class Results {

  /** More modes tell nothing. */
  private static final int MOST_MODES = 4;

  private Results() {}

  /** {@return the result, or that there is none} */
  public static String shown(Result result, Request request, Analysis analysis) {
    CourseRules rules = analysis.rules();
    DecimalSign sign = analysis.sign();
    if (request.decides()) {
      return result instanceof Result.Estimated p
          ? Texts.of(rules.reject(p.value().decimal()) ? "decision.reject" : "decision.keep")
          : Texts.of("result.none");
    }
    boolean grouped = analysis.typed().data().classes().isPresent();
    Function<Real, String> one = value -> ResultText.of(value, request, grouped, rules, sign);
    if (result instanceof Result.Several several) {
      String parting = sign == DecimalSign.COMMA ? "; " : ", ";
      return listed(several.values(), one::apply, parting);
    }
    if (result instanceof Result.Row row) {
      return row.values().stream().map(one).collect(Collectors.joining("; "));
    }
    if (result instanceof Result.Named named) {
      return listed(named.names(), name -> name, "; ");
    }
    if (result instanceof Result.Estimated estimated) {
      return one.apply(estimated.value().decimal());
    }
    return result
        .number()
        .map(number -> one.apply(number) + (request.dimension() == Dimension.PERCENT ? " %" : ""))
        .orElseGet(() -> Texts.of("result.none"));
  }

  /** {@return whether the result is shown with all its digits, so that nothing was rounded} */
  public static boolean isAll(Result result, Request request, CourseRules rules) {
    if (result instanceof Result.Several several) {
      return several.values().stream().allMatch(value -> ResultText.isAll(value, rules));
    }
    if (result instanceof Result.Row row) {
      return row.values().stream().allMatch(value -> ResultText.isAll(value, rules));
    }
    boolean estimated = result instanceof Result.Estimated || request.isProbability();
    return !estimated && result.number().map(value -> ResultText.isAll(value, rules)).orElse(true);
  }

  private static <T> String listed(List<T> modes, Function<T, String> shown, String parting) {
    return modes.stream()
        .limit(MOST_MODES)
        .map(shown)
        .collect(Collectors.joining(parting, "", modes.size() > MOST_MODES ? " …" : ""));
  }

  /** {@return the number rounded by the course rules} */
  public static String rounded(Real number, CourseRules rules, DecimalSign sign) {
    return ResultText.rounded(number, rules, sign);
  }

  /** {@return the number without idle zeros where the places allow it, otherwise rounded} */
  public static String plain(Real number, Analysis analysis) {
    BigDecimal decimal = number.significant(30).stripTrailingZeros();
    return decimal.scale() <= analysis.rules().get(Rule.PLACES)
        ? NumberText.write(decimal, analysis.sign())
        : rounded(number, analysis.rules(), analysis.sign());
  }
}
