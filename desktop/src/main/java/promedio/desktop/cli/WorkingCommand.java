package promedio.desktop.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Parameter;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.Subject;
import promedio.core.working.Assumed;
import promedio.core.working.Methods;
import promedio.core.working.Working;
import promedio.files.RefusedFileException;
import promedio.files.report.MarkRequestJson;
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
  private List<String> with = List.of();

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
    ObjectNode question = question();
    Request request = request(question);
    CourseRules rules = input.rules(spec);
    WorkingFormat format =
        WorkingFormat.ofCode(formatCode)
            .orElseThrow(
                () -> wrong(Texts.of("working.format", formatCode, WorkingFormat.codes())));
    SampleInput.Input read = input.read(spec);
    Data data = asked(read.data(), question, request);
    List<Method> methods = Methods.of(request, rules, data);
    Method method =
        Method.ofCode(methodCode).filter(methods::contains).orElseThrow(() -> noMethod(methods));
    ShownNumbers numbers = new ShownNumbers(rules, format.sign());
    Optional<Working> working = working(data, rules, request, method);
    if (working.isEmpty()) {
      throw new RefusedFileException(
          Texts.of(
              "working.none",
              read.source(),
              TaskTexts.name(request, numbers),
              reason(data, rules, request)));
    }
    PrintWriter out = spec.commandLine().getOut();
    format
        .write(
            TaskTexts.title(request, numbers),
            working.get(),
            (fractions ? numbers.asFractions() : numbers).in(unit))
        .forEach(out::println);
    out.flush();
    return 0;
  }

  /** What is asked, as a line of JSON asks it. */
  private ObjectNode question() {
    if (Measures.ofKey(measureKey).isEmpty()) {
      throw wrong(Texts.of("working.measure", measureKey, keys()));
    }
    List<Parameter> needed = Measures.ofKey(measureKey).map(Measure::parameters).orElse(List.of());
    if (with.isEmpty() && !needed.isEmpty()) {
      throw wrong(Texts.of("working.with", measureKey, options(needed)));
    }
    ObjectNode question = JsonNodeFactory.instance.objectNode().put("measure", measureKey);
    for (String given : with) {
      int sign = given.indexOf('=');
      if (sign > 0) {
        question
            .withObjectProperty("with")
            .put(given.substring(0, sign).strip(), given.substring(sign + 1).strip());
      } else if (with.size() == 1) {
        question.put("with", given);
      } else {
        throw wrong(Texts.of("working.with-names", given));
      }
    }
    return question;
  }

  /** How the numbers are given: one alone, several by their names. */
  private static String options(List<Parameter> needed) {
    String number = Texts.of("working.a-number");
    return needed.size() == 1
        ? "--with " + number
        : needed.stream()
            .map(each -> "--with " + each.quantity().id() + "=" + number)
            .collect(Collectors.joining(" "));
  }

  private Request request(ObjectNode question) {
    try {
      return MarkRequestJson.request(question);
    } catch (BadInputException e) {
      throw wrong(e.why().text());
    }
  }

  private Data asked(Data data, ObjectNode question, Request request) {
    try {
      return MarkRequestJson.asked(data, question.path("with"), request);
    } catch (BadInputException e) {
      throw wrong(e.why().text());
    }
  }

  private Optional<Working> working(Data data, CourseRules rules, Request request, Method method) {
    if (data.subject() != Subject.ONE) {
      return Working.of(data, rules, request, method);
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
    return Working.of(data, rules, request, method, new Assumed(mean, width));
  }

  private static String reason(Data data, CourseRules rules, Request request) {
    return Computation.of(data, rules).result(request) instanceof Result.Absent absent
        ? absent.why().text()
        : Texts.of("working.not-worked");
  }

  private Optional<Exact> number(String option, @Nullable String text) {
    return Optional.ofNullable(text).map(t -> NumberOption.read(option, t, spec));
  }

  private static String keys() {
    return Measures.every().stream().map(Measure::key).collect(Collectors.joining(", "));
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
