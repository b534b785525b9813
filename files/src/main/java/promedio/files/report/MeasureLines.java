package promedio.files.report;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.rules.CourseRules;
import promedio.files.ByteLines;

/** Measures of one sample a line, JSON in and JSON out; a line that cannot be used says why. */
public final class MeasureLines {

  private MeasureLines() {}

  /**
   * {@return the answer to a line}
   *
   * @param line one sample as a JSON object
   * @param defaults the rules where the line names none
   */
  public static JsonLines.Answer answer(ByteLines.Line line, CourseRules defaults) {
    return JsonLines.answer(
        line,
        (question, into) ->
            into.setAll(
                MeasuresReport.of(
                    MarkRequestJson.data(question),
                    MarkRequestJson.rules(question.path("rules"), defaults),
                    extras(question),
                    false)),
        JsonLines.Refusal.USUAL);
  }

  private static RequestedMeasures extras(JsonNode question) throws BadInputException {
    JsonNode trim = question.path("trim");
    List<String> percentiles = new ArrayList<>();
    for (JsonNode percent : MarkRequestJson.list(question, "percentiles")) {
      percentiles.add(percent.asText());
    }
    Map<String, String> with = new LinkedHashMap<>();
    for (Map.Entry<String, JsonNode> each : question.path("with").properties()) {
      with.put(each.getKey(), each.getValue().asText());
    }
    return RequestedMeasures.of(
        MarkRequestJson.isAbsent(trim) ? Optional.empty() : Optional.of(trim.asText()),
        percentiles,
        with);
  }
}
