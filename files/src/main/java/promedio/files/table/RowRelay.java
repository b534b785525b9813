package promedio.files.table;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Takes rows on the thread that parses them and gives them to a sink on another, in blocks, so that
 * parsing and packing run beside each other. The sink is one that wants every row.
 */
final class RowRelay implements RowSink, AutoCloseable {

  /** Blocks that wait for the sink at a time; then the parser waits for it. */
  private static final int MOST_WAITING = 4;

  /** A block on its way, to be filled again when the sink has taken it. */
  private record Passed(RowBlock block, Future<?> taken) {}

  private final RowSink sink;
  private final ExecutorService packer =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread thread = new Thread(work, "promedio-packing");
            thread.setDaemon(true);
            return thread;
          });
  private final Deque<Passed> waiting = new ArrayDeque<>();
  private RowBlock block = new RowBlock();

  RowRelay(RowSink sink) {
    this.sink = sink;
  }

  @Override
  public void begin(long line) {
    block.begin(line);
  }

  @Override
  public void cell(char[] text, int start, int length) {
    block.cell(text, start, length);
  }

  /**
   * {@inheritDoc}
   *
   * @throws CancellationException if the thread was interrupted while it waited for the sink
   */
  @Override
  public boolean end() {
    block.end();
    if (block.isFull()) {
      RowBlock next = waiting.size() < MOST_WAITING ? new RowBlock() : taken(waiting.remove());
      passOn();
      block = next;
    }
    return true;
  }

  /**
   * Waits until the sink has taken all rows.
   *
   * @throws CancellationException if the thread was interrupted meanwhile
   */
  void finish() {
    passOn();
    while (!waiting.isEmpty()) {
      block = taken(waiting.remove());
    }
  }

  private void passOn() {
    RowBlock passed = block;
    waiting.add(new Passed(passed, packer.submit(() -> passed.empty(sink))));
  }

  /** What goes wrong in the sink is thrown here, as if it ran on this thread. */
  private static RowBlock taken(Passed passed) {
    try {
      passed.taken().get();
      return passed.block();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      CancellationException cancelled = new CancellationException();
      cancelled.initCause(e);
      throw cancelled;
    } catch (ExecutionException e) {
      if (e.getCause() instanceof Error error) {
        throw error;
      }
      throw new IllegalStateException(e.getCause());
    }
  }

  /** Rows that the sink has not taken yet are dropped. */
  @Override
  public void close() {
    packer.shutdownNow();
  }
}
