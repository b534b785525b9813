package promedio.files.report;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.entry.MissingSigns;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.UnusableDataException;
import promedio.core.sample.ValuesBuilder;
import promedio.files.Texts;

/** Measures of one sample a line, JSON in and JSON out; a line that cannot be used says why. */
public final class MeasureLines {

  private static final ObjectMapper JSON =
      JsonMapper.builder().enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS).build();

  private MeasureLines() {}

  /**
   * {@return the line that answers a line}
   *
   * @param line one sample as a JSON object
   * @param defaults the rules where the line names none
   */
  public static String answer(String line, CourseRules defaults) {
    ObjectNode answer = JSON.createObjectNode();
    try {
      JsonNode question = JSON.readTree(line);
      if (!question.isObject()) {
        return answer.put("refused", Texts.of("json.no-object")).toString();
      }
      if (question.has("id")) {
        answer.set("id", question.get("id"));
      }
      CourseRules rules = rules(question.path("rules"), defaults);
      Data data = data(question);
      answer.setAll(MeasuresJson.of(data, rules, extras(question)));
    } catch (JsonProcessingException e) {
      answer.put("refused", Texts.of("json.broken", e.getOriginalMessage()));
    } catch (IllegalArgumentException | UnusableDataException e) {
      answer.put("refused", e.getMessage());
    }
    return answer.toString();
  }

  private static CourseRules rules(JsonNode node, CourseRules defaults) {
    if (!isAbsent(node) && !node.isObject()) {
      throw new IllegalArgumentException(Texts.of("json.rules"));
    }
    CourseRules rules = defaults;
    for (Map.Entry<String, JsonNode> rule : node.properties()) {
      rules = rules.with(rule.getKey(), rule.getValue().asText());
    }
    return rules;
  }

  private static Extras extras(JsonNode question) {
    JsonNode trim = question.path("trim");
    List<String> percentiles = new ArrayList<>();
    for (JsonNode percent : list(question, "percentiles")) {
      percentiles.add(percent.asText());
    }
    return Extras.of(isAbsent(trim) ? Optional.empty() : Optional.of(trim.asText()), percentiles);
  }

  private static Data data(JsonNode question) {
    if (!isAbsent(question.path("values"))) {
      ValuesBuilder values = new ValuesBuilder();
      for (JsonNode value : list(question, "values")) {
        if (isMissing(value)) {
          values.addMissing();
        } else {
          values.add(number(value));
        }
      }
      return new Sample(values.build());
    }
    if (!isAbsent(question.path("frequencies"))) {
      return frequencies(list(question, "frequencies"));
    }
    if (!isAbsent(question.path("classes"))) {
      return classes(list(question, "classes"));
    }
    throw new IllegalArgumentException(Texts.of("json.no-data"));
  }

  private static Data classes(List<JsonNode> triples) {
    List<ClassTable.Row> rows = new ArrayList<>();
    int missing = 0;
    for (JsonNode triple : triples) {
      if (!triple.isArray() || triple.size() != 3) {
        throw new IllegalArgumentException(Texts.of("json.class", triple));
      }
      if (isMissing(triple.get(2))) {
        missing++;
      } else {
        rows.add(
            new ClassTable.Row(limit(triple.get(0)), limit(triple.get(1)), number(triple.get(2))));
      }
    }
    return new ClassTable(rows, missing);
  }

  private static Optional<Exact> limit(JsonNode node) {
    return isMissing(node) ? Optional.empty() : Optional.of(number(node));
  }

  private static Data frequencies(List<JsonNode> pairs) {
    List<FrequencyTable.Row> rows = new ArrayList<>();
    int missing = 0;
    for (JsonNode pair : pairs) {
      if (!pair.isArray() || pair.size() != 2) {
        throw new IllegalArgumentException(Texts.of("json.row", pair));
      }
      if (isMissing(pair.get(0)) || isMissing(pair.get(1))) {
        missing++;
      } else {
        rows.add(new FrequencyTable.Row(number(pair.get(0)), number(pair.get(1))));
      }
    }
    return new FrequencyTable(rows, missing);
  }

  private static List<JsonNode> list(JsonNode question, String name) {
    JsonNode node = question.path(name);
    if (isAbsent(node)) {
      return List.of();
    }
    if (!node.isArray()) {
      throw new IllegalArgumentException(Texts.of("json.not-list", name));
    }
    return node.valueStream().toList();
  }

  private static boolean isAbsent(JsonNode node) {
    return node.isMissingNode() || node.isNull();
  }

  private static boolean isMissing(JsonNode node) {
    return node.isNull() || (node.isTextual() && MissingSigns.matches(node.asText().strip()));
  }

  private static Exact number(JsonNode node) {
    Reading reading = NumberText.read(node.asText(), DecimalSign.POINT);
    if (reading instanceof Reading.Numeral numeral) {
      return numeral.value();
    }
    throw new IllegalArgumentException(((Reading.Unreadable) reading).why().text());
  }
}
