package promedio.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import promedio.core.measure.Measure;
import promedio.core.measure.Measures;
import promedio.core.measure.Result;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.working.Method;
import promedio.core.working.Working;
import promedio.desktop.Texts;
import promedio.files.RefusedFileException;
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
      "  promedio working pears.csv --column weight --measure sd --rule carry=2"
    })
final class WorkingCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Mixin private SampleInput input;

  @Option(names = "--measure", required = true, paramLabel = "KEY", description = "e.g. variance")
  private String measureKey = "";

  @Option(
      names = "--method",
      defaultValue = "definition",
      paramLabel = "METHOD",
      description = "definition, or shortcut for variance and sd (default: definition)")
  private String methodCode = "definition";

  @Option(
      names = "--format",
      defaultValue = "text",
      paramLabel = "FORMAT",
      description = "text, markdown or latex (default: text)")
  private String formatCode = "text";

  private WorkingCommand() {}

  @Override
  public Integer call() throws RefusedFileException, ColumnChoiceException, IOException {
    Measure measure =
        Measure.ofKey(measureKey)
            .orElseThrow(() -> wrong(Texts.of("working.measure", measureKey, keys())));
    Method method =
        Method.ofCode(methodCode)
            .filter(found -> Method.of(measure).contains(found))
            .orElseThrow(() -> wrong(Texts.of("working.method", measureKey, methods(measure))));
    WorkingFormat format =
        WorkingFormat.ofCode(formatCode)
            .orElseThrow(() -> wrong(Texts.of("working.format", formatCode)));
    CourseRules rules = input.rules(spec);
    SampleInput.Input read = input.read(spec);
    Optional<Working> working = Working.of(read.data(), rules, measure, method);
    if (working.isEmpty()) {
      Result result = Measures.of(read.data(), rules).get(measure);
      throw new RefusedFileException(
          Texts.of(
              "working.none",
              read.source(),
              Texts.of("measure." + measure.key()),
              result instanceof Result.Absent absent
                  ? absent.why().text()
                  : Texts.of("working.not-worked")));
    }
    PrintWriter out = spec.commandLine().getOut();
    String name = Texts.of("measure." + measure.key());
    String title = name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    format.write(title, working.get(), rules, DecimalSign.POINT).forEach(out::println);
    out.flush();
    return 0;
  }

  private static String keys() {
    return List.of(Measure.values()).stream().map(Measure::key).collect(Collectors.joining(", "));
  }

  private static String methods(Measure measure) {
    return Method.of(measure).stream().map(Method::code).collect(Collectors.joining(", "));
  }

  private ParameterException wrong(String message) {
    return new ParameterException(spec.commandLine(), message);
  }
}
