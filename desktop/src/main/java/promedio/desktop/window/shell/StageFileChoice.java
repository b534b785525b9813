package promedio.desktop.window.shell;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import promedio.core.message.Texts;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.Menus;
import promedio.files.assignment.AssignmentFile;

/** Asks for files with the dialog of the system. */
final class StageFileChoice implements FileChoice {

  private final Stage stage;

  StageFileChoice(Stage stage) {
    this.stage = stage;
  }

  private static FileChooser chooser(String title) {
    Menus.close();
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Texts.of(title));
    return chooser;
  }

  private static FileChooser.ExtensionFilter assignments() {
    return new FileChooser.ExtensionFilter(
        Texts.of("open.assignments"), "*" + AssignmentFile.ENDING);
  }

  @Override
  public Optional<Path> toOpen() {
    FileChooser chooser = chooser("open.title");
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
            assignments(),
            new FileChooser.ExtensionFilter(Texts.of("open.all"), "*.*"));
    return Optional.ofNullable(chooser.showOpenDialog(stage)).map(File::toPath);
  }

  @Override
  public List<Path> toMark() {
    FileChooser chooser = chooser("open.answers");
    List<File> chosen = chooser.showOpenMultipleDialog(stage);
    return chosen == null ? List.of() : chosen.stream().map(File::toPath).toList();
  }

  @Override
  public Optional<Path> toExport(String proposedName) {
    FileChooser chooser = chooser("export.title");
    chooser.setInitialFileName(proposedName);
    return Optional.ofNullable(chooser.showSaveDialog(stage)).map(File::toPath);
  }

  @Override
  public Optional<Path> toSave(String proposedName) {
    FileChooser chooser = chooser("save.title");
    chooser.setInitialFileName(proposedName);
    chooser.getExtensionFilters().add(assignments());
    return Optional.ofNullable(chooser.showSaveDialog(stage)).map(File::toPath);
  }
}
