package promedio.desktop.window;

import java.nio.file.Path;
import java.util.Optional;

/** Stands for a person where there is none to be asked for files. */
public final class NoFileChoice implements AssignmentView.FileChoice {

  @Override
  public Optional<Path> toOpen() {
    return Optional.empty();
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
