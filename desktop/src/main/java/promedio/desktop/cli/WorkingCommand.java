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
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.Subject;
import promedio.core.working.Assumed;
import promedio.core.working.Method;
import promedio.core.working.Working;
import promedio.files.RefusedFileException;
import promedio.files.report.ShownNumbers;
import promedio.files.report.TaskTexts;
import promedio.files.report.WorkingFormat;
import promedio.files.table.ColumnChoiceException;

/** The hand working of one measure. */
@Command(name = "working", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class WorkingCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Mixin private SeveralInput input;

  @Option(
      names = "--measure",
      required = true,
      paramLabel = "${bundle:label.key}",
      descriptionKey = "option.working.measure")
  private String measureKey = "";

  @Option(
      names = "--with",
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.working.with")
  private @Nullable String with;

  @Option(
      names = "--method",
      defaultValue = "definition",
      paramLabel = "${bundle:label.method}",
      descriptionKey = "option.working.method")
  private String methodCode = "definition";

  @Option(
      names = "--assumed-mean",
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.working.assumed-mean")
  private @Nullable String assumedMean;

  @Option(
      names = "--step",
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.working.step")
  private @Nullable String step;

  @Option(
      names = "--format",
      defaultValue = "text",
      paramLabel = "${bundle:label.format}",
      descriptionKey = "option.working.format")
  private String formatCode = "text";

  @Option(
      names = "--unit",
      paramLabel = "${bundle:label.unit}",
      descriptionKey = "option.working.unit")
  private String unit = "";

  @Option(names = "--fractions", descriptionKey = "option.working.fractions")
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
    ShownNumbers numbers = new ShownNumbers(rules, format.sign());
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
