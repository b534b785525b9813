package promedio.desktop.cli;

import java.io.IOException;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import promedio.core.computation.GroupSummary;
import promedio.core.measure.Measure;
import promedio.core.message.Texts;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Groups;
import promedio.files.RefusedFileException;
import promedio.files.report.SummaryText;
import promedio.files.table.ColumnChoiceException;

/** Measures of a column by the groups of others: a row a group, and one for all together. */
@Command(name = "summary", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class SummaryCommand implements Callable<Integer> {

  /** Told of every group whether they are asked for or not. */
  private static final Set<String> ALWAYS = Set.of("n", "missing");

  private static final Set<String> FORMS = Set.of("text", "csv", "json", "markdown", "html");

  @Spec private CommandSpec spec;

  @Mixin private SeveralInput input;

  @Option(
      names = "--measures",
      split = ",",
      paramLabel = "${bundle:label.key}",
      descriptionKey = "option.summary.measures")
  private List<String> measures = List.of("mean", "sd", "median");

  @Option(
      names = "--format",
      defaultValue = "text",
      paramLabel = "${bundle:label.format}",
      descriptionKey = "option.summary.format")
  private String format = "text";

  private SummaryCommand() {}

  @Override
  public Integer call() throws RefusedFileException, ColumnChoiceException, IOException {
    if (!FORMS.contains(format)) {
      throw wrong(Texts.of("summary.format", format));
    }
    CourseRules rules = input.rules(spec);
    Groups groups = input.readGroups(spec);
    List<String> keys = measures.stream().filter(key -> !ALWAYS.contains(key)).toList();
    List<Measure> chosen = SampleMeasures.of(keys, spec);
    String text = SummaryText.of(GroupSummary.of(groups, chosen, rules), rules, format);
    spec.commandLine().getOut().print(text);
    spec.commandLine().getOut().flush();
    return 0;
  }

  private ParameterException wrong(String message) {
    return new ParameterException(spec.commandLine(), message);
  }
}
