package promedio.desktop.window.shell;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import promedio.core.message.Texts;
import promedio.desktop.window.control.FileChoice;
import promedio.files.assignment.AssignmentFile;

/** Asks for files with the dialog of the system. */
final class StageFileChoice implements FileChoice {

  private static final FileChooser.ExtensionFilter ASSIGNMENTS =
      new FileChooser.ExtensionFilter(Texts.of("open.assignments"), "*" + AssignmentFile.ENDING);

  private final Stage stage;

  StageFileChoice(Stage stage) {
    this.stage = stage;
  }

  @Override
  public Optional<Path> toOpen() {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Texts.of("open.title"));
    chooser
        .getExtensionFilters()
        .addAll(
            new FileChooser.ExtensionFilter(
                Texts.of("open.both"),
                "*" + AssignmentFile.ENDING,
                "*.csv",
                "*.tsv",
                "*.txt",
                "*.tab",
                "*.xlsx",
                "*.ods"),
            ASSIGNMENTS,
            new FileChooser.ExtensionFilter(Texts.of("open.all"), "*.*"));
    return Optional.ofNullable(chooser.showOpenDialog(stage)).map(File::toPath);
  }

  @Override
  public List<Path> toMark() {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Texts.of("open.answers"));
    List<File> chosen = chooser.showOpenMultipleDialog(stage);
    return chosen == null ? List.of() : chosen.stream().map(File::toPath).toList();
  }

  @Override
  public Optional<Path> toExport(String proposedName) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Texts.of("export.title"));
    chooser.setInitialFileName(proposedName);
    return Optional.ofNullable(chooser.showSaveDialog(stage)).map(File::toPath);
  }

  @Override
  public Optional<Path> toSave(String proposedName) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Texts.of("save.title"));
    chooser.setInitialFileName(proposedName);
    chooser.getExtensionFilters().add(ASSIGNMENTS);
    return Optional.ofNullable(chooser.showSaveDialog(stage)).map(File::toPath);
  }
}
