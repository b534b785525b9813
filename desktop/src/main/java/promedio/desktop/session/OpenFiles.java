package promedio.desktop.session;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.files.assignment.FileClaim;

/**
 * The files that the documents of a window came from or were saved in, each marked as open, so that
 * another window on it is noticed. A file stays marked until the window closes, since undoing may
 * lead back to it. Safe for several threads.
 */
final class OpenFiles implements AutoCloseable {

  private static final Logger LOG = LoggerFactory.getLogger(OpenFiles.class);

  private final Path folder;
  private final Map<Path, FileClaim> claims = new HashMap<>();

  /** Keeps the marks in this folder. */
  OpenFiles(Path folder) {
    this.folder = folder;
  }

  /** Marks the file as open here, unless it is in another window. */
  synchronized void claim(Path file) {
    if (isHere(file)) {
      return;
    }
    try {
      FileClaim.take(folder, file).ifPresent(claim -> claims.put(name(file), claim));
    } catch (IOException e) {
      LOG.warn("cannot mark {} as open", file, e);
      claims.put(name(file), FileClaim.none());
    }
  }

  /** {@return whether the file is marked as open here} */
  synchronized boolean isHere(Path file) {
    return claims.containsKey(name(file));
  }

  private static Path name(Path file) {
    return file.toAbsolutePath().normalize();
  }

  @Override
  public synchronized void close() {
    for (FileClaim claim : claims.values()) {
      try {
        claim.close();
      } catch (IOException e) {
        LOG.warn("cannot let go of an open file", e);
      }
    }
    claims.clear();
  }
}
