package promedio.desktop.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.UnmatchedArgumentException;
import promedio.core.assignment.Assignment;
import promedio.desktop.Texts;
import promedio.desktop.window.PromedioApplication;
import promedio.files.RefusedFileException;
import promedio.files.table.ColumnChoiceException;

/** The command {@code promedio} and what its failures mean to the one who called it. */
@Command(
    name = "promedio",
    version = "promedio 0.1.0",
    mixinStandardHelpOptions = true,
    description = "Exact measures of a sample, and whether your own results agree with them.",
    footer = {
      "",
      "Examples:",
      "  promedio                                     open the window",
      "  promedio demo                                open it on the demo assignment",
      "  promedio measures --values \"8 10 11 11\"      every measure of four values",
      "  promedio measures pears.csv --column weight --rule divisor=n --format json"
    },
    subcommands = {
      ContentsCommand.class,
      MeasuresCommand.class,
      WorkingCommand.class,
      GroupCommand.class,
      DrawCommand.class,
      MarkCommand.class,
      SamplesCommand.class,
      DemoCommand.class
    })
public final class PromedioCommand implements Runnable {

  /** Wrong use: an option or argument that does not exist or does not fit. */
  static final int WRONG_USE = 2;

  /** Input that cannot be used. */
  static final int UNUSABLE_INPUT = 3;

  private static final int FAILED = 1;

  private PromedioCommand() {}

  /** {@return the exit code after running the command line} */
  public static int run(String... arguments) {
    return run(
        new PrintWriter(System.out, true, StandardCharsets.UTF_8),
        new PrintWriter(System.err, true, StandardCharsets.UTF_8),
        arguments);
  }

  /** {@return the exit code after running the command line with these outputs} */
  static int run(PrintWriter out, PrintWriter err, String... arguments) {
    int code =
        new CommandLine(new PromedioCommand())
            .setOut(out)
            .setErr(err)
            .registerConverter(SampleInput.Kind.class, SampleInput.Kind::of)
            .setCaseInsensitiveEnumValuesAllowed(true)
            .setParameterExceptionHandler((failure, all) -> explainUse(failure))
            .setExecutionExceptionHandler((failure, line, parsed) -> explain(failure, line))
            .execute(arguments);
    out.flush();
    err.flush();
    return code;
  }

  @Override
  public void run() {
    PromedioApplication.open(Assignment.empty(Texts.of("assignment.untitled")), Optional.empty());
  }

  @Command(
      name = "open",
      mixinStandardHelpOptions = true,
      description = "Open the window on an assignment, or on a data file to bring in.")
  void open(
      @Parameters(
              paramLabel = "FILE",
              description = "an assignment (*.promedio), or a table of text such as CSV")
          Path file) {
    PromedioApplication.open(Assignment.empty(Texts.of("assignment.untitled")), Optional.of(file));
  }

  /** The message, what may have been meant, and where the rest is told: not the whole help. */
  private static int explainUse(ParameterException failure) {
    CommandLine line = failure.getCommandLine();
    line.getErr().println(failure.getMessage());
    UnmatchedArgumentException.printSuggestions(failure, line.getErr());
    String name = line.getCommandSpec().qualifiedName();
    line.getErr().println(Texts.of("command.see-help", name));
    return WRONG_USE;
  }

  private static int explain(Exception failure, CommandLine line) {
    if (failure instanceof RefusedFileException) {
      line.getErr().println(failure.getMessage());
      return UNUSABLE_INPUT;
    }
    if (failure instanceof ColumnChoiceException) {
      line.getErr().println(failure.getMessage());
      return WRONG_USE;
    }
    LoggerFactory.getLogger(PromedioCommand.class).error("the command failed", failure);
    line.getErr().println(Texts.of("command.failed", String.valueOf(failure.getMessage())));
    return FAILED;
  }
}
