package promedio.desktop.work;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntFunction;
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
import promedio.desktop.projection.Document;
import promedio.desktop.projection.DocumentKey;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.FileClaim;
import promedio.files.assignment.OwnFiles;
import promedio.files.assignment.UnsavedWork;
import promedio.files.settings.Settings;
import promedio.files.settings.SettingsFile;
import promedio.files.table.DataSource;
import promedio.files.table.Fingerprint;

/**
 * Where the documents of a window are kept: each with its file, and with a copy that is kept while
 * work goes on; and the settings of the person. What is asked of it is about the document that the
 * window shows, whichever that is after "new", "open", undo and redo.
 */
public final class DocumentStore implements AutoCloseable {

  private static final Logger LOG = LoggerFactory.getLogger(DocumentStore.class);

  private final Workspace workspace;
  private final Folders folders;
  private final SettingsFile settingsFile;
  private final OwnFiles ownFiles;
  private final Keeper keeper;
  private final Map<DocumentKey, KeptDocument> documents = new HashMap<>();
  private final ReadOnlyObjectWrapper<@Nullable Path> file =
      new ReadOnlyObjectWrapper<>(this, "file");
  private final ReadOnlyBooleanWrapper saved = new ReadOnlyBooleanWrapper(this, "saved", true);
  private final ReadOnlyObjectWrapper<Settings> settings;
  private @Nullable FileClaim claim;
  private DocumentKey shown;

  /** Keeps the assignment of the workspace, which counts as saved as it is. */
  public DocumentStore(Workspace workspace, Folders folders) {
    this.workspace = workspace;
    this.folders = folders;
    this.settingsFile = new SettingsFile(folders.settings());
    this.settings = new ReadOnlyObjectWrapper<>(this, "settings", settingsFile.read());
    this.ownFiles = new OwnFiles(folders.own());
    this.keeper = new Keeper(workspace.background()::tell);
    Document first = workspace.document();
    this.shown = first.key();
    documents.put(shown, begun(first.assignment()));
    workspace.show(
        (before, now) -> {
          if (before != null && !before.document().equals(now.document())) {
            noteChange(now.document());
          }
        });
  }

  private KeptDocument begun(Assignment assignment) {
    return new KeptDocument(assignment, UnsavedWork.begin(folders.unsaved()));
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
    return keeper.problemProperty();
  }

  /** {@return what is remembered for the person} */
  public ReadOnlyObjectProperty<Settings> settingsProperty() {
    return settings.getReadOnlyProperty();
  }

  /** Changes what is remembered, and keeps it. */
  public void remember(UnaryOperator<Settings> change) {
    Settings changed = change.apply(settings.get());
    if (!changed.equals(settings.get())) {
      settings.set(changed);
      keeper.write(() -> settingsFile.write(changed));
    }
  }

  /**
   * What came of opening an assignment.
   *
   * @param notices what the person should know, in sentences: the file is open in another window
   *     too, a file that it refers to is gone or has changed
   * @param unread tables whose files lie elsewhere; {@link #readTable} reads one that the person
   *     wants
   */
  public record Opened(List<String> notices, List<ImportedTable> unread) {
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
    workspace
        .background()
        .run(
            Background.Lane.DOCUMENTS,
            Texts.of("work.opening", path.getFileName()),
            () -> AssignmentFile.open(path, fingerprint -> ownFiles.holds(path, fingerprint)),
            read -> opened.accept(begin(path, read)),
            failure -> {
              if (!(failure instanceof RefusedFileException)) {
                LOG.error("cannot open {}", path, failure);
              }
              refused.accept(String.valueOf(failure.getMessage()));
            });
  }

  private Opened begin(Path path, AssignmentFile.Opened read) {
    KeptDocument document = begun(read.assignment());
    document.settle(path, read.fingerprint(), read.assignment());
    begin(document, read.assignment());
    remember(old -> old.withRecent(path.toAbsolutePath()));
    List<String> notices = new ArrayList<>(read.notices());
    if (isElsewhere()) {
      notices.add(Texts.of("open.elsewhere", path.getFileName()));
    }
    return new Opened(notices, read.unread());
  }

  /** Begins a document in the place of the present one, which is kept as far as it is not saved. */
  private void begin(KeptDocument document, Assignment assignment) {
    DocumentKey key = new DocumentKey();
    documents.put(key, document);
    workspace.replace(key, assignment);
  }

  /**
   * Reads the file that a table of the assignment refers to, since the person wants it.
   *
   * @param notices takes what the person should know, in sentences
   */
  public void readTable(ImportedTable unread, Consumer<String> notices) {
    Consumer<String> told = notice -> workspace.background().tell(() -> notices.accept(notice));
    DocumentKey asked = workspace.document().key();
    workspace
        .background()
        .run(
            Background.Lane.IMPORT,
            Texts.of("work.opening", unread.original().name()),
            () -> AssignmentFile.readReferred(unread, told),
            read -> showRead(asked, unread, read),
            failure -> {
              LOG.warn("cannot read the file of {}", unread.name(), failure);
              notices.accept(String.valueOf(failure.getMessage()));
            });
  }

  /**
   * Reads a table that belongs to the document, which is shown without it until then.
   *
   * @param name what the table is called
   * @param read reads it, under the id that it is given
   */
  public void addLater(String name, IntFunction<ImportedTable> read) {
    DocumentKey asked = workspace.document().key();
    int id = workspace.assignment().ids().table();
    workspace
        .background()
        .run(
            Background.Lane.IMPORT,
            Texts.of("work.opening", name),
            () -> read.apply(id),
            table -> {
              Assignment now = workspace.assignment();
              // Whoever went on to something else, or imported a table meanwhile, keeps that.
              if (workspace.document().key() == asked && now.ids().table() == id) {
                Assignment changed = now.with(table);
                present().reread(changed);
                workspace.amend(changed);
              }
            },
            failure -> LOG.error("cannot read {}", name, failure));
  }

  /** What a file holds is no edit: a document that was saved still is. */
  private void showRead(DocumentKey asked, ImportedTable unread, ImportedTable read) {
    Document now = workspace.document();
    boolean same =
        now.key() == asked && now.assignment().table(read.id()).filter(unread::equals).isPresent();
    if (same) {
      Assignment changed = now.assignment().with(read);
      present().reread(changed);
      workspace.amend(changed);
    }
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
    KeptDocument document = present();
    Assignment now = workspace.assignment();
    workspace
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

  private Path write(KeptDocument document, Assignment now, Path path, boolean agreed)
      throws IOException {
    Optional<String> found = fingerprint(path);
    boolean expected = agreed || found.isEmpty() || document.expects(path, found.get());
    if (!expected) {
      // Once told, saving again is meant.
      document.tell(path, found.get());
      boolean own = document.isAt(path);
      throw new IOException(Texts.of(own ? "save.changed" : "save.exists", path.getFileName()));
    }
    String fingerprint = AssignmentFile.write(now, path);
    ownFiles.add(path, fingerprint);
    document.settle(path, fingerprint, now);
    if (document.isSaved()) {
      keeper.forgetNow(document);
    }
    return path;
  }

  private Optional<String> settle(KeptDocument document, Path path) {
    if (!document.isSaved()) {
      // It was edited while it was written.
      keeper.keepSoon(document, document.latest());
    }
    remember(old -> old.withRecent(path.toAbsolutePath()));
    if (document != present()) {
      return Optional.empty();
    }
    saved.set(document.isSaved());
    claim(path);
    return isElsewhere()
        ? Optional.of(Texts.of("open.elsewhere", path.getFileName()))
        : Optional.empty();
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
   * {@return work of an earlier time that was not saved}
   *
   * @param notices is told of what cannot be read, in sentences
   */
  public List<UnsavedWork.Found> leftOver(Consumer<String> notices) {
    List<UnsavedWork> own = documents.values().stream().map(KeptDocument::unsaved).toList();
    return UnsavedWork.find(folders.unsaved(), notices).stream()
        .filter(found -> !own.contains(found.work()))
        .toList();
  }

  /** Goes on with work that was not saved; its old copy goes when there is a new one. */
  public void restore(UnsavedWork.Found found) {
    KeptDocument document = KeptDocument.broughtBack(found, UnsavedWork.begin(folders.unsaved()));
    begin(document, found.assignment());
    if (keeper.keepNow(document, found.assignment()).isEmpty()) {
      throwAway(found);
    }
  }

  /** Throws work away that was not saved. */
  public void throwAway(UnsavedWork.Found found) {
    try {
      found.work().forget();
    } catch (IOException e) {
      LOG.warn("cannot throw unsaved work away", e);
    }
  }

  /**
   * Keeps every document that is not saved, so that the next start offers it.
   *
   * @return why that cannot be, for the person; empty where the window may close
   */
  public Optional<String> keepAll() {
    workspace.background().await(Background.Lane.DOCUMENTS);
    present().latest(workspace.assignment());
    Optional<String> problem = Optional.empty();
    for (KeptDocument document : documents.values()) {
      if (!document.isSaved()) {
        problem = problem.or(() -> keeper.keepNow(document, document.latest()));
      }
    }
    return problem;
  }

  /** Keeps what is not saved, and lets go of the file. */
  @Override
  public void close() {
    keepAll().ifPresent(problem -> LOG.error("unsaved work is lost: {}", problem));
    keeper.close();
    release();
  }

  private KeptDocument present() {
    Document now = workspace.document();
    return documents.computeIfAbsent(now.key(), key -> begun(now.assignment()));
  }

  private void noteChange(Document now) {
    KeptDocument document = present();
    if (now.key() != shown) {
      shown = now.key();
      release();
      Path path = document.path();
      file.set(path);
      if (path != null) {
        claim(path);
      }
    }
    document.latest(now.assignment());
    saved.set(document.isSaved());
    if (document.isSaved()) {
      keeper.forget(document);
    } else {
      keeper.keepSoon(document, now.assignment());
    }
  }

  /** Whether another window has the file, so that this one has no claim on it. */
  private boolean isElsewhere() {
    return file.get() != null && claim == null;
  }

  private void claim(Path path) {
    if (path.equals(file.get()) && claim != null) {
      return;
    }
    release();
    file.set(path);
    try {
      claim = FileClaim.take(folders.claims(), path).orElse(null);
    } catch (IOException e) {
      LOG.warn("cannot mark {} as open", path, e);
      claim = FileClaim.none();
    }
  }

  private void release() {
    FileClaim held = claim;
    claim = null;
    if (held != null) {
      try {
        held.close();
      } catch (IOException e) {
        LOG.warn("cannot let go of {}", file.get(), e);
      }
    }
  }
}
