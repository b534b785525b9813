package promedio.desktop.window.control;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks the person for files. */
public interface FileChoice {

  /** {@return the file to open, an assignment or data} */
  Optional<Path> toOpen();

  /** {@return the files of answers that are marked together, none if the person leaves it} */
  List<Path> toMark();

  /** {@return where to write a table or steps for other uses, or nothing} */
  Optional<Path> toExport(String proposedName);

  /** {@return where to save, or nothing} */
  Optional<Path> toSave(String proposedName);
}
