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
import promedio.desktop.Texts;
import promedio.files.ByteLines;
import promedio.files.RefusedFileException;
import promedio.files.report.DistributionJson;

/** The areas that a value cuts off a curve of probability, or the value that cuts off an area. */
@Command(
    name = "distribution",
    mixinStandardHelpOptions = true,
    description = "Areas and values of the normal, t, chi-squared and f distributions.",
    footer = {
      "",
      "Examples:",
      "  promedio distribution t --df 10 --area 0.975",
      "  promedio distribution f --df 3,20 --upper 0.05",
      "  promedio distribution normal --at 1.96"
    })
final class DistributionCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Parameters(arity = "0..1", paramLabel = "NAME", description = "normal, t, chi-squared or f")
  private @Nullable String name;

  @Option(
      names = "--df",
      split = ",",
      paramLabel = "NUMBER",
      description = "degrees of freedom: one of t and chi-squared, two of f")
  private List<String> degrees = List.of();

  @Option(names = "--area", paramLabel = "AREA", description = "what lies below the value")
  private @Nullable String area;

  @Option(names = "--upper", paramLabel = "AREA", description = "what lies beyond the value")
  private @Nullable String upper;

  @Option(
      names = "--both",
      paramLabel = "AREA",
      description = "what lies farther from 0 than the value; normal and t")
  private @Nullable String both;

  @Option(names = "--at", paramLabel = "VALUE", description = "the value, for its areas")
  private @Nullable String at;

  @Option(
      names = "--lines",
      paramLabel = "FILE",
      description = "JSON Lines, one question each; - for standard input")
  private @Nullable String lines;

  @Option(
      names = "--format",
      defaultValue = "text",
      paramLabel = "FORMAT",
      description = "text or json (default: text)")
  private String format = "text";

  private DistributionCommand() {}

  @Override
  public Integer call() throws RefusedFileException, IOException {
    if ((name == null) == (lines == null)) {
      throw wrong(Texts.of("distribution.one-input"));
    }
    if (lines != null) {
      answerLines(lines);
    } else {
      print(String.valueOf(name));
    }
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

  private void answerLines(String file) throws RefusedFileException, IOException {
    PrintWriter out = spec.commandLine().getOut();
    try (InputStream in = Inputs.open(file)) {
      ByteLines all = new ByteLines(in);
      for (var line = all.next(); line.isPresent(); line = all.next()) {
        if (!line.get().text().isBlank() || line.get().problem().isPresent()) {
          out.println(DistributionJson.answer(line.get()));
        }
      }
    }
  }

  private ParameterException wrong(@Nullable String message) {
    return new ParameterException(spec.commandLine(), String.valueOf(message));
  }
}
