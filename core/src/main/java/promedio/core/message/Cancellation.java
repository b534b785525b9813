package promedio.core.message;

import java.util.concurrent.CancellationException;

/**
 * How long work is stopped: whoever waits for it interrupts its thread, and the work gives up at
 * the next place where it looks. Work that was stopped has no outcome.
 */
public final class Cancellation {

  /** Loops over rows look once in so many. */
  private static final int EVERY = 4096;

  private Cancellation() {}

  /**
   * Goes on unless the thread was interrupted.
   *
   * @throws CancellationException if it was
   */
  public static void check() {
    if (Thread.currentThread().isInterrupted()) {
      throw new CancellationException();
    }
  }

  /**
   * Looks once in some thousand rows.
   *
   * @throws CancellationException if the thread was interrupted
   */
  public static void check(long row) {
    if (row % EVERY == 0) {
      check();
    }
  }
}
