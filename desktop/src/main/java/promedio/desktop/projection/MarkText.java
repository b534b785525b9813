package promedio.desktop.projection;

import java.util.Locale;
import java.util.stream.Collectors;
import promedio.core.message.Texts;
import promedio.core.question.FoundData;
import promedio.core.question.Mark;
import promedio.core.question.PrintedQuestion;
import promedio.files.report.PrintedQuestionText;
import promedio.files.report.RuleText;

/** What a mark in a printed question means, in words. */
public final class MarkText {

  private MarkText() {}

  /** {@return what is understood by the words of the mark} */
  public static String of(PrintedQuestion question, Mark mark) {
    String key = "question.mark." + code(mark.meaning().kind());
    return mark.meaning()
        .fold(
            data -> data(key, question.data().get(data.index())),
            asked ->
                Texts.of(
                    key,
                    asked.asked().stream()
                        .map(PrintedQuestionText::asked)
                        .collect(Collectors.joining(", "))),
            places -> places(question.parts().get(places.parts().get(0))),
            rule ->
                Texts.of(
                    key,
                    Texts.of("rule." + rule.code()),
                    RuleText.ofCodes(rule.code(), value(question, rule))));
  }

  private static String data(String key, FoundData data) {
    return Texts.of(
        data.name().isEmpty() ? "question.mark.unnamed" : key,
        kind(data.kind()),
        data.name(),
        data.rows().size());
  }

  /** {@return the name of the kind in style sheets and keys} */
  public static String code(Mark.Kind kind) {
    return kind.name().toLowerCase(Locale.ROOT);
  }

  /** {@return what data of the kind are called} */
  public static String kind(FoundData.Kind kind) {
    return Texts.of("question.kind." + kind.code());
  }

  /** {@return the value that the words of a mark decide, its code} */
  public static String value(PrintedQuestion question, Mark.OfRule of) {
    return (of.part() == Mark.OfRule.ALL
            ? question.rules()
            : question.parts().get(of.part()).rules())
        .getOrDefault(of.code(), "");
  }

  private static String places(PrintedQuestion.Part part) {
    return part.digits()
        .map(digits -> Texts.of("question.digits", digits))
        .orElseGet(() -> Texts.of("question.places", part.places().orElse(0)));
  }
}
