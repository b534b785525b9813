package promedio.files.report;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.measure.Task;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;

/** Every measure of some data as lines for a person. */
public final class MeasuresText {

  private final CourseRules rules;

  private MeasuresText(CourseRules rules) {
    this.rules = rules;
  }

  /**
   * {@return the lines}
   *
   * @param title what the data are, at the head
   */
  public static List<String> of(String title, Data data, CourseRules rules, Extras extras) {
    return new MeasuresText(rules).lines(title, data, extras);
  }

  private List<String> lines(String title, Data data, Extras extras) {
    List<String> lines = new ArrayList<>();
    String n = data.total().toString();
    lines.add(
        data.missing() == 0
            ? Texts.of("report.head", title, n)
            : Texts.of("report.head.missing", title, n, data.missing()));
    lines.add(
        Texts.of(
            "report.rules",
            rules.codes().entrySet().stream()
                .map(code -> code.getKey() + " " + code.getValue())
                .collect(Collectors.joining(", "))));
    lines.add("");
    Computation computation = Computation.of(data, rules);
    for (Measure measure : Measures.all()) {
      lines.add(line(measure.key(), computation.result(measure)));
    }
    extras
        .trim()
        .ifPresent(
            trim ->
                lines.add(
                    line(
                        "trimmed_mean", computation.result(Task.of(Measures.TRIMMED_MEAN, trim)))));
    extras
        .percentiles()
        .forEach(
            (key, percent) ->
                lines.add(
                    line(
                        "percentile " + key,
                        computation.result(Task.of(Measures.PERCENTILE, percent)))));
    if (computation.setting().categories().isEmpty()) {
      extras.tests().forEach(task -> lines.add(line(task.key(), computation.result(task), task)));
    }
    return lines;
  }

  private String line(String name, Result result, Task task) {
    return result instanceof Result.Estimated estimated
        ? "%-24s %s"
            .formatted(
                name,
                ResultText.of(
                    estimated.value().decimal(), task, false, rules, DecimalSign.spoken()))
        : line(name, result);
  }

  private String line(String name, Result result) {
    return "%-24s %s".formatted(name, text(result));
  }

  private String text(Result result) {
    if (result instanceof Result.Absent absent) {
      return Texts.of("report.absent", absent.why().text());
    }
    if (result instanceof Result.Several several) {
      return several.values().stream().map(this::rounded).collect(Collectors.joining("  "));
    }
    if (result instanceof Result.Named named) {
      return String.join("; ", named.names());
    }
    return rounded(result.number().orElseThrow());
  }

  private String rounded(Real number) {
    return NumberText.write(
        number.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING)), DecimalSign.spoken());
  }

  /** {@return the number in plain notation without trailing zeros} */
  static String plain(BigDecimal number) {
    return number.signum() == 0 ? "0" : number.stripTrailingZeros().toPlainString();
  }
}
