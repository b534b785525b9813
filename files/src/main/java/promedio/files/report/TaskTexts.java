package promedio.files.report;

import java.util.List;
import java.util.Locale;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.Exact;

/** What tasks and methods are called. */
public final class TaskTexts {

  private static final Exact HUNDRED = Exact.of(100);

  private TaskTexts() {}

  /** {@return the name of the task, within a sentence, its arguments shown by the numbers} */
  public static String name(Request request, ShownNumbers numbers) {
    if (request.decides()) {
      return Texts.of("task.decision", name(request.number(), numbers));
    }
    if (request.arguments().isEmpty()) {
      return name(request.measure());
    }
    String key = "task." + request.key() + (request.isWithOptional() ? ".known" : "");
    return Texts.of(key, arguments(request, numbers).toArray());
  }

  /** {@return what it is about besides the data, as people say it: a proportion in percent} */
  public static List<String> arguments(Request request, ShownNumbers numbers) {
    boolean proportion = request.measure() == Measures.TRIMMED_MEAN;
    return request.arguments().stream()
        .map(number -> proportion ? number.times(HUNDRED) : number)
        .map(number -> numbers.shown(number))
        .toList();
  }

  /** {@return the name of a measure without its arguments} */
  public static String name(Measure measure) {
    return ofKey(measure.key());
  }

  /** {@return the name of the measure of a key, or of a cell of a printed table} */
  public static String ofKey(String key) {
    return Texts.of("measure." + key);
  }

  /** {@return the name of the task by which nodes of the window are told apart} */
  public static String node(Request request) {
    return request.id().replace(' ', '-').replace('/', '-');
  }

  /** {@return the name of the task as a title; a symbol that it begins with stays as it is} */
  public static String title(Request request, ShownNumbers numbers) {
    String name = name(request, numbers);
    boolean symbol = name.length() > 1 && !Character.isLetter(name.charAt(1));
    return symbol ? name : name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
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
