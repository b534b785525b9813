package promedio.files.report;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;

/** Every measure of some data as lines for a person. */
public final class MeasuresText {

  private final CourseRules rules;
  private final Computation computation;
  private final boolean grouped;

  private MeasuresText(Data data, CourseRules rules) {
    this.rules = rules;
    this.computation = Computation.of(data, rules);
    this.grouped = data.classes().isPresent();
  }

  /**
   * {@return the lines}
   *
   * @param title what the data are, at the head
   */
  public static List<String> of(
      String title, Data data, CourseRules rules, RequestedMeasures extras) {
    return new MeasuresText(data, rules).lines(title, data, extras);
  }

  private List<String> lines(String title, Data data, RequestedMeasures extras) {
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
    Measures.all().forEach(measure -> lines.add(line(measure.key(), Request.of(measure))));
    extras
        .trim()
        .ifPresent(
            trim -> lines.add(line("trimmed_mean", Request.of(Measures.TRIMMED_MEAN, trim))));
    extras
        .percentiles()
        .forEach(
            (key, percent) ->
                lines.add(line("percentile " + key, Request.of(Measures.PERCENTILE, percent))));
    if (computation.context().categories().isEmpty()) {
      extras.ofSample().forEach(request -> lines.add(line(request.key(), request)));
    }
    return lines;
  }

  private String line(String name, Request request) {
    return "%-24s %s".formatted(name, text(computation.result(request), request));
  }

  private String text(Result result, Request request) {
    if (result instanceof Result.Absent absent) {
      return Texts.of("report.absent", absent.why().text());
    }
    if (result instanceof Result.Several several) {
      return several.values().stream()
          .map(value -> shown(value, request))
          .collect(Collectors.joining("  "));
    }
    if (result instanceof Result.Named named) {
      return String.join("; ", named.names());
    }
    return result instanceof Result.Estimated estimated
        ? shown(estimated.value().decimal(), request)
        : shown(result.number().orElseThrow(), request);
  }

  private String shown(Real number, Request request) {
    return ResultText.of(number, request, grouped, rules, DecimalSign.spoken());
  }

  /** {@return the number in plain notation without trailing zeros} */
  static String plain(BigDecimal number) {
    return number.signum() == 0 ? "0" : number.stripTrailingZeros().toPlainString();
  }
}
