package promedio.desktop.cli;

import java.nio.file.Path;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.message.Texts;
import promedio.desktop.Folders;
import promedio.files.Reasons;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AgreedFiles;
import promedio.files.assignment.AssignmentFile;

/**
 * An assignment on the command line. The files that its tables refer to elsewhere are read where
 * the person agreed to that in the window, or asks for it here.
 */
final class AssignmentInput {

  @Parameters(
      paramLabel = "${bundle:label.assignment}",
      descriptionKey = "option.assignment.parameter")
  private Path file = Path.of("");

  @Option(names = "--read-tables", descriptionKey = "option.assignment.read-tables")
  private boolean readTables;

  private AssignmentInput() {}

  /** {@return its file} */
  Path file() {
    return file;
  }

  /**
   * {@return the assignment}; of a table that is not read, that is said, and the samples that came
   * from it are as they were saved
   *
   * @throws RefusedFileException if it cannot be used
   */
  Assignment read(CommandSpec spec) throws RefusedFileException {
    AgreedFiles agreed = new AgreedFiles(Folders.ofPerson().own());
    AssignmentFile.Opened opened =
        AssignmentFile.open(
            file, (fingerprint, path) -> readTables || agreed.of(file, fingerprint).contains(path));
    for (ImportedTable unread : opened.unread()) {
      String place = Reasons.shown(unread.original().place());
      spec.commandLine().getErr().println(Texts.of("assignment.unread", unread.name(), place));
    }
    opened.notices().forEach(spec.commandLine().getErr()::println);
    return opened.assignment();
  }
}
