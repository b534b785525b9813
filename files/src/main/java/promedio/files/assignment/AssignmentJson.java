package promedio.files.assignment;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
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
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.working.Method;
import promedio.files.RefusedFileException;
import promedio.files.Texts;

/** The parts of an assignment file as texts, by the names they have in it. */
final class AssignmentJson {

  static final String DOCUMENT = "assignment.json";
  private static final int VERSION = 6;
  static final ObjectMapper JSON = new ObjectMapper();

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
      document.withArray("items").add(ItemJson.write(item, parts));
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
      Item item = ItemJson.read(node, parts);
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

  static String text(byte @Nullable [] part) {
    return part == null ? "" : new String(part, StandardCharsets.UTF_8);
  }

  private static JsonNode parse(String text) {
    try {
      return JSON.readTree(text);
    } catch (JsonProcessingException e) {
      throw new IllegalArgumentException(e.getOriginalMessage(), e);
    }
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

  private static DecimalSign sign(JsonNode document) {
    return text(document, "decimal").equals(",") ? DecimalSign.COMMA : DecimalSign.POINT;
  }

  static String text(JsonNode node, String field) {
    require(node.path(field).isTextual(), field);
    return node.get(field).asText();
  }

  static void require(boolean condition, String field) {
    if (!condition) {
      throw new IllegalArgumentException(Texts.of("assignment.field", field));
    }
  }
}
