package promedio.desktop.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.desktop.demo.DemoFiles;
import promedio.desktop.demo.SortingLineLog;

/** Writes the demo data files into a folder. */
@Command(
    name = "samples",
    mixinStandardHelpOptions = true,
    description = "Write the demo data files into a folder.",
    footer = {"", "Example:", "  promedio samples orchard --log 389724"})
final class SamplesCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Parameters(
      arity = "0..1",
      paramLabel = "FOLDER",
      defaultValue = "promedio-samples",
      description = "made if it is not there (default: ${DEFAULT-VALUE})")
  private Path folder = Path.of("promedio-samples");

  @Option(
      names = "--log",
      paramLabel = "ROWS",
      description = "also the log of the sorting line, with so many rows")
  private @Nullable Integer logRows;

  private SamplesCommand() {}

  @Override
  public Integer call() throws IOException {
    for (Path written : DemoFiles.write(folder)) {
      spec.commandLine().getOut().println(written);
    }
    if (logRows != null) {
      Path log = folder.resolve("sorting-line.csv");
      SortingLineLog.write(log, logRows);
      spec.commandLine().getOut().println(log);
    }
    return 0;
  }
}
