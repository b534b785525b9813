package promedio.desktop.cli;

import java.util.List;
import java.util.Locale;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import promedio.core.message.Texts;
import promedio.files.RefusedFileException;

/** What becomes of entries that are no numbers: in every command the same. */
final class InvalidOption {

  /** What becomes of them. */
  enum Invalid {
    LEAVE_OUT,
    REFUSE;

    @Override
    public String toString() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }

  @Option(
      names = "--invalid",
      paramLabel = "${bundle:label.what}",
      defaultValue = "leave-out",
      descriptionKey = "option.invalid")
  private Invalid invalid = Invalid.LEAVE_OUT;

  private InvalidOption() {}

  /**
   * Lists the entries, once, where they are left out.
   *
   * @param sentences one for each of them: where it stands, and what is wrong with it
   * @throws RefusedFileException if they are not to be left out; the message lists them
   */
  void take(List<String> sentences, CommandSpec spec) throws RefusedFileException {
    if (sentences.isEmpty()) {
      return;
    }
    String all = String.join("\n", sentences);
    if (invalid == Invalid.REFUSE) {
      throw new RefusedFileException(all);
    }
    spec.commandLine().getErr().println(all);
    spec.commandLine().getErr().println(Texts.of("input.left-out", sentences.size()));
  }
}
