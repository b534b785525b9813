package promedio.desktop.session;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import promedio.files.RefusedFileException;
import promedio.files.assignment.UnsavedWork;

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

  /** {@return what is left over of an earlier time; what of it cannot be read is told} */
  static List<UnsavedWork.Found> leftOver(DocumentStore store, Consumer<String> notices) {
    CompletableFuture<DocumentStore.LeftOver> found = new CompletableFuture<>();
    store.findLeftOver(found::complete);
    found.join().notices().forEach(notices);
    return found.join().found();
  }

  static DocumentStore.Opened open(DocumentStore store, Path path) throws RefusedFileException {
    AtomicReference<Optional<DocumentStore.Opened>> opened =
        new AtomicReference<>(Optional.empty());
    AtomicReference<String> problem = new AtomicReference<>("");
    store.open(path, now -> opened.set(Optional.of(now)), problem::set);
    return opened.get().orElseThrow(() -> new RefusedFileException(problem.get()));
  }
}
