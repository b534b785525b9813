package promedio.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import promedio.core.catalogue.Measures;
import promedio.core.catalogue.several.Several;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.measure.Task;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.Subject;
import promedio.core.working.Assumed;
import promedio.core.working.Method;
import promedio.core.working.Working;
import promedio.desktop.Texts;
import promedio.files.RefusedFileException;
import promedio.files.report.ShownNumbers;
import promedio.files.report.TaskTexts;
import promedio.files.report.WorkingFormat;
import promedio.files.table.ColumnChoiceException;

/** The hand working of one measure. */
@Command(
    name = "working",
    mixinStandardHelpOptions = true,
    description = "The hand working of one measure: table, steps, numbers put in.",
    footer = {
      "",
      "Examples:",
      "  promedio working --values \"8 10 11 11\" --measure variance --method shortcut",
      "  promedio working baskets.csv --kind value-frequency --measure sd --format markdown",
      "  promedio working pears.csv --column weight --measure sd --rule carry=2",
      "  promedio working pears.csv --column weight --measure q1 --method crossing-off",
      "  promedio working pears.csv --column weight --measure percentile --with 90 --format html"
    })
final class WorkingCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Mixin private SeveralInput input;

  @Option(
      names = "--measure",
      required = true,
      paramLabel = "KEY",
      description =
          "a measure, e.g. variance; or five_numbers, decile, percentile, percentile_rank, trimmed_mean,"
              + " moment, z_score, value_of_z")
  private String measureKey = "";

  @Option(
      names = "--with",
      paramLabel = "NUMBER",
      description = "the number that it is about, e.g. 90 for a percentile")
  private @Nullable String with;

  @Option(
      names = "--method",
      defaultValue = "definition",
      paramLabel = "METHOD",
      description =
          "definition, shortcut, assumed-mean, step, crossing-off, cumulative or raw-moments,"
              + " where there is such a method (default: definition)")
  private String methodCode = "definition";

  @Option(
      names = "--assumed-mean",
      paramLabel = "NUMBER",
      description = "the assumed mean (default: the value in the middle)")
  private @Nullable String assumedMean;

  @Option(
      names = "--step",
      paramLabel = "NUMBER",
      description = "the step of the distances (default: the largest that leaves whole numbers)")
  private @Nullable String step;

  @Option(
      names = "--format",
      defaultValue = "text",
      paramLabel = "FORMAT",
      description = "text, markdown, latex, html or json (default: text)")
  private String formatCode = "text";

  @Option(names = "--unit", paramLabel = "UNIT", description = "the unit of the values, e.g. g")
  private String unit = "";

  @Option(
      names = "--fractions",
      description = "numbers whose decimals do not end are shown as fractions on the way")
  private boolean fractions;

  private WorkingCommand() {}

  @Override
  public Integer call() throws RefusedFileException, ColumnChoiceException, IOException {
    Task task = task();
    CourseRules rules = input.rules(spec);
    Method method = Method.ofCode(methodCode).orElseThrow(() -> noMethod(Method.of(task, rules)));
    WorkingFormat format =
        WorkingFormat.ofCode(formatCode)
            .orElseThrow(
                () -> wrong(Texts.of("working.format", formatCode, WorkingFormat.codes())));
    SampleInput.Input read = input.read(spec);
    List<Method> methods = Method.of(task, rules, read.data());
    if (!methods.contains(method)) {
      throw noMethod(methods);
    }
    ShownNumbers numbers = new ShownNumbers(rules, DecimalSign.POINT);
    Optional<Working> working = working(read.data(), rules, task, method);
    if (working.isEmpty()) {
      throw new RefusedFileException(
          Texts.of(
              "working.none",
              read.source(),
              TaskTexts.name(task, numbers),
              reason(read.data(), rules, task)));
    }
    PrintWriter out = spec.commandLine().getOut();
    format
        .write(
            TaskTexts.title(task, numbers),
            working.get(),
            (fractions ? numbers.asFractions() : numbers).in(unit))
        .forEach(out::println);
    out.flush();
    return 0;
  }

  private Task task() {
    Measure measure =
        Measures.ofKey(measureKey)
            .orElseThrow(() -> wrong(Texts.of("working.measure", measureKey, keys())));
    boolean needsNumber = !measure.parameters().isEmpty();
    if (needsNumber && with == null) {
      throw wrong(Texts.of("working.with", measureKey));
    }
    List<Exact> arguments = needsNumber ? number("--with", with).stream().toList() : List.of();
    Task.refusal(measure, arguments)
        .ifPresent(
            why -> {
              throw wrong(Texts.of("working.refused", measureKey, why.text()));
            });
    return new Task(measure, arguments);
  }

  private Optional<Working> working(Data data, CourseRules rules, Task task, Method method) {
    if (data.subject() != Subject.ONE) {
      return Working.of(data, rules, task, method);
    }
    if (data.tally().isEmpty()) {
      return Optional.empty();
    }
    Assumed usual = Assumed.of(data.tally());
    Exact mean = number("--assumed-mean", assumedMean).orElse(usual.mean());
    Exact width = number("--step", step).orElse(usual.step());
    if (width.signum() <= 0) {
      throw wrong(Texts.of("working.step", width.toString()));
    }
    return Working.of(data, rules, task, method, new Assumed(mean, width));
  }

  private static String reason(Data data, CourseRules rules, Task task) {
    return Computation.of(data, rules).result(task) instanceof Result.Absent absent
        ? absent.why().text()
        : Texts.of("working.not-worked");
  }

  private Optional<Exact> number(String option, @Nullable String text) {
    return Optional.ofNullable(text).map(t -> NumberOption.read(option, t, spec));
  }

  private static String keys() {
    return Stream.of(Measures.all(), Measures.others(), Several.asked())
        .flatMap(List::stream)
        .map(Measure::key)
        .collect(Collectors.joining(", "));
  }

  private ParameterException noMethod(List<Method> methods) {
    return wrong(
        Texts.of(
            "working.method",
            measureKey,
            methods.stream().map(Method::code).collect(Collectors.joining(", "))));
  }

  private ParameterException wrong(String message) {
    return new ParameterException(spec.commandLine(), message);
  }
}
