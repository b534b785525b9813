package promedio.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import promedio.core.question.FoundData;
import promedio.core.question.PrintedQuestion;

/** What was understood of a printed question, as JSON. */
public final class PrintedQuestionJson {

  private PrintedQuestionJson() {}

  /** {@return the question as one object} */
  public static ObjectNode of(PrintedQuestion question) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    ArrayNode data = node.putArray("data");
    question.data().forEach(each -> write(each, data.addObject()));
    rules(question.rules(), node.putObject("rules"));
    ArrayNode parts = node.putArray("parts");
    question.parts().forEach(part -> write(part, parts.addObject()));
    return node;
  }

  private static void write(FoundData data, ObjectNode node) {
    node.put("kind", data.kind().code());
    if (data.kind() == FoundData.Kind.PAIRS) {
      node.put("x", data.name().isEmpty() ? "x" : data.name());
      node.put("y", data.second().isEmpty() ? "y" : data.second());
      rows(data.rows(), node.putArray("pairs"));
      return;
    }
    if (!data.name().isEmpty()) {
      node.put("name", data.name());
    }
    if (!data.unit().isEmpty()) {
      node.put("unit", data.unit());
    }
    if (!data.printed().isEmpty()) {
      node.put("printed", data.printed());
    }
    if (data.kind() == FoundData.Kind.GROUPS) {
      ArrayNode groups = node.putArray("groups");
      for (List<String> row : data.rows()) {
        ArrayNode values = groups.addArray().add(row.get(0)).addArray();
        row.subList(1, row.size()).forEach(values::add);
      }
    } else if (data.kind() == FoundData.Kind.RAW) {
      data.values().forEach(node.putArray("values")::add);
    } else {
      rows(data.rows(), node.putArray("rows"));
    }
  }

  private static void rows(List<List<String>> rows, ArrayNode node) {
    for (List<String> row : rows) {
      ArrayNode cells = node.addArray();
      row.forEach(cells::add);
    }
  }

  private static void rules(Map<String, String> rules, ObjectNode node) {
    new TreeMap<>(rules).forEach(node::put);
  }

  private static void write(PrintedQuestion.Part part, ObjectNode node) {
    node.put("label", part.label());
    ArrayNode asked = node.putArray("asked");
    for (PrintedQuestion.Asked each : part.asked()) {
      ObjectNode one = asked.addObject().put("measure", each.measure());
      if (each.with().containsKey("")) {
        one.put("with", each.with().get(""));
      } else if (!each.with().isEmpty()) {
        rules(each.with(), one.putObject("with"));
      }
    }
    if (!part.asked().isEmpty()) {
      part.data().forEach(node.putArray("data")::add);
    }
    part.places().ifPresent(places -> node.put("places", places));
    part.digits().ifPresent(digits -> node.put("digits", digits));
    rules(part.rules(), node.putObject("rules"));
    node.put("text", part.text());
  }
}
