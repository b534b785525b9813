package promedio.desktop.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Subject;
import promedio.files.RefusedFileException;
import promedio.files.report.MeasureLines;
import promedio.files.report.MeasuresReport;
import promedio.files.report.MeasuresText;
import promedio.files.report.RequestedMeasures;
import promedio.files.report.SeveralText;
import promedio.files.table.ColumnChoiceException;

/** Every measure of one sample, or of one sample a line. */
@Command(name = "measures", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class MeasuresCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Option(
      names = "--lines",
      paramLabel = "${bundle:label.file}",
      descriptionKey = "option.measures.lines")
  private @Nullable String lines;

  @Option(
      names = "--format",
      paramLabel = "${bundle:label.format}",
      defaultValue = "text",
      descriptionKey = "option.measures.format")
  private OutputFormat format = OutputFormat.TEXT;

  @Option(
      names = "--trim",
      paramLabel = "${bundle:label.share}",
      descriptionKey = "option.measures.trim")
  private @Nullable String trim;

  @Option(
      names = "--percentile",
      paramLabel = "${bundle:label.percent}",
      descriptionKey = "option.measures.percentile")
  private List<String> percentiles = List.of();

  @Option(
      names = "--with",
      paramLabel = "${bundle:label.name-number}",
      descriptionKey = "option.measures.with")
  private Map<String, String> with = Map.of();

  @Mixin private SeveralInput input;

  private MeasuresCommand() {}

  @Override
  public Integer call() throws RefusedFileException, ColumnChoiceException, IOException {
    int inputs = input.given() + (lines == null ? 0 : 1);
    if (inputs != 1) {
      throw wrong(Texts.of("measures.one-input"));
    }
    CourseRules rules = input.rules(spec);
    RequestedMeasures extras = extras();
    if (lines != null) {
      return answerLines(lines, rules);
    }
    SampleInput.Input read = input.read(spec);
    try {
      print(read, rules, extras);
    } catch (BadInputException e) {
      throw wrong(e.getMessage());
    }
    spec.commandLine().getOut().flush();
    return 0;
  }

  private RequestedMeasures extras() {
    try {
      return RequestedMeasures.of(Optional.ofNullable(trim), percentiles, with);
    } catch (BadInputException e) {
      throw wrong(e.getMessage());
    }
  }

  private void print(SampleInput.Input input, CourseRules rules, RequestedMeasures extras)
      throws BadInputException {
    PrintWriter out = spec.commandLine().getOut();
    switch (format) {
      case JSON -> {
        ObjectNode node = JsonNodeFactory.instance.objectNode().put("source", input.source());
        input.column().ifPresent(name -> node.put("column", name));
        node.setAll(MeasuresReport.of(input.data(), rules, extras, true));
        out.println(node);
      }
      case TEXT -> {
        String title = input.column().map(c -> input.source() + ", " + c).orElse(input.source());
        if (input.data().subject() == Subject.ONE) {
          MeasuresText.of(title, input.data(), rules, extras).forEach(out::println);
        } else {
          SeveralText.of(title, MeasuresReport.of(input.data(), rules, extras, true))
              .forEach(out::println);
        }
      }
    }
  }

  private int answerLines(String name, CourseRules rules) throws RefusedFileException, IOException {
    try (InputStream in = Inputs.open(name)) {
      return new Batch(spec.commandLine().getOut(), line -> MeasureLines.answer(line, rules))
          .answer(in);
    }
  }

  private ParameterException wrong(String message) {
    return new ParameterException(spec.commandLine(), message);
  }
}
