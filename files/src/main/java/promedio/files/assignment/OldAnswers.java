package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Work;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.sample.Data;
import promedio.core.working.OwnWorking;

/**
 * What was asked and answered in documents before version 9, which kept answers with their items by
 * what they answer, and named what a part asks without an answer of its own.
 */
final class OldAnswers {

  /** Since this version own workings are kept by the ids of quantities. */
  private static final int IDS_SINCE = 7;

  private final Map<Request, Work> byTask = new LinkedHashMap<>();

  private OldAnswers() {}

  /**
   * {@return the assignment with the questions and parts of the document}
   *
   * @throws BadInputException if something is not as it must be; the message says what
   */
  static Assignment in(Assignment assignment, JsonNode document, int version)
      throws BadInputException {
    Assignment read = assignment;
    List<JsonNode> items = JsonFields.list(document, "items");
    for (int i = 0; i < items.size(); i++) {
      Item item = assignment.items().get(i);
      Data data = item.source().read(assignment.sign()).data();
      OldAnswers answers = new OldAnswers();
      answers.read(items.get(i), version, data);
      for (Map.Entry<Request, Work> each : answers.byTask.entrySet()) {
        read = read.with(read.question(each.getKey(), Selection.of(item)).with(each.getValue()));
      }
    }
    for (JsonNode node : JsonFields.list(document, "parts")) {
      List<Request> requests = new ArrayList<>();
      for (String asked : JsonFields.texts(node, "measures")) {
        requests.add(SheetJson.request(asked));
      }
      int id = SheetJson.part(node).id();
      JsonFields.require(read.parts().stream().noneMatch(part -> part.id() == id), "id");
      read = read.asking(SheetJson.part(node), requests);
    }
    return read;
  }

  private void read(JsonNode node, int version, Data data) throws BadInputException {
    for (String id : JsonFields.texts(node, "asked")) {
      byTask.put(SheetJson.request(id), Work.NONE);
    }
    for (Map.Entry<String, JsonNode> answer : JsonFields.entries(node, "answers")) {
      Request request = SheetJson.request(answer.getKey());
      byTask.put(request, work(request).withAnswer(JsonFields.text(answer)));
    }
    for (Map.Entry<String, JsonNode> earlier : JsonFields.entries(node, "tries")) {
      Request request = SheetJson.request(earlier.getKey());
      List<String> tries = JsonFields.texts(node.get("tries"), earlier.getKey());
      byTask.put(request, new Work(work(request).answer(), tries, Map.of(), false));
    }
    for (Map.Entry<String, JsonNode> working : JsonFields.entries(node, "workings")) {
      add(working.getKey(), SheetJson.ownWorking(working.getValue()), version, data);
    }
  }

  /** A key is a task, its number if it has one, and a method: "percentile 90 by cumulative". */
  private void add(String key, OwnWorking own, int version, Data data) throws BadInputException {
    int by = key.lastIndexOf(" by ");
    JsonFields.require(by > 0, "workings");
    Request request = SheetJson.request(key.substring(0, by));
    Method method =
        JsonFields.known(Method.ofCode(key.substring(by + " by ".length())), "workings");
    OwnWorking kept = version < IDS_SINCE ? OldWorkings.byId(own, request, method, data) : own;
    byTask.put(request, work(request).with(method, kept));
  }

  private Work work(Request request) {
    return byTask.getOrDefault(request, Work.NONE);
  }
}
