package promedio.desktop.session;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A value with its past and future: every edit makes the next value, undoing goes back to the one
 * before.
 *
 * @param <T> an immutable type
 */
final class History<T> {

  private final Deque<Step<T>> past = new ArrayDeque<>();
  private final Deque<Step<T>> future = new ArrayDeque<>();
  private T present;

  /** Whether an edit of the key of the last one still belongs to it. */
  private boolean running;

  History(T first) {
    present = first;
  }

  T present() {
    return present;
  }

  /**
   * Makes an edit.
   *
   * @param name the key of what the edit does, for the one who undoes it
   * @param key edits of one key, one right after the other, are undone together; empty for none
   * @param next the value after it
   */
  void edit(String name, String key, T next) {
    edit(name, key, next, running && isLast(key));
  }

  /** Makes an edit that is undone together with the last one, if that was of the same key. */
  void complete(String name, String key, T next) {
    edit(name, key, next, isLast(key));
  }

  private void edit(String name, String key, T next, boolean joins) {
    if (next.equals(present)) {
      return;
    }
    future.clear();
    if (!joins) {
      past.push(new Step<>(name, key, present));
    }
    running = true;
    present = next;
  }

  private boolean isLast(String key) {
    Step<T> last = past.peek();
    return !key.isEmpty() && last != null && Objects.equals(key, last.key());
  }

  /** Ends a run of edits: one of the same key after this is undone by itself. */
  void endRun() {
    running = false;
  }

  /** Changes the present value, which is no edit. */
  void replacePresent(T same) {
    present = same;
  }

  /** Changes all values, of the past and the future too, which is no edit. */
  void replaceAll(UnaryOperator<T> change) {
    present = change.apply(present);
    replaceAll(past, change);
    replaceAll(future, change);
  }

  private static <T> void replaceAll(Deque<Step<T>> steps, UnaryOperator<T> change) {
    for (int i = steps.size(); i > 0; i--) {
      Step<T> step = steps.remove();
      steps.add(new Step<>(step.name(), step.key(), change.apply(step.value())));
    }
  }

  Optional<String> nameOfUndo() {
    return Optional.ofNullable(past.peek()).map(Step::name);
  }

  Optional<String> nameOfRedo() {
    return Optional.ofNullable(future.peek()).map(Step::name);
  }

  void undo() {
    move(past, future);
  }

  void redo() {
    move(future, past);
  }

  private void move(Deque<Step<T>> from, Deque<Step<T>> to) {
    Step<T> step = from.poll();
    if (step != null) {
      to.push(new Step<>(step.name(), step.key(), present));
      present = step.value();
      running = false;
    }
  }

  /** An edit and the value on its other side. */
  private record Step<T>(String name, String key, T value) {}
}
