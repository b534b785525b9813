package promedio.desktop.cli;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystemException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.TypeConversionException;
import picocli.CommandLine.UnmatchedArgumentException;
import promedio.core.message.Language;
import promedio.core.message.Texts;
import promedio.desktop.window.shell.PromedioApplication;
import promedio.files.Reasons;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AssignmentFile;
import promedio.files.table.ColumnChoiceException;

/** The command {@code promedio} and what its failures mean to the one who called it. */
public final class PromedioCommand implements Runnable {

  /** Wrong use: an option or argument that does not exist or does not fit. */
  static final int WRONG_USE = 2;

  /** Input or output that cannot be used, or not all of it. */
  static final int UNUSABLE = 3;

  private static final int FAILED = 1;

  private static final String VERSION = "promedio 0.1.0";

  /** In the order in which the help lists them. */
  private static final Map<String, Class<?>> COMMANDS = commands();

  private PromedioCommand() {}

  /** {@return the exit code after running the command line} */
  public static int run(String... arguments) {
    return run(
        new Output(new FileOutputStream(FileDescriptor.out)),
        new PrintWriter(System.err, true, StandardCharsets.UTF_8),
        arguments);
  }

  private static Map<String, Class<?>> commands() {
    Map<String, Class<?>> commands = new LinkedHashMap<>();
    commands.put("open", OpenCommand.class);
    commands.put("contents", ContentsCommand.class);
    commands.put("measures", MeasuresCommand.class);
    commands.put("working", WorkingCommand.class);
    commands.put("group", GroupCommand.class);
    commands.put("draw", DrawCommand.class);
    commands.put("mark", MarkCommand.class);
    commands.put("summary", SummaryCommand.class);
    commands.put("question", QuestionCommand.class);
    commands.put("hand-in", HandInCommand.class);
    commands.put("exercises", ExercisesCommand.class);
    commands.put("distribution", DistributionCommand.class);
    commands.put("draw-samples", DrawSamplesCommand.class);
    commands.put("samples", SamplesCommand.class);
    commands.put("demo", DemoCommand.class);
    return commands;
  }

  /**
   * {@return the command line with the command that the first argument names, or with all}: to look
   * at every option of every command takes longer than a short command itself
   */
  private static CommandLine line(String... arguments) {
    CommandSpec promedio = CommandSpec.wrapWithoutInspection(new PromedioCommand());
    promedio.name("promedio").version(VERSION).addOption(LanguageOption.spec());
    promedio.usageMessage().synopsisSubcommandLabel("${bundle:label.command}");
    CommandLine line = new CommandLine(promedio);
    String first = arguments.length == 0 ? "" : arguments[0];
    Class<?> named = COMMANDS.get(first);
    if (named == null) {
      promedio.mixinStandardHelpOptions(true);
      COMMANDS.forEach(line::addSubcommand);
    } else {
      line.addSubcommand(first, named);
    }
    line.getSubcommands().values().forEach(each -> each.getCommandSpec().version(VERSION));
    return line;
  }

  /** A double click on an assignment starts the program with nothing but its name. */
  private static String[] opening(String... arguments) {
    boolean doubleClick = arguments.length == 1 && arguments[0].endsWith(AssignmentFile.ENDING);
    return doubleClick ? new String[] {"open", arguments[0]} : arguments;
  }

  /** {@return the exit code after running the command line with these outputs} */
  static int run(PrintWriter output, PrintWriter errors, String... arguments) {
    PrintWriter out = Printable.of(output);
    PrintWriter err = Printable.of(errors);
    Language before = Language.current();
    LanguageOption.of(arguments).ifPresent(Language::speak);
    String[] called = opening(arguments);
    try {
      int code =
          line(called)
              .setOut(out)
              .setErr(err)
              .registerConverter(SampleInput.Kind.class, SampleInput.Kind::of)
              .registerConverter(Path.class, PromedioCommand::path)
              .setCaseInsensitiveEnumValuesAllowed(true)
              .setExecutionStrategy(PromedioCommand::execute)
              .setParameterExceptionHandler((failure, all) -> explainUse(failure))
              .setExecutionExceptionHandler((failure, line, parsed) -> explain(failure, line))
              .execute(called);
      out.flush();
      return code;
    } catch (Output.LostException e) {
      return lost(e, err);
    } catch (RuntimeException | Error e) {
      return unexpected(e, err);
    } finally {
      Language.speak(before);
      err.flush();
    }
  }

  /** Help that cannot be written fails as any other command does. */
  private static int execute(CommandLine.ParseResult parsed) {
    if (parsed.asCommandLineList().stream().anyMatch(CommandLine::isUsageHelpRequested)) {
      HelpTexts.into(parsed.commandSpec());
    }
    try {
      return new CommandLine.RunLast().execute(parsed);
    } catch (Output.LostException e) {
      CommandLine line = parsed.commandSpec().commandLine();
      throw new CommandLine.ExecutionException(line, String.valueOf(e.getMessage()), e);
    }
  }

  private static Path path(String text) {
    try {
      return Path.of(text);
    } catch (InvalidPathException e) {
      TypeConversionException refused =
          new TypeConversionException(Texts.of("input.no-path", Reasons.shown(text)));
      refused.initCause(e);
      throw refused;
    }
  }

  private static int lost(Output.LostException failure, PrintWriter err) {
    if (!failure.isUnread()) {
      String why = String.valueOf(failure.getCause().getMessage());
      err.println(Texts.of("command.lost", why));
      return UNUSABLE;
    }
    return FAILED;
  }

  /** What nobody thought of ends in one line, and in the log with all that is known of it. */
  private static int unexpected(Throwable failure, PrintWriter err) {
    LoggerFactory.getLogger(PromedioCommand.class).error("the command failed", failure);
    boolean memory = failure instanceof OutOfMemoryError;
    err.println(Texts.of(memory ? "command.memory" : "command.failed"));
    return memory ? UNUSABLE : FAILED;
  }

  @Override
  public void run() {
    PromedioApplication.open(Optional.empty());
  }

  /** The message, what may have been meant, and where the rest is told: not the whole help. */
  private static int explainUse(ParameterException failure) {
    CommandLine line = failure.getCommandLine();
    HelpTexts.into(line.getCommandSpec());
    line.getErr().println(WrongUse.of(failure));
    UnmatchedArgumentException.printSuggestions(failure, line.getErr());
    String name = line.getCommandSpec().qualifiedName();
    line.getErr().println(Texts.of("command.see-help", name));
    return WRONG_USE;
  }

  private static int explain(Exception failure, CommandLine line) {
    if (failure instanceof RefusedFileException) {
      line.getErr().println(failure.getMessage());
      return UNUSABLE;
    }
    if (failure instanceof ColumnChoiceException) {
      line.getErr().println(failure.getMessage());
      return WRONG_USE;
    }
    if (failure instanceof Output.LostException lost) {
      return lost(lost, line.getErr());
    }
    if (failure instanceof UncheckedIOException unchecked) {
      return explain(unchecked.getCause(), line);
    }
    if (failure instanceof IOException io) {
      LoggerFactory.getLogger(PromedioCommand.class).warn("the command failed", failure);
      line.getErr().println(reason(io));
      return UNUSABLE;
    }
    return unexpected(failure, line.getErr());
  }

  /** What the system says names a file, and often not what is wrong with it. */
  private static String reason(IOException failure) {
    return failure instanceof FileSystemException system
        ? Texts.of("input.unreadable", system.getFile(), Reasons.of(failure))
        : Reasons.of(failure);
  }
}
