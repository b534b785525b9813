package promedio.files.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import promedio.core.catalogue.Measures;
import promedio.core.message.Texts;
import promedio.core.question.FoundData;
import promedio.core.question.PrintedQuestion;

/** What was understood of a printed question, as lines for a person. */
public final class PrintedQuestionText {

  /** More values say nothing more. */
  private static final int MOST = 12;

  private PrintedQuestionText() {}

  /** {@return the lines} */
  public static List<String> of(PrintedQuestion question) {
    List<String> lines = new ArrayList<>();
    if (question.data().isEmpty()) {
      lines.add(Texts.of("question.no-data"));
    }
    for (int i = 0; i < question.data().size(); i++) {
      lines.add(data(i + 1, question.data().get(i)));
    }
    question.rules().forEach((rule, value) -> lines.add(rule("question.rule", rule, value)));
    if (question.parts().stream().allMatch(part -> part.asked().isEmpty())) {
      lines.add(Texts.of("question.nothing-asked"));
    }
    question.parts().forEach(part -> lines.add(part(part)));
    return lines;
  }

  private static String rule(String key, String rule, String value) {
    return Texts.of(key, Texts.of("rule." + rule), RuleText.ofCodes(rule, value));
  }

  private static String data(int number, FoundData data) {
    String name =
        data.second().isEmpty()
            ? data.name()
            : Texts.of("question.two", data.name(), data.second());
    String rows =
        data.rows().stream()
            .limit(MOST)
            .map(row -> String.join(" ", row))
            .collect(Collectors.joining("; "));
    return Texts.of(
        name.isEmpty() ? "question.read-unnamed" : "question.read-data",
        number,
        Texts.of("question.kind." + data.kind().code()),
        name,
        data.rows().size(),
        data.rows().size() > MOST ? rows + " …" : rows);
  }

  private static String part(PrintedQuestion.Part part) {
    List<String> said = new ArrayList<>();
    said.add(
        part.asked().isEmpty()
            ? Texts.of("question.no-number")
            : part.asked().stream()
                .map(PrintedQuestionText::asked)
                .collect(Collectors.joining(", ")));
    part.places().ifPresent(places -> said.add(Texts.of("question.places", places)));
    part.digits().ifPresent(digits -> said.add(Texts.of("question.digits", digits)));
    part.rules().forEach((rule, value) -> said.add(rule("question.by", rule, value)));
    String all = String.join(" · ", said);
    return part.label().isEmpty() ? all : Texts.of("question.part", part.label(), all);
  }

  /** {@return the name of a measure that is asked, with what it is asked of} */
  public static String asked(PrintedQuestion.Asked asked) {
    String name = Measures.ofKey(asked.measure()).map(TaskTexts::name).orElse(asked.measure());
    String with =
        asked.with().entrySet().stream().map(Map.Entry::getValue).collect(Collectors.joining(", "));
    return with.isEmpty() ? name : Texts.of("question.with", name.replace(" …", ""), with);
  }
}
