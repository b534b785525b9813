package promedio.desktop.session;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.files.assignment.UnsavedWork;

/**
 * What is known of a document beside what is in it: its file, and what was last saved of it. Seen
 * by the window and by whoever saves.
 */
final class DocumentState {

  private final UnsavedWork unsaved;
  private @Nullable Path path;
  private String fingerprint = "";

  /** What the file holds; none where work was restored that no file holds. */
  private Optional<Assignment> lastSaved;

  private Assignment latest;

  /** What the person was told that it stands where they save. */
  private final Map<Path, String> told = new HashMap<>();

  /** A document that holds nothing worth saving yet. */
  DocumentState(Assignment first, UnsavedWork unsaved) {
    this.unsaved = unsaved;
    this.lastSaved = Optional.of(first);
    this.latest = first;
  }

  /** {@return a document that goes on with work that was not saved} */
  static DocumentState restored(UnsavedWork.Found found, UnsavedWork unsaved) {
    DocumentState document = new DocumentState(found.assignment(), unsaved);
    document.lastSaved = Optional.empty();
    found
        .home()
        .ifPresent(
            home -> {
              document.path = home.path();
              document.fingerprint = home.fingerprint();
            });
    return document;
  }

  UnsavedWork unsaved() {
    return unsaved;
  }

  /** {@return its file, {@code null} before it is first saved} */
  synchronized @Nullable Path path() {
    return path;
  }

  /** {@return where it is saved otherwise} */
  synchronized Optional<UnsavedWork.Home> home() {
    return Optional.ofNullable(path).map(at -> new UnsavedWork.Home(at, fingerprint));
  }

  /** Notes what the file holds now. */
  synchronized void settle(Path at, String print, Assignment now) {
    path = at;
    fingerprint = print;
    lastSaved = Optional.of(now);
    told.clear();
  }

  /** Notes that something was read which belongs to the document, which changes nothing. */
  synchronized void read(UnaryOperator<Assignment> read) {
    lastSaved = lastSaved.map(read);
    latest = read.apply(latest);
  }

  /** Notes how the document is now. */
  synchronized void latest(Assignment now) {
    latest = now;
  }

  synchronized Assignment latest() {
    return latest;
  }

  synchronized boolean isSaved() {
    return lastSaved.filter(latest::equals).isPresent();
  }

  synchronized boolean isAt(Path other) {
    return other.equals(path);
  }

  /** {@return whether this is known to stand there, so that saving replaces nothing else} */
  synchronized boolean expects(Path at, String print) {
    return (isAt(at) && print.equals(fingerprint)) || print.equals(told.get(at));
  }

  /** Notes that the person was told what stands there. */
  synchronized void tell(Path at, String print) {
    told.put(at, print);
  }
}
