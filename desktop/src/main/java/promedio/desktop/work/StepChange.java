package promedio.desktop.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import promedio.core.tidy.Step;
import promedio.core.tidy.StepEntry;

/**
 * A change of the steps of a table. It says what is done to which step, not what the list is then,
 * so that it can wait for changes before it and none of them is lost.
 */
@FunctionalInterface
public interface StepChange {

  /** {@return the steps after it; none where the step that it is about is gone} */
  Optional<List<StepEntry>> of(List<StepEntry> steps);

  /** {@return the change to these steps, whatever there was} */
  static StepChange to(List<StepEntry> steps) {
    return now -> Optional.of(List.copyOf(steps));
  }

  /** {@return the change that adds a step at the end} */
  static StepChange adding(Step step) {
    return now -> changed(now, steps -> steps.add(StepEntry.of(step)));
  }

  /** {@return the change that puts a step in the place of one, or switches it on or off} */
  static StepChange replacing(Seen old, StepEntry step) {
    return now -> old.in(now).flatMap(at -> changed(now, steps -> steps.set(at, step)));
  }

  /** {@return the change that takes a step away} */
  static StepChange removing(Seen old) {
    return now -> old.in(now).flatMap(at -> changed(now, steps -> steps.remove((int) at)));
  }

  /** {@return the change that moves a step by so many places, held within the list} */
  static StepChange moving(Seen step, int by) {
    return now ->
        step.in(now)
            .flatMap(
                at ->
                    changed(
                        now,
                        steps -> {
                          int to = Math.max(0, Math.min(steps.size() - 1, at + by));
                          steps.add(to, steps.remove((int) at));
                        }));
  }

  private static Optional<List<StepEntry>> changed(
      List<StepEntry> steps, Consumer<List<StepEntry>> change) {
    List<StepEntry> changed = new ArrayList<>(steps);
    change.accept(changed);
    return Optional.of(changed);
  }

  /**
   * A step as the person saw it.
   *
   * @param place where it stood, from 0
   * @param listed the step
   */
  record Seen(int place, StepEntry listed) {

    /** {@return where it stands now: of several that are the same, the nearest to its place} */
    public Optional<Integer> in(List<StepEntry> steps) {
      for (int away = 0; away <= Math.max(place, steps.size()); away++) {
        for (int at : new int[] {place - away, place + away}) {
          if (at >= 0 && at < steps.size() && steps.get(at).equals(listed)) {
            return Optional.of(at);
          }
        }
      }
      return Optional.empty();
    }
  }
}
