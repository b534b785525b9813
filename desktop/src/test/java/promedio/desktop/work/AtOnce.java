package promedio.desktop.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import promedio.files.RefusedFileException;

/** Opens and saves where the background works at once, and throws what went wrong. */
public final class AtOnce {

  private AtOnce() {}

  static Optional<String> save(DocumentStore store, Path path) throws IOException {
    AtomicReference<Optional<String>> note = new AtomicReference<>(Optional.empty());
    AtomicReference<String> problem = new AtomicReference<>("");
    store.save(path, false, note::set, problem::set);
    if (!problem.get().isEmpty()) {
      throw new IOException(problem.get());
    }
    return note.get();
  }

  static DocumentStore.Opened open(DocumentStore store, Path path) throws RefusedFileException {
    AtomicReference<Optional<DocumentStore.Opened>> opened =
        new AtomicReference<>(Optional.empty());
    AtomicReference<String> problem = new AtomicReference<>("");
    store.open(path, now -> opened.set(Optional.of(now)), problem::set);
    return opened.get().orElseThrow(() -> new RefusedFileException(problem.get()));
  }
}
