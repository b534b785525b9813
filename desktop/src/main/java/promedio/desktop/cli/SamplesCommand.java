package promedio.desktop.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.message.Texts;
import promedio.desktop.demo.DemoFiles;
import promedio.desktop.demo.SortingLineLog;
import promedio.files.RefusedFileException;
import promedio.files.SafeWrite;

/** Writes the demo data files into a folder. */
@Command(name = "samples", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class SamplesCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Parameters(
      arity = "0..1",
      paramLabel = "${bundle:label.folder}",
      defaultValue = "promedio-samples",
      descriptionKey = "option.samples.parameter")
  private Path folder = Path.of("promedio-samples");

  @Option(
      names = "--log",
      paramLabel = "${bundle:label.rows}",
      descriptionKey = "option.samples.log")
  private @Nullable Integer logRows;

  @Mixin private OverwriteOption overwrite;

  private SamplesCommand() {}

  @Override
  public Integer call() throws IOException, RefusedFileException {
    Integer rows = logRows;
    if (rows != null && rows < 1) {
      throw new ParameterException(spec.commandLine(), Texts.of("samples.rows", rows));
    }
    Path log = folder.resolve("sorting-line.csv");
    List<Path> there = new ArrayList<>(DemoFiles.of(folder));
    if (rows != null) {
      there.add(log);
    }
    there.removeIf(Files::notExists);
    if (!there.isEmpty() && !overwrite.isAllowed()) {
      throw new RefusedFileException(Texts.of("samples.there", there.get(0), there.size() - 1));
    }
    for (Path written : DemoFiles.write(folder)) {
      spec.commandLine().getOut().println(written);
    }
    if (rows != null) {
      SafeWrite.write(log, beside -> SortingLineLog.write(beside, rows));
      spec.commandLine().getOut().println(log);
    }
    return 0;
  }
}
