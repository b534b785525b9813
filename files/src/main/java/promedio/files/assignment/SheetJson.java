package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import promedio.core.assignment.Part;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Work;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;
import promedio.core.sample.DataSubset;
import promedio.core.working.OwnWorking;

/**
 * The questions of an assignment file, with what was done about them, and the parts that ask them.
 */
final class SheetJson {

  /** What a question says itself. */
  static final String STATED = "stated";

  /** In files of before it said nothing but how many places. */
  private static final String PLACES = "places";

  private static final Set<String> QUESTION =
      Set.of(
          "id",
          "task",
          "item",
          "portion",
          "groups",
          PLACES,
          STATED,
          "answer",
          "tries",
          "workings",
          "uncovered");
  private static final Set<String> PART =
      Set.of("id", "text", "item", "portion", "groups", PLACES, STATED, "covered", "questions");

  private SheetJson() {}

  static void write(Question question, ObjectNode node) {
    node.put("id", question.id()).put("task", question.request().id());
    about(question.about(), question.stated(), node);
    Work work = question.work();
    node.put("answer", work.answer());
    work.tries().forEach(node.withArrayProperty("tries")::add);
    if (work.uncovered()) {
      node.put("uncovered", true);
    }
    work.workings()
        .forEach(
            (method, own) -> {
              ObjectNode entries = node.withObjectProperty("workings").putObject(method.code());
              own.entries().forEach(entries::put);
            });
  }

  static void write(Part part, ObjectNode node) {
    node.put("id", part.id()).put("text", part.text());
    about(part.about(), part.stated(), node);
    if (part.covered()) {
      node.put("covered", true);
    }
    part.questions().forEach(node.withArrayProperty("questions")::add);
  }

  private static void about(Selection about, StatedRules stated, ObjectNode node) {
    node.put("item", about.item());
    write(about.subset(), node);
    write(stated, node);
  }

  static void write(StatedRules stated, ObjectNode node) {
    stated.codes().forEach((rule, value) -> node.withObjectProperty(STATED).put(rule, value));
  }

  static void write(DataSubset subset, ObjectNode node) {
    if (!subset.equals(DataSubset.WHOLE)) {
      node.put("portion", subset.kind().code());
      subset.groups().forEach(node.withArrayProperty("groups")::add);
    }
  }

  /** {@return the questions of the document} */
  static List<Question> questions(JsonNode document) throws BadInputException {
    List<Question> questions = new ArrayList<>();
    Set<Integer> ids = new HashSet<>();
    for (JsonNode node : JsonFields.list(document, "questions")) {
      JsonFields.requireOnly(node, QUESTION);
      Question read =
          new Question(
              JsonFields.whole(node, "id", 0, AssignmentJson.LARGEST_ID),
              request(JsonFields.text(node, "task")),
              about(node),
              stated(node),
              work(node));
      JsonFields.require(ids.add(read.id()), "id");
      questions.add(read);
    }
    return questions;
  }

  private static Work work(JsonNode node) throws BadInputException {
    Map<Method, OwnWorking> workings = new EnumMap<>(Method.class);
    for (Map.Entry<String, JsonNode> working : JsonFields.entries(node, "workings")) {
      Method method = JsonFields.known(Method.ofCode(working.getKey()), "workings");
      workings.put(method, ownWorking(working.getValue()));
    }
    return new Work(
        JsonFields.text(node, "answer"),
        JsonFields.texts(node, "tries"),
        workings,
        JsonFields.isSet(node, "uncovered"));
  }

  /** {@return what was written beside a working} */
  static OwnWorking ownWorking(JsonNode node) throws BadInputException {
    JsonFields.require(node.isObject(), "workings");
    Map<String, String> entries = new HashMap<>();
    for (Map.Entry<String, JsonNode> entry : node.properties()) {
      entries.put(entry.getKey(), JsonFields.text(entry));
    }
    return new OwnWorking(entries);
  }

  /**
   * {@return the parts of the document}
   *
   * @param questions those of the document: a part asks nothing else
   */
  static List<Part> parts(JsonNode document, List<Question> questions) throws BadInputException {
    Set<Integer> known = new HashSet<>();
    questions.forEach(question -> known.add(question.id()));
    List<Part> parts = new ArrayList<>();
    Set<Integer> ids = new HashSet<>();
    for (JsonNode node : JsonFields.list(document, "parts")) {
      JsonFields.requireOnly(node, PART);
      List<Integer> asked = new ArrayList<>();
      for (JsonNode id : JsonFields.list(node, "questions")) {
        JsonFields.require(id.isInt() && known.contains(id.asInt()), "questions");
        asked.add(id.asInt());
      }
      Part part = part(node);
      JsonFields.require(ids.add(part.id()), "id");
      parts.add(
          new Part(
              part.id(),
              part.text(),
              part.about(),
              part.stated(),
              JsonFields.isSet(node, "covered"),
              asked));
    }
    return parts;
  }

  /** {@return the part without what it asks} */
  static Part part(JsonNode node) throws BadInputException {
    return Part.of(
        JsonFields.whole(node, "id", 0, AssignmentJson.LARGEST_ID),
        JsonFields.text(node, "text"),
        about(node),
        stated(node));
  }

  private static Selection about(JsonNode node) throws BadInputException {
    return new Selection(
        JsonFields.whole(node, "item", 0, AssignmentJson.LARGEST_ID), subset(node));
  }

  static DataSubset subset(JsonNode node) throws BadInputException {
    if (!node.has("portion")) {
      return DataSubset.WHOLE;
    }
    String code = JsonFields.text(node, "portion");
    DataSubset.Kind kind =
        JsonFields.known(
            Arrays.stream(DataSubset.Kind.values())
                .filter(each -> each.code().equals(code))
                .findFirst(),
            "portion");
    List<String> groups = node.has("groups") ? JsonFields.texts(node, "groups") : List.of();
    JsonFields.require(kind.takes(groups), "groups");
    return new DataSubset(kind, groups);
  }

  static StatedRules stated(JsonNode node) throws BadInputException {
    StatedRules stated =
        node.has(PLACES)
            ? StatedRules.places(JsonFields.whole(node, PLACES, 0, mostPlaces()))
            : StatedRules.NONE;
    for (Map.Entry<String, JsonNode> rule : JsonFields.entries(node, STATED)) {
      stated = stated.with(rule.getKey(), JsonFields.text(rule));
    }
    return stated;
  }

  private static int mostPlaces() {
    return Rule.PLACES.values().stream().mapToInt(Integer::intValue).max().orElseThrow();
  }

  /** {@return what is asked by the id} */
  static Request request(String id) throws BadInputException {
    return JsonFields.known(Measures.ofId(id), id);
  }
}
