package promedio.desktop.work;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Objects;
import java.util.Optional;

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
  private String runningKey = "";

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
    if (next.equals(present)) {
      return;
    }
    future.clear();
    if (key.isEmpty() || !Objects.equals(key, runningKey)) {
      past.push(new Step<>(name, present));
    }
    runningKey = key;
    present = next;
  }

  /** Puts another value in the place of the present one, which is no edit. */
  void amend(T same) {
    present = same;
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
      to.push(new Step<>(step.name(), present));
      present = step.value();
      runningKey = "";
    }
  }

  /** An edit and the value on its other side. */
  private record Step<T>(String name, T value) {}
}
