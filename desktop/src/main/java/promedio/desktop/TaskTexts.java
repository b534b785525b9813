package promedio.desktop;

import java.util.List;
import java.util.Locale;
import promedio.core.working.Method;
import promedio.core.working.Task;
import promedio.files.report.ShownNumbers;

/** What tasks and methods are called. */
public final class TaskTexts {

  private TaskTexts() {}

  /** {@return the name of the task, within a sentence} */
  public static String name(Task task, ShownNumbers numbers) {
    return task instanceof Task.Measured
        ? Texts.of("measure." + task.key())
        : Texts.of(
            "task." + task.key(), task.number().map(number -> numbers.shown(number)).orElse(""));
  }

  /** {@return the name of the task as a title} */
  public static String title(Task task, ShownNumbers numbers) {
    String name = name(task, numbers);
    return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
  }

  /**
   * {@return what the method is called}
   *
   * @param choices the methods there are for the task; the usual one is told apart from the others
   */
  public static String name(Method method, List<Method> choices) {
    if (method != Method.DEFINITION) {
      return Texts.of("method." + method.code());
    }
    if (choices.contains(Method.SHORTCUT)) {
      return Texts.of("method.definition.spread");
    }
    if (choices.contains(Method.CROSSING_OFF)) {
      return Texts.of("method.definition.ordered");
    }
    return Texts.of(choices.contains(Method.STEP) ? "method.definition.mean" : "method.definition");
  }
}
