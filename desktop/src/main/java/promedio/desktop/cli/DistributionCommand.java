package promedio.desktop.cli;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.files.RefusedFileException;
import promedio.files.report.DistributionJson;

/** The areas that a value cuts off a curve of probability, or the value that cuts off an area. */
@Command(name = "distribution", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class DistributionCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Parameters(
      arity = "0..1",
      paramLabel = "${bundle:label.name}",
      descriptionKey = "option.distribution.parameter")
  private @Nullable String name;

  @Option(
      names = "--df",
      split = ",",
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.distribution.df")
  private List<String> degrees = List.of();

  @Option(
      names = "--area",
      paramLabel = "${bundle:label.area}",
      descriptionKey = "option.distribution.area")
  private @Nullable String area;

  @Option(
      names = "--upper",
      paramLabel = "${bundle:label.area}",
      descriptionKey = "option.distribution.upper")
  private @Nullable String upper;

  @Option(
      names = "--both",
      paramLabel = "${bundle:label.area}",
      descriptionKey = "option.distribution.both")
  private @Nullable String both;

  @Option(
      names = "--at",
      paramLabel = "${bundle:label.value}",
      descriptionKey = "option.distribution.at")
  private @Nullable String at;

  @Option(
      names = "--lines",
      paramLabel = "${bundle:label.file}",
      descriptionKey = "option.distribution.lines")
  private @Nullable String lines;

  @Option(
      names = "--format",
      defaultValue = "text",
      paramLabel = "${bundle:label.format}",
      descriptionKey = "option.distribution.format")
  private String format = "text";

  private DistributionCommand() {}

  @Override
  public Integer call() throws RefusedFileException, IOException {
    if ((name == null) == (lines == null)) {
      throw wrong(Texts.of("distribution.one-input"));
    }
    if (lines != null) {
      return answerLines(lines);
    }
    print(String.valueOf(name));
    spec.commandLine().getOut().flush();
    return 0;
  }

  private void print(String curve) {
    PrintWriter out = spec.commandLine().getOut();
    try {
      ObjectNode read = DistributionJson.of(curve, degrees, given());
      if (format.equals("json")) {
        out.println(read);
      } else {
        for (String key : List.of("value", "area", "upper", "both")) {
          if (read.has(key)) {
            out.println(Texts.of("distribution." + key, read.path(key).asText()));
          }
        }
      }
    } catch (BadInputException e) {
      throw wrong(e.getMessage());
    }
  }

  private Map<String, String> given() {
    Map<String, String> given = new LinkedHashMap<>();
    put(given, "area", area);
    put(given, "upper", upper);
    put(given, "both", both);
    put(given, "at", at);
    return given;
  }

  private static void put(Map<String, String> given, String key, @Nullable String value) {
    if (value != null) {
      given.put(key, value);
    }
  }

  private int answerLines(String file) throws RefusedFileException, IOException {
    try (InputStream in = Inputs.open(file)) {
      return new Batch(spec.commandLine().getOut(), DistributionJson::answer).answer(in);
    }
  }

  private ParameterException wrong(@Nullable String message) {
    return new ParameterException(spec.commandLine(), String.valueOf(message));
  }
}
