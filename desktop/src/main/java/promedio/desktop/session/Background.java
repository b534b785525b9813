package promedio.desktop.session;

import java.util.ArrayDeque;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.files.table.Progress;

/**
 * Runs long work apart from the window. Work of one lane never stops work of another; in most lanes
 * a new piece takes the place of the old one, whose outcome nobody waits for any more.
 */
public final class Background {

  private static final Logger LOG = LoggerFactory.getLogger(Background.class);

  /** What work is for. */
  public enum Lane {
    /** Reading the values of the chosen sample. */
    READING(Order.LATEST),
    /** Reading a table that is looked at before it is imported. */
    PREVIEW(Order.LATEST),
    /** Going through an import that nobody sees. */
    REHEARSAL(Order.LATEST),
    /** Reading a table, and keeping its original; each is another one. */
    IMPORT(Order.BESIDE, true),
    /** Tidying a long table; the session says what waits for what. */
    TIDYING(Order.BESIDE, true),
    /** Putting columns of a table on the shelf. */
    TOGETHER(Order.BESIDE, true),
    /** Putting the rows of a table in another order to look at. */
    ORDERING(Order.LATEST),
    /** Looking for a text in a table. */
    FINDING(Order.LATEST),
    /** What the selected cells come to. */
    SELECTION(Order.LATEST),
    /** Copying cells. */
    COPYING(Order.LATEST),
    /** Marking the answers of a class. */
    CLASS_ANSWERS(Order.LATEST),
    /** Looking for what explains answers; many at a time, and none for long. */
    EXPLAINING(Order.BESIDE),
    /** Looking for work of an earlier time that was not saved. */
    RECOVERY(Order.BESIDE),
    /** Writing what is remembered for the person. */
    SETTINGS(Order.IN_TURN, true),
    /** Making the document to hand in. */
    HAND_IN(Order.LATEST),
    /** Drawing pages of it for the preview. */
    PAGES(Order.BESIDE),
    /** Drawing samples by chance. */
    DRAWING(Order.LATEST),
    /** Working out a page of a printed table. */
    LOOKING_UP(Order.LATEST),
    /** Opening and saving assignments, so that what is opened is what was saved before. */
    DOCUMENTS(Order.IN_TURN, true),
    /** Writing files; one that is asked for is written, whatever is asked for next. */
    EXPORT(Order.BESIDE, true);

    private final Order order;
    private final boolean lasting;

    Lane(Order order) {
      this(order, false);
    }

    Lane(Order order, boolean lasting) {
      this.order = order;
      this.lasting = lasting;
    }

    /** {@return whether the person is shown that such work is under way} */
    public boolean isTold() {
      return switch (this) {
        case EXPLAINING, PAGES, REHEARSAL, RECOVERY, SETTINGS -> false;
        default -> true;
      };
    }

    /** {@return whether something would be lost if the program ended before such work does} */
    public boolean isLasting() {
      return lasting;
    }
  }

  /** What becomes of work that is under way when more comes in its lane. */
  private enum Order {
    /** Nobody waits for it any more. */
    LATEST,
    /** The new work waits for it. */
    IN_TURN,
    /** Both go on. */
    BESIDE
  }

  private final Executor worker;
  private final Executor window;
  private final Map<Lane, AtomicInteger> under = new ConcurrentHashMap<>();
  private final Map<Lane, Executor> inTurn = new EnumMap<>(Lane.class);
  private final ObservableList<Job> running = FXCollections.observableArrayList();
  private final ObservableList<Job> shown = FXCollections.unmodifiableObservableList(running);

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

  /** {@return one with threads of its own that tells outcomes on the thread of the window} */
  public static Background ofWindow() {
    return new Background(
        Executors.newCachedThreadPool(
            request -> {
              Thread thread = new Thread(request, "promedio-background");
              thread.setDaemon(true);
              return thread;
            }),
        Platform::runLater);
  }

  /** {@return whether work of the lane is under way, or its outcome not told yet} */
  public boolean isBusy(Lane lane) {
    AtomicInteger count = under.get(lane);
    return count != null && count.get() > 0;
  }

  /** {@return whether work is under way that would be lost if the program ended now} */
  public boolean isLasting() {
    return running.stream().anyMatch(job -> job.lane().isLasting());
  }

  /** {@return the work that is under way, the oldest first} */
  public ObservableList<Job> running() {
    return shown;
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
   * @param lane what the work is for
   * @param title what is done, for the one who waits
   * @param work the work; it is interrupted when cancelled
   * @param done takes the outcome
   * @param failed takes the failure, which is a {@link CancellationException} when the work was
   *     cancelled
   */
  public <T> void watch(
      Lane lane, String title, Watched<T> work, Consumer<T> done, Consumer<Exception> failed) {
    if (lane.order == Order.LATEST) {
      cancel(lane);
    }
    ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(this, "progress", -1);
    FutureTask<T> request =
        new FutureTask<>(() -> work.run(telling(progress))) {
          @Override
          protected void done() {
            window.execute(
                () -> {
                  try {
                    finish(this, done, failed);
                  } finally {
                    under.get(lane).decrementAndGet();
                  }
                });
          }
        };
    running.add(new Job(lane, title, request, progress.getReadOnlyProperty()));
    under.computeIfAbsent(lane, l -> new AtomicInteger()).incrementAndGet();
    boolean waits = lane.order == Order.IN_TURN;
    (waits ? inTurn.computeIfAbsent(lane, l -> new Turns(worker)) : worker).execute(request);
  }

  /** Stops the work of the lane that is under way. */
  public void cancel(Lane lane) {
    running.stream().filter(job -> job.lane() == lane).toList().forEach(Job::cancel);
  }

  /** Gives work to another executor, one piece after the other. */
  private static final class Turns implements Executor {

    private final Executor worker;
    private final Queue<Runnable> waiting = new ArrayDeque<>();
    private boolean busy;

    Turns(Executor worker) {
      this.worker = worker;
    }

    @Override
    public void execute(Runnable request) {
      synchronized (waiting) {
        waiting.add(request);
        if (busy) {
          return;
        }
        busy = true;
      }
      worker.execute(this::work);
    }

    private void work() {
      for (Runnable next = next(); next != null; next = next()) {
        next.run();
        // That one piece was stopped is nothing to the next.
        boolean unused = Thread.interrupted();
      }
    }

    private @Nullable Runnable next() {
      synchronized (waiting) {
        Runnable next = waiting.poll();
        busy = next != null;
        return next;
      }
    }
  }

  /** Waits until all work of the lane that was asked for is done, however it ends. */
  void await(Lane lane) {
    for (Job job : List.copyOf(running)) {
      if (job.lane() == lane) {
        try {
          job.request().get();
        } catch (ExecutionException | CancellationException e) {
          LOG.debug("whoever asked for the work is told", e);
        } catch (InterruptedException e) {
          Thread.currentThread().interrupt();
        }
      }
    }
  }

  /**
   * Starts work.
   *
   * @param lane what the work is for
   * @param title what is done, for the one who waits
   * @param work the work; it is interrupted when cancelled
   * @param done takes the outcome
   * @param failed takes the failure; neither is called when the work was cancelled
   */
  public <T> void run(
      Lane lane, String title, Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
    watch(
        lane,
        title,
        progress -> work.call(),
        done,
        failure -> {
          if (!(failure instanceof CancellationException)) {
            failed.accept(failure);
          }
        });
  }

  private Progress telling(ReadOnlyDoubleWrapper progress) {
    AtomicInteger percent = new AtomicInteger(-1);
    return (so, total) -> {
      int now = total <= 0 ? -1 : (int) Math.min(100, 100 * so / total);
      // A hundred tellings are enough for a line on a screen.
      if (percent.getAndSet(now) != now) {
        window.execute(() -> progress.set(now / 100.0));
      }
    };
  }

  private <T> void finish(FutureTask<T> request, Consumer<T> done, Consumer<Exception> failed) {
    running.removeIf(job -> job.request() == request);
    if (request.isCancelled()) {
      failed.accept(new CancellationException());
      return;
    }
    try {
      done.accept(request.get());
    } catch (ExecutionException e) {
      failed.accept(e.getCause() instanceof Exception cause ? cause : e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /**
   * Work under way.
   *
   * @param lane what it is for
   * @param title what is done
   * @param request the work itself
   * @param progress how much is done, from 0 to 1; below 0 while nobody can tell
   */
  public record Job(
      Lane lane, String title, FutureTask<?> request, ReadOnlyDoubleProperty progress) {

    /** Stops the work; its outcome is dropped. */
    public void cancel() {
      request.cancel(true);
    }
  }
}
