package promedio.desktop.work;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.desktop.Folders;
import promedio.desktop.Texts;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.FileClaim;
import promedio.files.assignment.UnsavedWork;
import promedio.files.settings.Settings;
import promedio.files.settings.SettingsFile;

/**
 * Where the assignment of a window is kept: its file, the copy that is kept while work goes on, and
 * the settings of the person.
 */
public final class Desk implements AutoCloseable {

  private static final Logger LOG = LoggerFactory.getLogger(Desk.class);

  /** A crash loses no more than this and the time to write. */
  private static final long KEEP_AFTER_MILLIS = 400;

  private final Workspace workspace;
  private final Folders folders;
  private final SettingsFile settingsFile;
  private final UnsavedWork unsaved;
  private final ExecutorService keeper =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "promedio-keeper");
            thread.setDaemon(true);
            return thread;
          });
  private final AtomicBoolean keeping = new AtomicBoolean();
  private final ReadOnlyObjectWrapper<@Nullable Path> file =
      new ReadOnlyObjectWrapper<>(this, "file");
  private final ReadOnlyBooleanWrapper saved = new ReadOnlyBooleanWrapper(this, "saved", true);
  private final ReadOnlyObjectWrapper<Settings> settings;
  private Assignment lastSaved;
  private @Nullable FileTime lastWritten;
  private @Nullable FileClaim claim;

  /** Keeps the assignment of the workspace, which counts as saved as it is. */
  public Desk(Workspace workspace, Folders folders) {
    this.workspace = workspace;
    this.folders = folders;
    this.settingsFile = new SettingsFile(folders.settings());
    this.settings = new ReadOnlyObjectWrapper<>(this, "settings", settingsFile.read());
    this.unsaved = UnsavedWork.begin(folders.unsaved());
    this.lastSaved = workspace.assignment();
    workspace.assignmentProperty().subscribe((old, now) -> noteChange());
  }

  /** {@return the file of the assignment, {@code null} before it is first saved} */
  public ReadOnlyObjectProperty<@Nullable Path> fileProperty() {
    return file.getReadOnlyProperty();
  }

  /** {@return whether the file holds all there is} */
  public ReadOnlyBooleanProperty savedProperty() {
    return saved.getReadOnlyProperty();
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
      settingsFile.write(changed);
    }
  }

  /**
   * Opens an assignment in the place of the present one.
   *
   * @return what the person should know: the file is open in another window too, a file that it
   *     refers to is gone or has changed
   * @throws RefusedFileException if it cannot be opened; nothing is changed then
   */
  public Optional<String> open(Path path) throws RefusedFileException {
    List<String> notices = new ArrayList<>();
    Assignment opened = AssignmentFile.read(path, notices::add);
    workspace.replace(opened);
    settle(path, opened).ifPresent(notices::add);
    return notices.isEmpty() ? Optional.empty() : Optional.of(String.join("\n", notices));
  }

  /**
   * Saves the assignment.
   *
   * @return a sentence for the person where the file is open in another window too
   * @throws IOException if it cannot be saved; the message is for the person
   */
  public Optional<String> save(Path path) throws IOException {
    FileTime found = written(path);
    if (path.equals(file.get()) && lastWritten != null && !lastWritten.equals(found)) {
      // Once told, saving again is meant.
      lastWritten = found;
      throw new IOException(Texts.of("save.changed", path.getFileName()));
    }
    Assignment now = workspace.assignment();
    AssignmentFile.write(now, path);
    Optional<String> elsewhere = settle(path, now);
    forget();
    return elsewhere;
  }

  /** {@return work of an earlier time that was not saved} */
  public List<UnsavedWork.Found> leftOver() {
    return UnsavedWork.find(folders.unsaved());
  }

  /** Goes on with work that was not saved. */
  public void bringBack(UnsavedWork.Found found) {
    workspace.replace(found.assignment());
    found.file().filter(Files::exists).ifPresent(this::claim);
    noteChange();
    throwAway(found);
  }

  /** Throws work away that was not saved. */
  public void throwAway(UnsavedWork.Found found) {
    try {
      found.work().forget();
    } catch (IOException e) {
      LOG.warn("cannot throw unsaved work away", e);
    }
  }

  /** Keeps what is not saved, so that the next start offers it, and lets go of the file. */
  @Override
  public void close() {
    keeper.shutdownNow();
    if (!saved.get()) {
      keep(workspace.assignment());
    }
    release();
  }

  private Optional<String> settle(Path path, Assignment now) {
    boolean alone = claim(path);
    lastSaved = now;
    lastWritten = written(path);
    saved.set(true);
    remember(old -> old.withRecent(path.toAbsolutePath()));
    return alone ? Optional.empty() : Optional.of(Texts.of("open.elsewhere", path.getFileName()));
  }

  private boolean claim(Path path) {
    if (path.equals(file.get()) && claim != null) {
      return true;
    }
    release();
    file.set(path);
    try {
      claim = FileClaim.take(folders.claims(), path).orElse(null);
      return claim != null;
    } catch (IOException e) {
      LOG.warn("cannot mark {} as open", path, e);
      return true;
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

  private void noteChange() {
    saved.set(workspace.assignment().equals(lastSaved));
    if (saved.get()) {
      forget();
    } else if (keeping.compareAndSet(false, true)) {
      try {
        keeper.execute(this::keepSoon);
      } catch (RejectedExecutionException e) {
        LOG.debug("the window is closed, which keeps the work itself", e);
      }
    }
  }

  /** Waits, so that many edits in a row are kept once, then keeps the latest. */
  private void keepSoon() {
    try {
      TimeUnit.MILLISECONDS.sleep(KEEP_AFTER_MILLIS);
    } catch (InterruptedException e) {
      // The window closes and keeps the work itself.
      Thread.currentThread().interrupt();
      return;
    }
    keeping.set(false);
    if (!saved.get()) {
      keep(workspace.assignment());
    }
  }

  private synchronized void keep(Assignment assignment) {
    try {
      unsaved.keep(assignment, Optional.ofNullable(file.get()));
    } catch (IOException e) {
      LOG.error("cannot keep unsaved work", e);
    }
  }

  private synchronized void forget() {
    try {
      unsaved.forget();
    } catch (IOException e) {
      LOG.warn("cannot forget unsaved work", e);
    }
  }

  private static @Nullable FileTime written(Path path) {
    try {
      return Files.getLastModifiedTime(path);
    } catch (IOException e) {
      // It is not there, or nobody can tell; saving will find out.
      return null;
    }
  }
}
