package promedio.desktop.cli;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.slf4j.LoggerFactory;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.message.Texts;
import promedio.core.question.PrintedQuestion;
import promedio.desktop.work.QuestionText;
import promedio.files.RefusedFileException;
import promedio.files.report.ContentsJson;
import promedio.files.report.PrintedQuestionJson;
import promedio.files.report.PrintedQuestionText;

/** Reads questions as they are printed. */
@Command(name = "question", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class QuestionCommand implements Callable<Integer> {

  /** What goes on where a file was refused. */
  private static final int REFUSED = 3;

  @Spec private CommandSpec spec;

  @Parameters(
      arity = "0..*",
      paramLabel = "${bundle:label.file}",
      descriptionKey = "option.question.parameter")
  private List<String> files = List.of();

  @Option(
      names = "--format",
      paramLabel = "${bundle:label.format}",
      defaultValue = "json",
      descriptionKey = "option.question.format")
  private OutputFormat format = OutputFormat.JSON;

  private QuestionCommand() {}

  @Override
  public Integer call() {
    List<String> wanted = files.isEmpty() ? List.of("-") : files;
    int exit = 0;
    for (String file : wanted) {
      exit = Math.max(exit, tell(file, wanted.size() > 1));
    }
    spec.commandLine().getOut().flush();
    return exit;
  }

  private int tell(String file, boolean named) {
    PrintWriter out = spec.commandLine().getOut();
    try {
      PrintedQuestion question = PrintedQuestion.read(text(file));
      if (format == OutputFormat.TEXT) {
        PrintedQuestionText.of(question).forEach(out::println);
        return 0;
      }
      ObjectNode line = PrintedQuestionJson.of(question);
      if (named) {
        line.put("source", Inputs.called(file));
      }
      out.println(line);
      return 0;
    } catch (RefusedFileException e) {
      return refuse(file, String.valueOf(e.getMessage()));
    } catch (IOException e) {
      LoggerFactory.getLogger(QuestionCommand.class).info("cannot read {}", file, e);
      return refuse(file, Texts.of("question.unreadable", file));
    } catch (Output.LostException e) {
      throw e;
    } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
      // What one file does must not keep the others from being told of.
      LoggerFactory.getLogger(QuestionCommand.class).error("cannot read {}", file, e);
      return refuse(file, Texts.of("contents.unexpected", file));
    }
  }

  private int refuse(String file, String reason) {
    if (format == OutputFormat.JSON && files.size() > 1) {
      spec.commandLine().getOut().println(ContentsJson.refused(Inputs.called(file), reason));
    } else {
      spec.commandLine().getErr().println(reason);
    }
    return REFUSED;
  }

  private static String text(String file) throws IOException, RefusedFileException {
    try (InputStream in = file.equals("-") ? System.in : Files.newInputStream(Path.of(file))) {
      return QuestionText.read(Inputs.called(file), in);
    }
  }
}
