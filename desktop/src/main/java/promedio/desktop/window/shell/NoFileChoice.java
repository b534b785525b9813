package promedio.desktop.window.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import promedio.desktop.window.control.FileChoice;

/** Stands for a person where there is none to be asked for files. */
public final class NoFileChoice implements FileChoice {

  @Override
  public Optional<Path> toOpen() {
    return Optional.empty();
  }

  @Override
  public List<Path> toMark() {
    return List.of();
  }

  @Override
  public Optional<Path> toSave(String proposedName) {
    return Optional.empty();
  }

  @Override
  public Optional<Path> toExport(String proposedName) {
    return Optional.empty();
  }
}
