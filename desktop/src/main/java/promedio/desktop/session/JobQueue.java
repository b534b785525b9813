package promedio.desktop.session;

import java.util.ArrayDeque;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.CancellationException;
import promedio.core.message.Texts;

/** The long work that will change the document of a session; used on the thread of the window. */
final class JobQueue {

  private final Session session;
  private final Map<Object, Queue<Pending<?, ?>>> queues = new HashMap<>();

  /** A job and the document that it was given for. */
  private record Pending<B, R>(DocumentKey key, DocumentJob<B, R> job) {}

  JobQueue(Session session) {
    this.session = session;
  }

  /** Does the job as soon as those before it in its queue are done. */
  void add(DocumentJob<?, ?> job) {
    Queue<Pending<?, ?>> queue = queues.computeIfAbsent(job.queue(), name -> new ArrayDeque<>());
    queue.add(new Pending<>(session.document().key(), job));
    if (queue.size() == 1) {
      begin(queue.element());
    }
  }

  /** {@return whether work of the queue is under way or waits} */
  boolean isBusy(Object queue) {
    return queues.containsKey(queue);
  }

  private <B, R> void begin(Pending<B, R> pending) {
    DocumentJob<B, R> job = pending.job();
    Optional<B> basis = basis(pending);
    if (basis.isEmpty()) {
      refuse(pending);
      return;
    }
    session
        .background()
        .watch(
            job.lane(),
            job.title(),
            progress -> job.work().run(basis.get(), progress),
            result -> land(pending, basis.get(), result),
            failure -> {
              if (!(failure instanceof CancellationException)) {
                job.failed().accept(failure);
              }
              next(pending);
            });
  }

  /** What the job starts from; none where another document is shown, or that is gone. */
  private <B> Optional<B> basis(Pending<B, ?> pending) {
    Document now = session.document();
    return now.key() == pending.key()
        ? pending.job().basis().apply(now.assignment())
        : Optional.empty();
  }

  private <B, R> void land(Pending<B, R> pending, B before, R result) {
    Optional<B> now = basis(pending);
    if (now.isEmpty()) {
      refuse(pending);
    } else if (Objects.equals(now.get(), before)) {
      try {
        pending.job().landed().accept(result);
      } finally {
        next(pending);
      }
    } else {
      begin(pending);
    }
  }

  private void refuse(Pending<?, ?> pending) {
    boolean another = session.document().key() != pending.key();
    String key = another ? "job.another-document" : "job.gone";
    pending.job().refused().accept(Texts.of(key, pending.job().title()));
    next(pending);
  }

  private void next(Pending<?, ?> done) {
    Object name = done.job().queue();
    Queue<Pending<?, ?>> queue = queues.get(name);
    queue.remove();
    if (queue.isEmpty()) {
      queues.remove(name);
    } else {
      begin(queue.element());
    }
  }
}
