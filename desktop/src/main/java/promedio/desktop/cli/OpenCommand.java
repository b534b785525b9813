package promedio.desktop.cli;

import java.nio.file.Path;
import java.util.Optional;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import promedio.desktop.window.shell.PromedioApplication;

/** Opens the window on an assignment, or on a data file to import. */
@Command(name = "open", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class OpenCommand implements Runnable {

  @Parameters(paramLabel = "${bundle:label.file}", descriptionKey = "option.open.parameter")
  private Path file = Path.of("");

  private OpenCommand() {}

  @Override
  public void run() {
    PromedioApplication.open(Optional.of(file));
  }
}
