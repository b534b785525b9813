package promedio.files.assignment;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Course;
import promedio.core.assignment.Ids;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Question;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.files.RefusedFileException;

/** The parts of an assignment file as texts, by the names they have in it. */
final class AssignmentJson {

  static final String DOCUMENT = "assignment.json";
  static final int VERSION = 15;

  /** Since this version questions stand for themselves; before, items and parts had answers. */
  private static final int QUESTIONS_SINCE = 9;

  /** The largest id; far more than anyone makes, and the next one is a number still. */
  static final int LARGEST_ID = 1_000_000_000;

  private static final Set<String> FIELDS =
      Set.of(
          "version",
          "title",
          "course",
          "rules",
          "methods",
          "decimal",
          "covered",
          "next",
          "items",
          "tables",
          "questions",
          "parts");

  /** What is left out where nobody chose it. */
  private static final String HAND_IN = "hand-in";

  private AssignmentJson() {}

  static Map<String, byte[]> write(Assignment assignment) {
    Map<String, byte[]> parts = new LinkedHashMap<>();
    ObjectNode document = JsonFields.JSON.createObjectNode();
    document.put("version", VERSION);
    document.put("title", assignment.title());
    document.put("course", assignment.course().name());
    ObjectNode rules = document.putObject("rules");
    assignment.rules().codes().forEach(rules::put);
    ObjectNode methods = document.putObject("methods");
    assignment
        .course()
        .methods()
        .forEach((measure, method) -> methods.put(measure.key(), method.code()));
    document.put("decimal", String.valueOf(assignment.sign().sign()));
    document.put("covered", assignment.covered());
    document
        .putObject("next")
        .put("item", assignment.ids().item())
        .put("table", assignment.ids().table())
        .put("part", assignment.ids().part())
        .put("question", assignment.ids().question());
    document.putArray("items");
    document.putArray("tables");
    document.putArray("questions");
    document.putArray("parts");
    parts.put(DOCUMENT, new byte[0]);
    for (Item item : assignment.items()) {
      document.withArray("items").add(ItemJson.write(item, parts));
    }
    for (ImportedTable table : assignment.tables()) {
      document.withArray("tables").add(TableJson.write(table, parts));
    }
    for (Question question : assignment.questions()) {
      SheetJson.write(question, document.withArrayProperty("questions").addObject());
    }
    for (Part part : assignment.parts()) {
      SheetJson.write(part, document.withArrayProperty("parts").addObject());
    }
    assignment.handIn().ifPresent(choice -> HandInJson.write(choice, document.putObject(HAND_IN)));
    parts.put(DOCUMENT, bytes(document));
    return parts;
  }

  /** {@return the document among the parts} */
  static byte[] document(Map<String, byte[]> parts) {
    return parts.getOrDefault(DOCUMENT, new byte[0]);
  }

  private static byte[] bytes(ObjectNode document) {
    try {
      return JsonFields.JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(document);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a document in memory is always written", e);
    }
  }

  /**
   * {@return the assignment in the parts}
   *
   * @param tables reads the tables that files hold
   * @throws RefusedFileException if a newer program wrote it
   * @throws BadInputException if something is not as it must be; the message says what
   */
  static Assignment read(String name, Map<String, byte[]> parts, TableJson tables)
      throws RefusedFileException, BadInputException {
    JsonNode document = JsonFields.parse(document(parts));
    JsonNode written = document.path("version");
    JsonFields.require(written.isIntegralNumber() && written.canConvertToInt(), "version");
    int version = written.asInt();
    if (version > VERSION) {
      throw new RefusedFileException(Texts.of("assignment.newer", name, version, VERSION));
    }
    JsonFields.require(version >= 1, "version");
    if (version == VERSION) {
      Set<String> known = new HashSet<>(FIELDS);
      known.add(HAND_IN);
      JsonFields.requireOnly(document, known);
      for (String field : FIELDS) {
        JsonFields.require(document.has(field), field);
      }
    }
    List<Item> items = new ArrayList<>();
    Set<Integer> ids = new HashSet<>();
    for (JsonNode node : JsonFields.list(document, "items")) {
      Item item = ItemJson.read(node, parts, version);
      JsonFields.require(ids.add(item.id()), "id");
      items.add(item);
    }
    boolean hasQuestions = version >= QUESTIONS_SINCE;
    List<Question> questions = hasQuestions ? SheetJson.questions(document) : List.of();
    Assignment assignment =
        new Assignment(
            JsonFields.text(document, "title"),
            new Course(JsonFields.text(document, "course"), rules(document), methods(document)),
            sign(document),
            items,
            List.of(),
            questions,
            hasQuestions ? SheetJson.parts(document, questions) : List.of(),
            next(document),
            JsonFields.isSet(document, "covered"),
            HandInJson.read(document));
    if (!hasQuestions) {
      assignment = OldAnswers.in(assignment, document, version);
    }
    for (JsonNode node : JsonFields.list(document, "tables")) {
      ImportedTable table = tables.read(node, parts);
      JsonFields.require(assignment.table(table.id()).isEmpty(), "id");
      assignment = withTable(assignment, table);
    }
    return assignment;
  }

  /** Samples follow a table that is there; those of one that is not keep their values. */
  private static Assignment withTable(Assignment assignment, ImportedTable table) {
    if (table.isRead()) {
      return assignment.with(table);
    }
    List<ImportedTable> tables = new ArrayList<>(assignment.tables());
    tables.add(table);
    return assignment.withTables(tables);
  }

  private static CourseRules rules(JsonNode document) throws BadInputException {
    CourseRules rules = CourseRules.DEFAULTS;
    for (Map.Entry<String, JsonNode> rule : JsonFields.entries(document, "rules")) {
      rules = rules.with(rule.getKey(), JsonFields.text(rule));
    }
    return rules;
  }

  /** Files of before have none: what stands in them says which ids were given at least. */
  private static Ids next(JsonNode document) throws BadInputException {
    JsonNode next = document.path("next");
    return next.isMissingNode()
        ? Ids.FIRST
        : new Ids(
            JsonFields.whole(next, "item", 1, LARGEST_ID),
            JsonFields.whole(next, "table", 1, LARGEST_ID),
            JsonFields.whole(next, "part", 1, LARGEST_ID),
            next.has("question") ? JsonFields.whole(next, "question", 1, LARGEST_ID) : 1);
  }

  private static Map<Measure, Method> methods(JsonNode document) throws BadInputException {
    Map<Measure, Method> methods = new HashMap<>();
    for (Map.Entry<String, JsonNode> chosen : JsonFields.entries(document, "methods")) {
      methods.put(
          JsonFields.known(Measures.ofKey(chosen.getKey()), "methods"),
          JsonFields.known(Method.ofCode(JsonFields.text(chosen)), "methods"));
    }
    return methods;
  }

  private static DecimalSign sign(JsonNode document) throws BadInputException {
    String decimal = JsonFields.text(document, "decimal");
    JsonFields.require(decimal.equals(".") || decimal.equals(","), "decimal");
    return decimal.equals(",") ? DecimalSign.COMMA : DecimalSign.POINT;
  }
}
