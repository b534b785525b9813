package promedio.desktop.session;

import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.core.message.Texts;
import promedio.files.assignment.UnsavedWork;

/**
 * Writes the copies of work that is not saved, on a thread of its own. That thread sees only what
 * it is given: which assignment to keep for which document, or that there is none to keep any more;
 * what was forgotten is never written after that.
 */
final class AutosaveWriter implements AutoCloseable {

  private static final Logger LOG = LoggerFactory.getLogger(AutosaveWriter.class);

  /** A crash loses no more than this and the time to write. */
  private static final long KEEP_AFTER_MILLIS = 400;

  private static final long CLOSING_SECONDS = 30;

  private final ScheduledExecutorService worker = worker();
  private final Executor window;
  private final ReadOnlyStringWrapper problem = new ReadOnlyStringWrapper(this, "problem", "");

  /** What is to be kept of each document, until the worker takes it. */
  private final Map<UnsavedWork, Snapshot> waiting = new HashMap<>();

  private record Snapshot(Assignment assignment, Optional<UnsavedWork.Home> home) {}

  /**
   * Makes one.
   *
   * @param window where problems are told
   */
  AutosaveWriter(Executor window) {
    this.window = window;
  }

  private static ScheduledExecutorService worker() {
    ScheduledThreadPoolExecutor worker =
        new ScheduledThreadPoolExecutor(
            1,
            task -> {
              Thread thread = new Thread(task, "promedio-autosave");
              thread.setDaemon(true);
              return thread;
            });
    worker.setExecuteExistingDelayedTasksAfterShutdownPolicy(false);
    return worker;
  }

  /** {@return why the last copy could not be written, for the person; empty where it could} */
  ReadOnlyStringProperty problemProperty() {
    return problem.getReadOnlyProperty();
  }

  /** Keeps the assignment in a moment, so that many edits in a row are kept once. */
  void keepSoon(DocumentState document, Assignment now) {
    UnsavedWork unsaved = document.unsaved();
    boolean first;
    synchronized (waiting) {
      first = waiting.put(unsaved, new Snapshot(now, document.home())) == null;
    }
    if (first) {
      try {
        Future<?> unused =
            worker.schedule(() -> keepWaiting(unsaved), KEEP_AFTER_MILLIS, TimeUnit.MILLISECONDS);
      } catch (RejectedExecutionException e) {
        LOG.debug("the window is closed, which keeps the work itself", e);
      }
    }
  }

  /** Keeps the assignment, then does something else; that is not done where it cannot be kept. */
  void keepThen(DocumentState document, Assignment now, Runnable afterwards) {
    Snapshot snapshot = new Snapshot(now, document.home());
    write(
        () -> {
          if (keep(document.unsaved(), snapshot).isEmpty()) {
            afterwards.run();
          }
        });
  }

  /**
   * Keeps documents as they are now, then tells on the thread of the window why one of them cannot
   * be kept, if that is so.
   */
  void keepAll(List<DocumentState> documents, Consumer<Optional<String>> done) {
    write(
        () -> {
          Optional<String> problem = keepEach(documents);
          window.execute(() -> done.accept(problem));
        });
  }

  /**
   * Keeps documents as they are now and waits until that is done.
   *
   * @return why one of them could not be kept, for the person; empty where all could
   */
  Optional<String> keepAllNow(List<DocumentState> documents) {
    return await(() -> keepEach(documents));
  }

  private Optional<String> keepEach(List<DocumentState> documents) {
    Optional<String> problem = Optional.empty();
    for (DocumentState document : documents) {
      drop(document.unsaved());
      Snapshot now = new Snapshot(document.latest(), document.home());
      Optional<String> failed = keep(document.unsaved(), now);
      problem = problem.or(() -> failed);
    }
    return problem;
  }

  /** Forgets what was kept of the document. */
  void forget(DocumentState document) {
    drop(document.unsaved());
    write(() -> delete(document.unsaved()));
  }

  /** Forgets what was kept of the document, and waits until that is done. */
  void forgetNow(DocumentState document) {
    drop(document.unsaved());
    await(
        () -> {
          delete(document.unsaved());
          return Optional.empty();
        });
  }

  /** Has something else done on the same thread, in turn. */
  void write(Runnable writing) {
    try {
      worker.execute(writing);
    } catch (RejectedExecutionException e) {
      LOG.debug("the window is closed", e);
    }
  }

  private Optional<String> await(Callable<Optional<String>> work) {
    try {
      return worker.submit(work).get();
    } catch (RejectedExecutionException e) {
      LOG.debug("the window is closed", e);
      return Optional.empty();
    } catch (ExecutionException e) {
      LOG.error("cannot keep unsaved work", e);
      return Optional.of(String.valueOf(e.getCause().getMessage()));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return Optional.of(Texts.of("keep.interrupted"));
    }
  }

  private void drop(UnsavedWork unsaved) {
    synchronized (waiting) {
      waiting.remove(unsaved);
    }
  }

  private void keepWaiting(UnsavedWork unsaved) {
    Snapshot snapshot;
    synchronized (waiting) {
      snapshot = waiting.remove(unsaved);
    }
    if (snapshot != null) {
      keep(unsaved, snapshot);
    }
  }

  private Optional<String> keep(UnsavedWork unsaved, Snapshot snapshot) {
    try {
      unsaved.keep(snapshot.assignment(), snapshot.home());
      tell("");
      return Optional.empty();
    } catch (IOException | RuntimeException e) {
      LOG.error("cannot keep unsaved work", e);
      String why = Texts.of("keep.failed", String.valueOf(e.getMessage()));
      tell(why);
      return Optional.of(why);
    }
  }

  static void delete(UnsavedWork unsaved) {
    try {
      unsaved.forget();
    } catch (IOException e) {
      LOG.warn("cannot forget unsaved work", e);
    }
  }

  private void tell(String text) {
    window.execute(() -> problem.set(text));
  }

  @Override
  public void close() {
    worker.shutdown();
    try {
      if (!worker.awaitTermination(CLOSING_SECONDS, TimeUnit.SECONDS)) {
        LOG.warn("unsaved work is still being written");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
