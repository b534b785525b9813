package promedio.desktop.work;

import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;

/**
 * Runs long work apart from the window, one piece at a time; a new piece takes the place of the
 * old.
 */
public final class Background {

  private final Executor worker;
  private final Executor window;
  private final ReadOnlyObjectWrapper<@Nullable Job> running =
      new ReadOnlyObjectWrapper<>(this, "running");

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
    Job old = running.get();
    if (old != null) {
      old.cancel();
    }
    FutureTask<T> task =
        new FutureTask<>(work) {
          @Override
          protected void done() {
            window.execute(() -> finish(this, done, failed));
          }
        };
    running.set(new Job(title, task));
    worker.execute(task);
  }

  private <T> void finish(FutureTask<T> task, Consumer<T> done, Consumer<Exception> failed) {
    Job job = running.get();
    if (job != null && job.task() == task) {
      running.set(null);
    }
    if (task.isCancelled()) {
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
