package promedio.desktop.projection;

import java.util.Optional;
import promedio.core.formula.Equation;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
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
  public static MarginText of(Request request, Analysis of) {
    Analysis now = of.asked(request);
    Result value = now.computation().result(request);
    if (now.isCovered(request) && !(value instanceof Result.Absent)) {
      return new MarginText(
          heading(request, now),
          Texts.of("cover.sentence"),
          now.computation().equation(request),
          request.decides()
              ? now.shown(request)
              : now.computation().symbol(request).plain() + " = " + now.shown(request),
          "");
    }
    if (request.decides()) {
      return new MarginText(
          heading(request, now),
          Sentences.about(request, value, now),
          Optional.empty(),
          now.shown(request),
          "");
    }
    boolean whole = Results.isAll(value, request, now.rules());
    return new MarginText(
        heading(request, now),
        Sentences.about(request, value, now),
        now.computation().equation(request),
        ResultText.equation(now.computation().symbol(request).plain(), now.shown(request), whole),
        whole ? "" : exact(value));
  }

  /** {@return what is asked, as a title, with the portion of the sample where it is of one} */
  public static String heading(Request request, Analysis now) {
    String title = TaskTexts.title(request, now.numbers());
    String subset = PortionText.of(now.subset(), now.item());
    return subset.isEmpty() ? title : Texts.of("margin.of-portion", title, subset);
  }

  private static String exact(Result value) {
    String text = value.number().filter(Exact.class::isInstance).map(ExactText::of).orElse("");
    return text.isEmpty() || text.length() > LONGEST_EXACT ? "" : Texts.of("margin.exactly", text);
  }
}
