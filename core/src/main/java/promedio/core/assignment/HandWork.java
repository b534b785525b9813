package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import promedio.core.working.Method;
import promedio.core.working.OwnWorking;
import promedio.core.working.Task;

/**
 * What a student worked by hand on a sample.
 *
 * @param workings own workings, by task and method
 * @param scratch the calculations on scratch paper, the last one last
 */
public record HandWork(Map<String, OwnWorking> workings, List<String> scratch) {

  /** Nothing worked yet. */
  public static final HandWork NONE = new HandWork(Map.of(), List.of());

  public HandWork {
    workings = Map.copyOf(workings);
    scratch = List.copyOf(scratch);
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
    return new HandWork(changed, scratch);
  }

  /** {@return this with one more calculation on scratch paper} */
  public HandWork withScratch(String line) {
    List<String> changed = new ArrayList<>(scratch);
    changed.add(line);
    return new HandWork(workings, changed);
  }

  /** {@return this with a clean sheet of scratch paper} */
  public HandWork withoutScratch() {
    return new HandWork(workings, List.of());
  }

  private static String key(Task task, Method method) {
    String about = task.number().map(number -> " " + number).orElse("");
    return task.key() + about + " by " + method.code();
  }
}
