package promedio.desktop.cli;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import org.slf4j.LoggerFactory;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.message.Texts;
import promedio.files.RefusedFileException;
import promedio.files.report.ContentsJson;
import promedio.files.report.ContentsText;
import promedio.files.table.Progress;
import promedio.files.table.ReadTable;
import promedio.files.table.TableReader;

/** What data files hold, as the reader understood them. */
@Command(name = "contents", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class ContentsCommand implements Callable<Integer> {

  /** What goes on where a file was refused. */
  private static final int REFUSED = 3;

  @Spec private CommandSpec spec;

  @Parameters(
      arity = "1..*",
      paramLabel = "${bundle:label.file}",
      descriptionKey = "option.contents.parameter")
  private List<String> files = List.of();

  @Option(
      names = "--format",
      paramLabel = "${bundle:label.format}",
      defaultValue = "json",
      descriptionKey = "option.contents.format")
  private OutputFormat format = OutputFormat.JSON;

  @Mixin private ReadingOptions reading;

  private ContentsCommand() {}

  @Override
  public Integer call() {
    int exit = 0;
    for (String file : files) {
      exit = Math.max(exit, tell(file));
    }
    spec.commandLine().getOut().flush();
    return exit;
  }

  private int tell(String file) {
    PrintWriter out = spec.commandLine().getOut();
    try {
      ReadTable read = TableReader.read(Inputs.source(file), reading.choices(), Progress.NONE);
      switch (format) {
        case JSON -> out.println(ContentsJson.of(read));
        case TEXT -> ContentsText.of(read).forEach(out::println);
      }
      return 0;
    } catch (RefusedFileException e) {
      return refuse(file, e.getMessage());
    } catch (Output.LostException e) {
      throw e;
    } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
      // What one file does must not keep the others from being told of.
      LoggerFactory.getLogger(ContentsCommand.class).error("cannot read {}", file, e);
      return refuse(file, Texts.of("contents.unexpected", file));
    }
  }

  private int refuse(String file, String reason) {
    ObjectNode line = ContentsJson.refused(Inputs.called(file), reason);
    spec.commandLine().getOut().println(format == OutputFormat.JSON ? line : reason);
    return REFUSED;
  }
}
