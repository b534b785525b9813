package promedio.files.report;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.files.ByteLines;

/** Measures of one sample a line, JSON in and JSON out; a line that cannot be used says why. */
public final class MeasureLines {

  private MeasureLines() {}

  /**
   * {@return the line that answers a line}
   *
   * @param line one sample as a JSON object, or why it cannot be read
   * @param defaults the rules where the line names none
   */
  public static String answer(ByteLines.Line line, CourseRules defaults) {
    return line.problem().isPresent()
        ? QuestionJson.JSON.createObjectNode().put("refused", line.problem().get()).toString()
        : answer(line.text(), defaults);
  }

  /**
   * {@return the line that answers a line}
   *
   * @param line one sample as a JSON object
   * @param defaults the rules where the line names none
   */
  public static String answer(String line, CourseRules defaults) {
    ObjectNode answer = QuestionJson.JSON.createObjectNode();
    try {
      JsonNode question = QuestionJson.read(line);
      if (question.has("id")) {
        answer.set("id", question.get("id"));
      }
      CourseRules rules = QuestionJson.rules(question.path("rules"), defaults);
      Data data = QuestionJson.data(question);
      answer.setAll(MeasuresReport.of(data, rules, extras(question), false));
    } catch (BadInputException e) {
      answer.put("refused", e.getMessage());
    }
    return answer.toString();
  }

  private static Extras extras(JsonNode question) throws BadInputException {
    JsonNode trim = question.path("trim");
    List<String> percentiles = new ArrayList<>();
    for (JsonNode percent : QuestionJson.list(question, "percentiles")) {
      percentiles.add(percent.asText());
    }
    Map<String, String> with = new LinkedHashMap<>();
    for (Map.Entry<String, JsonNode> each : question.path("with").properties()) {
      with.put(each.getKey(), each.getValue().asText());
    }
    return Extras.of(
        QuestionJson.isAbsent(trim) ? Optional.empty() : Optional.of(trim.asText()),
        percentiles,
        with);
  }
}
