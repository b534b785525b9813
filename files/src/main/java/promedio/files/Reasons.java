package promedio.files;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.FileSystemLoopException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import promedio.core.message.Texts;

/** Why a file could not be read or written, in words: what the system says is often a bare path. */
public final class Reasons {

  private Reasons() {}

  /** {@return the reason, without the name of the file} */
  public static String of(IOException failure) {
    if (failure instanceof AccessDeniedException) {
      return Texts.of("reason.denied");
    }
    if (failure instanceof NoSuchFileException) {
      return Texts.of("reason.missing");
    }
    if (failure instanceof NotDirectoryException) {
      return Texts.of("reason.no-folder");
    }
    if (failure instanceof FileSystemLoopException) {
      return Texts.of("reason.links");
    }
    if (failure instanceof FileSystemException system) {
      return system.getReason() == null ? Texts.of("reason.unknown") : system.getReason();
    }
    return failure.getMessage() == null ? Texts.of("reason.unknown") : failure.getMessage();
  }

  /** {@return the name of a file as it can be told: without characters that no terminal shows} */
  public static String shown(String name) {
    return name.replaceAll("\\p{Cntrl}", "?");
  }
}
