package promedio.files.assignment;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Brought;
import promedio.core.assignment.HandWork;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Part;
import promedio.core.assignment.Source;
import promedio.core.grouping.ClassChoice;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Categories;
import promedio.core.sample.Sample;
import promedio.core.working.Method;
import promedio.core.working.OwnWorking;
import promedio.files.RefusedFileException;
import promedio.files.Texts;
import promedio.files.report.QuestionJson;

/** The parts of an assignment file as texts, by the names they have in it. */
final class AssignmentJson {

  static final String DOCUMENT = "assignment.json";
  private static final int VERSION = 5;
  private static final ObjectMapper JSON = new ObjectMapper();

  private AssignmentJson() {}

  static Map<String, byte[]> write(Assignment assignment) {
    Map<String, byte[]> parts = new LinkedHashMap<>();
    ObjectNode document = JSON.createObjectNode();
    document.put("version", VERSION);
    document.put("title", assignment.title());
    document.put("course", assignment.course());
    ObjectNode rules = document.putObject("rules");
    assignment.rules().codes().forEach(rules::put);
    ObjectNode methods = document.putObject("methods");
    assignment.methods().forEach((measure, method) -> methods.put(measure.key(), method.code()));
    document.put("decimal", String.valueOf(assignment.sign().sign()));
    parts.put(DOCUMENT, new byte[0]);
    for (Item item : assignment.items()) {
      document.withArray("items").add(item(item, parts));
    }
    for (Brought table : assignment.tables()) {
      document.withArray("tables").add(TableJson.write(table, parts));
    }
    for (Part part : assignment.parts()) {
      ObjectNode node = document.withArrayProperty("parts").addObject();
      node.put("id", part.id()).put("text", part.text()).put("item", part.item());
      part.places().ifPresent(places -> node.put("places", places));
      part.measures().forEach(m -> node.withArrayProperty("measures").add(m.key()));
    }
    parts.put(DOCUMENT, document.toPrettyString().getBytes(StandardCharsets.UTF_8));
    return parts;
  }

  private static ObjectNode item(Item item, Map<String, byte[]> parts) {
    ObjectNode node = JSON.createObjectNode();
    node.put("id", item.id());
    node.put("name", item.name());
    node.put("unit", item.unit());
    node.put("note", item.note());
    if (item.source() instanceof Source.OfText typed) {
      node.put("kind", kind(typed.shape())).put("text", typed.text());
    } else {
      linked((Source.Linked) item.source(), item.id(), node, parts);
    }
    ObjectNode answers = node.putObject("answers");
    item.answers().forEach((measure, answer) -> answers.put(measure.key(), answer));
    item.handWork()
        .workings()
        .forEach(
            (key, own) -> {
              ObjectNode entries = node.withObjectProperty("workings").putObject(key);
              own.entries().forEach(entries::put);
            });
    item.handWork()
        .tries()
        .forEach(
            (measure, earlier) ->
                earlier.forEach(
                    node.withObjectProperty("tries").withArrayProperty(measure.key())::add));
    item.handWork().scratch().forEach(line -> node.withArrayProperty("scratch").add(line));
    if (!item.classes().equals(ClassChoice.USUAL)) {
      node.putObject("classes")
          .put("by", item.classes().by())
          .put("numbers", item.classes().numbers());
    }
    return node;
  }

  /**
   * {@return the assignment in the parts}
   *
   * @param notices takes what a person should know
   * @throws RefusedFileException if a newer program wrote it
   * @throws IllegalArgumentException if something is not as it must be; the message says what
   */
  static Assignment read(String name, Map<String, byte[]> parts, Consumer<String> notices)
      throws RefusedFileException {
    JsonNode document = parse(text(parts.get(DOCUMENT)));
    int version = document.path("version").asInt(0);
    if (version > VERSION) {
      throw new RefusedFileException(Texts.of("assignment.newer", name, version, VERSION));
    }
    require(version >= 1, "version");
    CourseRules rules = CourseRules.DEFAULTS;
    for (Map.Entry<String, JsonNode> rule : document.path("rules").properties()) {
      rules = rules.with(rule.getKey(), rule.getValue().asText());
    }
    List<Item> items = new ArrayList<>();
    Set<Integer> ids = new HashSet<>();
    for (JsonNode node : document.path("items")) {
      Item item = item(node, parts);
      require(ids.add(item.id()), "id");
      items.add(item);
    }
    Assignment assignment =
        new Assignment(
            text(document, "title"),
            rules,
            text(document, "course"),
            methods(document),
            sign(document),
            items,
            List.of(),
            parts(document));
    for (JsonNode node : document.path("tables")) {
      assignment = withTable(assignment, TableJson.read(node, parts, notices));
    }
    return assignment;
  }

  /** Samples follow a table that is there; those of one that is not keep their values. */
  private static Assignment withTable(Assignment assignment, Brought table) {
    if (!table.replay().original().columns().isEmpty()) {
      return assignment.with(table);
    }
    List<Brought> tables = new ArrayList<>(assignment.tables());
    tables.add(table);
    return new Assignment(
        assignment.title(),
        assignment.rules(),
        assignment.course(),
        assignment.methods(),
        assignment.sign(),
        assignment.items(),
        tables,
        assignment.parts());
  }

  private static String text(byte @Nullable [] part) {
    return part == null ? "" : new String(part, StandardCharsets.UTF_8);
  }

  private static JsonNode parse(String text) {
    try {
      return JSON.readTree(text);
    } catch (JsonProcessingException e) {
      throw new IllegalArgumentException(e.getOriginalMessage(), e);
    }
  }

  private static Item item(JsonNode node, Map<String, byte[]> parts) {
    require(node.path("id").isInt(), "id");
    Map<Measure, String> answers = new EnumMap<>(Measure.class);
    for (Map.Entry<String, JsonNode> answer : node.path("answers").properties()) {
      Measure.ofKey(answer.getKey())
          .ifPresent(measure -> answers.put(measure, answer.getValue().asText()));
    }
    return new Item(
        node.get("id").asInt(),
        text(node, "name"),
        text(node, "unit"),
        text(node, "note"),
        source(node, parts),
        answers,
        handWork(node),
        classes(node.path("classes")));
  }

  /** Files of before have none. */
  private static ClassChoice classes(JsonNode node) {
    return node.isMissingNode()
        ? ClassChoice.USUAL
        : new ClassChoice(text(node, "by"), text(node, "numbers"));
  }

  /** Files of before have none. */
  private static List<Part> parts(JsonNode document) {
    List<Part> parts = new ArrayList<>();
    for (JsonNode node : document.path("parts")) {
      List<Measure> measures =
          node.path("measures")
              .valueStream()
              .flatMap(key -> Measure.ofKey(key.asText()).stream())
              .toList();
      Optional<Integer> places =
          node.path("places").isInt() ? Optional.of(node.get("places").asInt()) : Optional.empty();
      require(node.path("id").isInt() && node.path("item").isInt(), "parts");
      parts.add(
          new Part(
              node.get("id").asInt(),
              text(node, "text"),
              node.get("item").asInt(),
              measures,
              places));
    }
    return parts;
  }

  /** Files of before have none. */
  private static HandWork handWork(JsonNode node) {
    Map<String, OwnWorking> workings = new HashMap<>();
    for (Map.Entry<String, JsonNode> working : node.path("workings").properties()) {
      Map<String, String> entries = new HashMap<>();
      working.getValue().properties().forEach(e -> entries.put(e.getKey(), e.getValue().asText()));
      workings.put(working.getKey(), new OwnWorking(entries));
    }
    List<String> scratch = new ArrayList<>();
    node.path("scratch").forEach(line -> scratch.add(line.asText()));
    Map<Measure, List<String>> tries = new EnumMap<>(Measure.class);
    for (Map.Entry<String, JsonNode> earlier : node.path("tries").properties()) {
      Measure.ofKey(earlier.getKey())
          .ifPresent(
              measure ->
                  tries.put(
                      measure, earlier.getValue().valueStream().map(JsonNode::asText).toList()));
    }
    return new HandWork(workings, scratch, tries);
  }

  private static Map<Measure, Method> methods(JsonNode document) {
    Map<Measure, Method> methods = new EnumMap<>(Measure.class);
    for (Map.Entry<String, JsonNode> chosen : document.path("methods").properties()) {
      Optional<Measure> measure = Measure.ofKey(chosen.getKey());
      Optional<Method> method = Method.ofCode(chosen.getValue().asText());
      if (measure.isPresent() && method.isPresent()) {
        methods.put(measure.get(), method.get());
      }
    }
    return methods;
  }

  private static String kind(Source.Shape shape) {
    return switch (shape) {
      case VALUES -> "values";
      case FREQUENCIES -> "table";
      case CLASSES -> "classes";
      case CATEGORIES -> "categories";
    };
  }

  /** What is linked is kept as it was last; numbers in a part of their own, since many are long. */
  private static void linked(
      Source.Linked linked, int id, ObjectNode node, Map<String, byte[]> parts) {
    node.put("kind", "linked")
        .put("table", linked.link().table())
        .put("column", linked.link().column())
        .put("groups", linked.link().groups())
        .put("group", linked.link().group())
        .put("unreadable", linked.unreadable());
    if (linked.data() instanceof Sample sample) {
      String part = "columns/" + id + ".txt";
      parts.put(part, ColumnText.write(sample.values()).getBytes(StandardCharsets.UTF_8));
      node.put("part", part);
    } else if (linked.data() instanceof Categories categories) {
      node.put("missing", categories.missing());
      node.set("categories", QuestionJson.write(categories));
    }
  }

  private static Source source(JsonNode node, Map<String, byte[]> parts) {
    String kind = text(node, "kind");
    for (Source.Shape shape : Source.Shape.values()) {
      if (kind(shape).equals(kind)) {
        return Source.typed(shape, text(node, "text"));
      }
    }
    return switch (kind) {
      case "linked" ->
          linked(
              node,
              parts,
              new Link(
                  node.path("table").asInt(),
                  text(node, "column"),
                  text(node, "groups"),
                  text(node, "group")));
      // Version 1 kept columns without their tables.
      case "column" -> linked(node, parts, Link.of(0, text(node, "column")));
      default -> throw new IllegalArgumentException(Texts.of("assignment.field", "kind"));
    };
  }

  private static Source linked(JsonNode node, Map<String, byte[]> parts, Link link) {
    if (node.path("categories").isArray()) {
      List<JsonNode> rows = node.get("categories").valueStream().toList();
      Categories categories = QuestionJson.categories(rows, node.path("missing").asInt());
      return new Source.Linked(link, categories, 0, false);
    }
    byte[] part = parts.get(text(node, "part"));
    if (part == null) {
      throw new IllegalArgumentException(Texts.of("assignment.part", text(node, "part")));
    }
    return new Source.Linked(
        link, ColumnText.read(text(part)), node.path("unreadable").asInt(), false);
  }

  private static DecimalSign sign(JsonNode document) {
    return text(document, "decimal").equals(",") ? DecimalSign.COMMA : DecimalSign.POINT;
  }

  static String text(JsonNode node, String field) {
    require(node.path(field).isTextual(), field);
    return node.get(field).asText();
  }

  private static void require(boolean condition, String field) {
    if (!condition) {
      throw new IllegalArgumentException(Texts.of("assignment.field", field));
    }
  }
}
