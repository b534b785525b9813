package promedio.core.assignment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import promedio.core.measure.Task;
import promedio.core.working.Method;
import promedio.core.working.OwnWorking;

/**
 * What a student worked by hand on a sample.
 *
 * @param workings own workings, by task and method
 * @param scratch the calculations on scratch paper, the last one last
 * @param tries earlier answers to what was asked that did not agree, the first one first
 */
public record HandWork(
    Map<String, OwnWorking> workings, List<String> scratch, Map<Task, List<String>> tries) {

  /** Nothing worked yet. */
  public static final HandWork NONE = new HandWork(Map.of(), List.of(), Map.of());

  public HandWork {
    workings = Map.copyOf(workings);
    scratch = List.copyOf(scratch);
    tries = Map.copyOf(tries);
  }

  /** {@return the student's own working of the task by the method} */
  public OwnWorking working(Task task, Method method) {
    return workings.getOrDefault(key(task, method), OwnWorking.EMPTY);
  }

  /** {@return this with another own working} */
  public HandWork with(Task task, Method method, OwnWorking own) {
    Map<String, OwnWorking> changed = new TreeMap<>(workings);
    if (own.entries().isEmpty()) {
      changed.remove(key(task, method));
    } else {
      changed.put(key(task, method), own);
    }
    return new HandWork(changed, scratch, tries);
  }

  /** {@return this with one more calculation on scratch paper} */
  public HandWork withScratch(String line) {
    List<String> changed = new ArrayList<>(scratch);
    changed.add(line);
    return new HandWork(workings, changed, tries);
  }

  /** {@return this with a clean sheet of scratch paper} */
  public HandWork withoutScratch() {
    return new HandWork(workings, List.of(), tries);
  }

  /** {@return the earlier answers to what was asked} */
  public List<String> tries(Task task) {
    return tries.getOrDefault(task, List.of());
  }

  /** {@return this with one more answer kept}; the same one is not kept twice in a row */
  public HandWork withTry(Task task, String answer) {
    List<String> earlier = new ArrayList<>(tries(task));
    if (!earlier.isEmpty() && earlier.get(earlier.size() - 1).equals(answer)) {
      return this;
    }
    earlier.add(answer);
    Map<Task, List<String>> changed = new HashMap<>();
    changed.putAll(tries);
    changed.put(task, List.copyOf(earlier));
    return new HandWork(workings, scratch, changed);
  }

  private static String key(Task task, Method method) {
    return task.id() + " by " + method.code();
  }
}
