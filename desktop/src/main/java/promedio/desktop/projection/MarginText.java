package promedio.desktop.projection;

import java.util.Optional;
import promedio.core.formula.Equation;
import promedio.core.measure.Result;
import promedio.core.measure.Task;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.files.report.ResultText;
import promedio.files.report.TaskTexts;

/**
 * What the margin says of the chosen measure.
 *
 * @param heading what is asked, as a title
 * @param sentence what the result says about the sample, or why there is none
 * @param formula its definition
 * @param result symbol and result, as the course rules want it shown
 * @param exact the result without rounding; empty where that tells nothing more
 */
public record MarginText(
    String heading, String sentence, Optional<Equation> formula, String result, String exact) {

  /** A longer exact result is no help. */
  private static final int LONGEST_EXACT = 40;

  /** {@return what is said of what is asked} */
  public static MarginText of(Task task, Analysis of) {
    Analysis now = of.asked(task);
    Result value = now.computation().result(task);
    if (now.isCovered(task) && !(value instanceof Result.Absent)) {
      return new MarginText(
          heading(task, now),
          Texts.of("cover.sentence"),
          now.computation().equation(task),
          task.decides()
              ? now.shown(task)
              : now.computation().symbol(task).plain() + " = " + now.shown(task),
          "");
    }
    if (task.decides()) {
      return new MarginText(
          heading(task, now),
          Sentences.about(task, value, now),
          Optional.empty(),
          now.shown(task),
          "");
    }
    boolean whole = Results.isAll(value, task, now.rules());
    return new MarginText(
        heading(task, now),
        Sentences.about(task, value, now),
        now.computation().equation(task),
        ResultText.equation(now.computation().symbol(task).plain(), now.shown(task), whole),
        whole ? "" : exact(value));
  }

  /** {@return what is asked, as a title, with the portion of the sample where it is of one} */
  public static String heading(Task task, Analysis now) {
    String title = TaskTexts.title(task, now.numbers());
    String portion = PortionText.of(now.portion(), now.item());
    return portion.isEmpty() ? title : Texts.of("margin.of-portion", title, portion);
  }

  private static String exact(Result value) {
    String text = value.number().filter(Exact.class::isInstance).map(ExactText::of).orElse("");
    return text.isEmpty() || text.length() > LONGEST_EXACT ? "" : Texts.of("margin.exactly", text);
  }
}
