package promedio.desktop.work;

import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;
import promedio.files.table.Progress;

/**
 * Runs long work apart from the window, one piece at a time; a new piece takes the place of the
 * old.
 */
public final class Background {

  private final Executor worker;
  private final Executor window;
  private final ReadOnlyObjectWrapper<@Nullable Job> running =
      new ReadOnlyObjectWrapper<>(this, "running");
  private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(this, "progress", -1);

  /**
   * Makes one.
   *
   * @param worker where the work is done
   * @param window where its outcome is told
   */
  public Background(Executor worker, Executor window) {
    this.worker = worker;
    this.window = window;
  }

  /** {@return one with a thread of its own that tells outcomes on the thread of the window} */
  public static Background ofWindow() {
    return new Background(
        Executors.newSingleThreadExecutor(
            task -> {
              Thread thread = new Thread(task, "promedio-background");
              thread.setDaemon(true);
              return thread;
            }),
        Platform::runLater);
  }

  /** {@return the work that is under way, {@code null} when there is none} */
  public ReadOnlyObjectProperty<@Nullable Job> runningProperty() {
    return running.getReadOnlyProperty();
  }

  /** {@return how much of the work is done, from 0 to 1; below 0 while nobody can tell} */
  public ReadOnlyDoubleProperty progressProperty() {
    return progress.getReadOnlyProperty();
  }

  /** Work that tells how far it is. */
  @FunctionalInterface
  public interface Watched<T> {

    /** Does the work. */
    T run(Progress progress) throws Exception;
  }

  /** Has something done where outcomes are told, on the thread of the window. */
  public void tell(Runnable what) {
    window.execute(what);
  }

  /**
   * Starts work that tells how far it is.
   *
   * @param title what is done, for the one who waits
   * @param work the work; it is interrupted when cancelled
   * @param done takes the outcome
   * @param failed takes the failure, which is a {@link CancellationException} when the work was
   *     cancelled
   */
  public <T> void watch(
      String title, Watched<T> work, Consumer<T> done, Consumer<Exception> failed) {
    AtomicInteger percent = new AtomicInteger(-1);
    Progress told =
        (so, total) -> {
          int now = total <= 0 ? -1 : (int) Math.min(100, 100 * so / total);
          // A hundred tellings are enough for a line on a screen.
          if (percent.getAndSet(now) != now) {
            window.execute(() -> progress.set(now / 100.0));
          }
        };
    start(title, () -> work.run(told), done, failed, failed);
  }

  /**
   * Starts work.
   *
   * @param title what is done, for the one who waits
   * @param work the work; it is interrupted when cancelled
   * @param done takes the outcome
   * @param failed takes the failure; neither is called when the work was cancelled
   */
  public <T> void run(
      String title, Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
    start(title, work, done, failed, cancelled -> {});
  }

  private <T> void start(
      String title,
      Callable<T> work,
      Consumer<T> done,
      Consumer<Exception> failed,
      Consumer<Exception> cancelled) {
    Job old = running.get();
    if (old != null) {
      old.cancel();
    }
    FutureTask<T> task =
        new FutureTask<>(work) {
          @Override
          protected void done() {
            window.execute(() -> finish(this, done, failed, cancelled));
          }
        };
    progress.set(-1);
    running.set(new Job(title, task));
    worker.execute(task);
  }

  private <T> void finish(
      FutureTask<T> task,
      Consumer<T> done,
      Consumer<Exception> failed,
      Consumer<Exception> cancelled) {
    Job job = running.get();
    if (job != null && job.task() == task) {
      running.set(null);
    }
    if (task.isCancelled()) {
      cancelled.accept(new CancellationException());
      return;
    }
    try {
      done.accept(task.get());
    } catch (ExecutionException e) {
      failed.accept(e.getCause() instanceof Exception cause ? cause : e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /**
   * Work under way.
   *
   * @param title what is done
   * @param task the work itself
   */
  public record Job(String title, FutureTask<?> task) {

    /** Stops the work; its outcome is dropped. */
    public void cancel() {
      task.cancel(true);
    }
  }
}
