package promedio.desktop.work;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.files.assignment.UnsavedWork;

/**
 * What is known of a document beside what is in it: its file, and what was last saved of it. Seen
 * by the window and by whoever saves.
 */
final class KeptDocument {

  private final UnsavedWork unsaved;
  private @Nullable Path path;
  private String fingerprint = "";

  /** What the file holds; none where work was brought back that no file holds. */
  private Optional<Assignment> lastSaved;

  private Assignment latest;

  /** What the person was told that it stands where they save. */
  private final Map<Path, String> told = new HashMap<>();

  /** A document that holds nothing worth saving yet. */
  KeptDocument(Assignment first, UnsavedWork unsaved) {
    this.unsaved = unsaved;
    this.lastSaved = Optional.of(first);
    this.latest = first;
  }

  /** {@return a document that goes on with work that was not saved} */
  static KeptDocument broughtBack(UnsavedWork.Found found, UnsavedWork unsaved) {
    KeptDocument document = new KeptDocument(found.assignment(), unsaved);
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

  /** Notes what the document is with something that was read again, which changes nothing. */
  synchronized void reread(Assignment now) {
    if (isSaved()) {
      lastSaved = Optional.of(now);
    }
    latest = now;
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
