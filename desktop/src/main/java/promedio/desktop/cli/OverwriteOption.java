package promedio.desktop.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import promedio.core.message.Texts;

/** Whether a file that is there may be written over: only where that was asked for. */
final class OverwriteOption {

  @Option(names = "--force", descriptionKey = "option.force")
  private boolean force;

  private OverwriteOption() {}

  /** {@return whether what is there may be replaced} */
  boolean isAllowed() {
    return force;
  }

  /**
   * Holds that the file may be written.
   *
   * @throws ParameterException if it is there and nobody asked to replace it
   */
  void check(Path file, CommandSpec spec) {
    if (!force && Files.isRegularFile(file)) {
      throw new ParameterException(spec.commandLine(), Texts.of("command.there", file));
    }
  }
}
