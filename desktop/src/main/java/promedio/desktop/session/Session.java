package promedio.desktop.session;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import java.util.function.UnaryOperator;
import javafx.util.Subscription;
import promedio.core.assignment.Assignment;
import promedio.core.message.Texts;

/**
 * The one owner of the document that a window shows: every edit, every step back and all long work
 * that will change the document passes through it. It lives as long as the window, whatever views
 * are made on it. Used on the thread of the window.
 */
@SuppressWarnings("ReferenceEquality") // a document that is the same was not changed at all
public final class Session {

  /** Typing goes on as one act until one pauses for so long. */
  private static final long PAUSE_NANOS = TimeUnit.SECONDS.toNanos(2);

  private final Background background;
  private final LongSupplier nanos;
  private final History<Document> history;
  private final JobQueue jobs = new JobQueue(this);
  private final List<Listener> listeners = new CopyOnWriteArrayList<>();
  private long lastEdit;

  /** Follows the document. */
  public interface Listener {

    /** Is told of an edit, of a step back or forth, and of another document. */
    void changed(Document before, Document now);

    /**
     * Is told that something was read which belongs to a document; {@link #changed} follows where
     * that is the one that is shown.
     *
     * @param read what it is with that, at any moment of its history
     */
    default void read(DocumentKey key, UnaryOperator<Assignment> read) {}
  }

  /** Makes a session on an assignment, whose long work is done there. */
  public Session(Assignment first, Background background) {
    this(first, background, System::nanoTime);
  }

  /**
   * Makes a session.
   *
   * @param nanos what the time is, in nanoseconds since any moment
   */
  Session(Assignment first, Background background, LongSupplier nanos) {
    this.background = background;
    this.nanos = nanos;
    this.history = new History<>(new Document(new DocumentKey(), first));
    this.lastEdit = nanos.getAsLong();
  }

  /** {@return the document as it is now} */
  public Document document() {
    return history.present();
  }

  /** {@return the assignment as it is now} */
  public Assignment assignment() {
    return document().assignment();
  }

  /** {@return where long work is done} */
  public Background background() {
    return background;
  }

  /** Follows the document until the subscription ends. */
  public Subscription subscribe(Listener listener) {
    listeners.add(listener);
    return () -> listeners.remove(listener);
  }

  /**
   * Makes an edit.
   *
   * @param name the key of what it does, for the one who undoes it
   * @param key edits of one key make one act, which is undone at once, as long as nothing ends it
   *     ({@link #endAct}) and nobody pauses; empty for an act of its own
   */
  public void edit(String name, String key, UnaryOperator<Assignment> change) {
    long now = nanos.getAsLong();
    if (now - lastEdit >= PAUSE_NANOS) {
      endAct();
    }
    lastEdit = now;
    Document next = changed(change);
    move(() -> history.edit(name, key, next));
  }

  /** Makes an edit that ends the act of the key, if that was the last one, and belongs to it. */
  public void completeAct(String name, String key, UnaryOperator<Assignment> change) {
    Document next = changed(change);
    move(() -> history.complete(name, key, next));
    endAct();
  }

  /** Ends what is being typed: what is typed after this is undone by itself. */
  public void endAct() {
    history.endRun();
  }

  private Document changed(UnaryOperator<Assignment> change) {
    return new Document(document().key(), change.apply(assignment()));
  }

  /** Begins another document in the place of this one; that can be undone too. */
  public void replace(DocumentKey key, Assignment other) {
    move(() -> history.edit("edit.replace", "", new Document(key, other)));
  }

  /** Takes the last act back. */
  public void undo() {
    move(history::undo);
  }

  /** Brings back the act that was taken back last. */
  public void redo() {
    move(history::redo);
  }

  /** {@return what undoing would take back} */
  public Optional<String> nameOfUndo() {
    return history.nameOfUndo().map(Texts::of);
  }

  /** {@return what redoing would bring back} */
  public Optional<String> nameOfRedo() {
    return history.nameOfRedo().map(Texts::of);
  }

  /**
   * Puts something that was read into the document, which is no edit: undoing never takes it away.
   *
   * @param read what the document is with it, whenever it is; the same where it has no place for it
   */
  void read(DocumentKey key, UnaryOperator<Assignment> read) {
    Document before = document();
    history.replaceAll(each -> each.key() == key ? each.with(read) : each);
    listeners.forEach(listener -> listener.read(key, read));
    tell(before);
  }

  /** Does long work that will change the document, after that of the same queue. */
  public void submit(DocumentJob<?, ?> job) {
    jobs.add(job);
  }

  /** {@return whether long work of the queue is under way or waits} */
  public boolean isBusy(Object queue) {
    return jobs.isBusy(queue);
  }

  private void move(Runnable change) {
    Document before = document();
    change.run();
    Document now = document();
    if (now == before) {
      // A field that is shown another item tells so as if it were typed in.
      return;
    }
    if (now.key() == before.key()) {
      // Ids that were given stay given, also where the edit that gave them is undone.
      history.replacePresent(now.with(each -> each.withIds(before.assignment().ids())));
    }
    tell(before);
  }

  private void tell(Document before) {
    Document now = document();
    if (now != before) {
      listeners.forEach(listener -> listener.changed(before, now));
    }
  }
}
