package promedio.desktop.projection;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Task;

/** Which results a change moved. */
public final class Moved {

  private Moved() {}

  /** {@return what was shown before, for each measure that is shown otherwise now, in order} */
  public static Map<Task, String> between(Analysis before, Analysis after) {
    Map<Task, String> moved = new LinkedHashMap<>();
    for (Task task : tasks(after)) {
      String old = Results.shown(before.computation().result(task), task, before);
      if (!old.equals(Results.shown(after.computation().result(task), task, after))) {
        moved.put(task, old);
      }
    }
    return moved;
  }

  private static List<Task> tasks(Analysis now) {
    return Stream.concat(
            Measures.of(now.typed().data()).stream().map(Task::of), now.asked().stream())
        .toList();
  }
}
