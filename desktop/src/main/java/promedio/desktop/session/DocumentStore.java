package promedio.desktop.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.message.Texts;
import promedio.desktop.Folders;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AgreedFiles;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.SaveLock;
import promedio.files.assignment.UnsavedWork;
import promedio.files.table.DataSource;
import promedio.files.table.Fingerprint;

/**
 * Where the documents of a session are kept: each with its file, and with a copy that is kept while
 * work goes on. What is asked of it is about the document that is shown, whichever that is after
 * "new", "open", undo and redo. It lives as long as its session, whatever is shown of that.
 */
public final class DocumentStore implements AutoCloseable {

  private static final Logger LOG = LoggerFactory.getLogger(DocumentStore.class);

  private final Session session;
  private final Folders folders;
  private final AgreedFiles agreedFiles;
  private final OpenFiles openFiles;
  private final AutosaveWriter autosave;
  private final Map<DocumentKey, DocumentState> documents = new HashMap<>();

  /** Copies of an earlier time that the person has decided about. */
  private final Set<UnsavedWork> settled = new HashSet<>();

  private @Nullable LeftOver leftOver;
  private final List<Consumer<LeftOver>> askedForLeftOver = new ArrayList<>();

  private final ReadOnlyObjectWrapper<@Nullable Path> file =
      new ReadOnlyObjectWrapper<>(this, "file");
  private final ReadOnlyBooleanWrapper saved = new ReadOnlyBooleanWrapper(this, "saved", true);

  /** Keeps the assignment of the session, which counts as saved as it is. */
  public DocumentStore(Session session, Folders folders) {
    this.session = session;
    this.folders = folders;
    this.agreedFiles = new AgreedFiles(folders.own());
    this.openFiles = new OpenFiles(folders.claims());
    this.autosave = new AutosaveWriter(session.background()::tell);
    Document first = session.document();
    documents.put(first.key(), begun(first.assignment()));
    session.subscribe(
        new Session.Listener() {
          @Override
          public void changed(Document before, Document now) {
            noteChange(now);
          }

          @Override
          public void read(DocumentKey key, UnaryOperator<Assignment> read) {
            Optional.ofNullable(documents.get(key)).ifPresent(document -> document.read(read));
          }
        });
  }

  private DocumentState begun(Assignment assignment) {
    return new DocumentState(assignment, UnsavedWork.begin(folders.unsaved()));
  }

  /** {@return the file of the document, {@code null} before it is first saved} */
  public ReadOnlyObjectProperty<@Nullable Path> fileProperty() {
    return file.getReadOnlyProperty();
  }

  /** {@return whether the file holds all there is} */
  public ReadOnlyBooleanProperty savedProperty() {
    return saved.getReadOnlyProperty();
  }

  /** {@return why work that is not saved cannot be kept, for the person; empty where it can} */
  public ReadOnlyStringProperty problemProperty() {
    return autosave.problemProperty();
  }

  /**
   * What came of opening an assignment.
   *
   * @param path its file
   * @param notices what the person should know, in sentences: the file is open in another window
   *     too, a file that it refers to is gone or has changed
   * @param unread tables whose files lie elsewhere; {@link TableReading#read} reads one that the
   *     person wants
   */
  public record Opened(Path path, List<String> notices, List<ImportedTable> unread) {
    public Opened {
      notices = List.copyOf(notices);
      unread = List.copyOf(unread);
    }
  }

  /**
   * Opens an assignment in the place of the present one; it is read apart from the window.
   *
   * @param opened takes what came of it
   * @param refused takes why it cannot be opened, for the person; nothing is changed then
   */
  public void open(Path path, Consumer<Opened> opened, Consumer<String> refused) {
    session
        .background()
        .run(
            Background.Lane.DOCUMENTS,
            Texts.of("work.opening", path.getFileName()),
            () -> {
              AssignmentFile.Opened read =
                  AssignmentFile.open(
                      path, (print, other) -> agreedFiles.of(path, print).contains(other));
              openFiles.claim(path);
              return read;
            },
            read -> opened.accept(begin(path, read)),
            failure -> {
              if (!(failure instanceof RefusedFileException)) {
                LOG.error("cannot open {}", path, failure);
              }
              refused.accept(String.valueOf(failure.getMessage()));
            });
  }

  private Opened begin(Path path, AssignmentFile.Opened read) {
    DocumentState document = begun(read.assignment());
    document.settle(path, read.fingerprint(), read.assignment());
    begin(document, read.assignment());
    List<String> notices = new ArrayList<>(read.notices());
    if (!openFiles.isHere(path)) {
      notices.add(Texts.of("open.elsewhere", path.getFileName()));
    }
    return new Opened(path, notices, read.unread());
  }

  /** Begins a document in the place of the present one, which is kept as far as it is not saved. */
  private void begin(DocumentState document, Assignment assignment) {
    DocumentKey key = new DocumentKey();
    documents.put(key, document);
    session.replace(key, assignment);
  }

  /**
   * Saves the assignment as it is now; it is written apart from the window, after what was asked to
   * be saved before. A file that is there and that the document did not come from, and its own
   * where someone else has changed it, are told about the first time, and replaced the second.
   *
   * @param agreed whether the person has agreed to replace what is there
   * @param saved takes a sentence for the person where the file is open in another window too
   * @param failed takes why it is not saved, for the person
   */
  public void save(
      Path path, boolean agreed, Consumer<Optional<String>> saved, Consumer<String> failed) {
    session.endAct();
    DocumentState document = present();
    Assignment now = session.assignment();
    session
        .background()
        .run(
            Background.Lane.DOCUMENTS,
            Texts.of("work.saving", path.getFileName()),
            () -> write(document, now, path, agreed),
            written -> saved.accept(settle(document, written)),
            failure -> {
              LOG.warn("cannot save {}", path, failure);
              failed.accept(String.valueOf(failure.getMessage()));
            });
  }

  @SuppressWarnings("try") // what is held is not asked for anything
  private Path write(DocumentState document, Assignment now, Path path, boolean agreed)
      throws IOException {
    // Between looking at what is there and replacing it, no other window may do the same.
    try (SaveLock alone = SaveLock.of(folders.claims(), path)) {
      Optional<String> found = fingerprint(path);
      boolean expected = agreed || found.isEmpty() || document.expects(path, found.get());
      if (!expected) {
        // Once told, saving again is meant.
        document.tell(path, found.get());
        boolean own = document.isAt(path);
        throw new IOException(Texts.of(own ? "save.changed" : "save.exists", path.getFileName()));
      }
      String fingerprint = AssignmentFile.write(now, path);
      agreedFiles.add(path, fingerprint, AssignmentFile.readFrom(now));
      document.settle(path, fingerprint, now);
    }
    openFiles.claim(path);
    if (document.isSaved()) {
      autosave.forgetNow(document);
    }
    return path;
  }

  private Optional<String> settle(DocumentState document, Path path) {
    if (!document.isSaved()) {
      // It was edited while it was written.
      autosave.keepSoon(document, document.latest());
    }
    if (document != present()) {
      return Optional.empty();
    }
    saved.set(document.isSaved());
    file.set(path);
    return openFiles.isHere(path)
        ? Optional.empty()
        : Optional.of(Texts.of("open.elsewhere", path.getFileName()));
  }

  private static Optional<String> fingerprint(Path path) throws IOException {
    if (!Files.exists(path)) {
      return Optional.empty();
    }
    try {
      return Optional.of(Fingerprint.of(DataSource.of(path)));
    } catch (RefusedFileException e) {
      throw new IOException(e.getMessage(), e);
    }
  }

  /**
   * Work of an earlier time that was not saved.
   *
   * @param found the work, to be offered
   * @param notices what of it cannot be read, in sentences
   */
  public record LeftOver(List<UnsavedWork.Found> found, List<String> notices) {
    public LeftOver {
      found = List.copyOf(found);
      notices = List.copyOf(notices);
    }
  }

  /**
   * Looks for work of an earlier time that was not saved, once and apart from the window; asked
   * again, it is what the person has not decided about, and nothing is told twice.
   */
  public void findLeftOver(Consumer<LeftOver> taken) {
    LeftOver known = leftOver;
    if (known != null) {
      taken.accept(new LeftOver(undecided(known), List.of()));
      return;
    }
    askedForLeftOver.add(taken);
    if (askedForLeftOver.size() > 1) {
      return;
    }
    session
        .background()
        .run(
            Background.Lane.RECOVERY,
            Texts.of("work.recovery"),
            () -> {
              List<String> notices = new ArrayList<>();
              return new LeftOver(UnsavedWork.find(folders.unsaved(), notices::add), notices);
            },
            all -> {
              leftOver = all;
              LeftOver now = new LeftOver(undecided(all), all.notices());
              List<Consumer<LeftOver>> asked = List.copyOf(askedForLeftOver);
              askedForLeftOver.clear();
              asked.forEach(each -> each.accept(now));
            },
            failure -> LOG.error("cannot look for unsaved work", failure));
  }

  private List<UnsavedWork.Found> undecided(LeftOver all) {
    List<UnsavedWork> own = documents.values().stream().map(DocumentState::unsaved).toList();
    return all.found().stream()
        .filter(each -> !settled.contains(each.work()) && !own.contains(each.work()))
        .toList();
  }

  /** Goes on with work that was not saved; its old copy goes when there is a new one. */
  public void restore(UnsavedWork.Found found) {
    DocumentState document = DocumentState.restored(found, UnsavedWork.begin(folders.unsaved()));
    settled.add(found.work());
    found.home().ifPresent(home -> autosave.write(() -> openFiles.claim(home.path())));
    begin(document, found.assignment());
    autosave.keepThen(document, found.assignment(), () -> AutosaveWriter.delete(found.work()));
  }

  /** Discards work that was not saved. */
  public void discard(UnsavedWork.Found found) {
    settled.add(found.work());
    autosave.write(() -> AutosaveWriter.delete(found.work()));
  }

  /**
   * Keeps every document that is not saved, so that the next start offers it.
   *
   * @return why that cannot be, for the person; empty where the window may close
   */
  public Optional<String> keepAll() {
    session.background().await(Background.Lane.DOCUMENTS);
    present().latest(session.assignment());
    return autosave.keepAllNow(unsaved());
  }

  /**
   * Keeps every document that is not saved, apart from the window.
   *
   * @param done takes why that cannot be, for the person; empty where the window may close
   */
  public void keepAllThen(Consumer<Optional<String>> done) {
    autosave.keepAll(unsaved(), done);
  }

  private List<DocumentState> unsaved() {
    return documents.values().stream().filter(document -> !document.isSaved()).toList();
  }

  /** Keeps what is not saved, and lets go of the files. */
  @Override
  public void close() {
    keepAll().ifPresent(problem -> LOG.error("unsaved work is lost: {}", problem));
    session.background().await(Background.Lane.SETTINGS);
    autosave.close();
    openFiles.close();
  }

  private DocumentState present() {
    Document now = session.document();
    return documents.computeIfAbsent(now.key(), key -> begun(now.assignment()));
  }

  private void noteChange(Document now) {
    DocumentState document = present();
    file.set(document.path());
    document.latest(now.assignment());
    saved.set(document.isSaved());
    if (document.isSaved()) {
      autosave.forget(document);
    } else {
      autosave.keepSoon(document, now.assignment());
    }
  }
}
