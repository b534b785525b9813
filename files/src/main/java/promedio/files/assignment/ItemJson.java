package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphKind;
import promedio.core.graph.GraphMark;
import promedio.core.graph.GraphText;
import promedio.core.graph.Height;
import promedio.core.grouping.ClassChoice;
import promedio.core.grouping.WidthRule;
import promedio.core.message.BadInputException;
import promedio.core.sample.CategoryOrder;
import promedio.files.Texts;
import promedio.files.report.QuestionJson;

/** The items of an assignment file. */
final class ItemJson {

  private static final Set<String> FIELDS =
      Set.of(
          "id",
          "name",
          "unit",
          "note",
          "kind",
          "text",
          "table",
          "column",
          "groups",
          "group",
          "unreadable",
          "part",
          "missing",
          "categories",
          "scratch",
          "graph",
          "classes");

  private ItemJson() {}

  static ObjectNode write(Item item, Map<String, byte[]> parts) {
    ObjectNode node = JsonFields.JSON.createObjectNode();
    node.put("id", item.id());
    node.put("name", item.name());
    node.put("unit", item.unit());
    node.put("note", item.note());
    if (item.source() instanceof Source.OfText typed) {
      node.put("kind", kind(typed.shape())).put("text", typed.text());
    } else {
      linked((Source.Linked) item.source(), item.id(), node, parts);
    }
    item.scratch().forEach(line -> node.withArrayProperty("scratch").add(line));
    if (!item.graph().equals(GraphChoice.USUAL)) {
      write(item.graph(), node.putObject("graph"));
    }
    if (!item.classes().equals(ClassChoice.USUAL)) {
      node.putObject("classes")
          .put("by", item.classes().by())
          .put("numbers", item.classes().numbers());
    }
    return node;
  }

  private static void write(GraphChoice graph, ObjectNode node) {
    node.put("kind", graph.kind().code());
    graph.height().ifPresent(height -> node.put("height", height.code()));
    graph.marks().forEach(mark -> node.withArrayProperty("marks").add(mark.code()));
    node.put("order", graph.order().code());
    if (graph.beside() != GraphChoice.NO_OTHER) {
      node.put("beside", graph.beside());
    }
    graph.texts().forEach((which, text) -> node.put(which.code(), text));
  }

  /**
   * {@return the item}
   *
   * @throws BadInputException if something is not as it must be; the message says what
   */
  static Item read(JsonNode node, Map<String, byte[]> parts, int version) throws BadInputException {
    if (version == AssignmentJson.VERSION) {
      JsonFields.requireOnly(node, FIELDS);
    }
    return new Item(
        JsonFields.whole(node, "id", 0, AssignmentJson.LARGEST_ID),
        JsonFields.text(node, "name"),
        JsonFields.text(node, "unit"),
        JsonFields.text(node, "note"),
        source(node, parts),
        JsonFields.texts(node, "scratch"),
        classes(node.path("classes")),
        graph(node.path("graph")));
  }

  /** Files of before have none. */
  private static ClassChoice classes(JsonNode node) throws BadInputException {
    if (node.isMissingNode()) {
      return ClassChoice.USUAL;
    }
    String by = JsonFields.text(node, "by");
    boolean known = ClassChoice.NUMBERED.contains(by) || WidthRule.ofCode(by).isPresent();
    JsonFields.require(known, "by");
    return new ClassChoice(by, JsonFields.text(node, "numbers"));
  }

  /** Files of before have none. */
  private static GraphChoice graph(JsonNode node) throws BadInputException {
    if (node.isMissingNode()) {
      return GraphChoice.USUAL;
    }
    Map<GraphText, String> texts = new EnumMap<>(GraphText.class);
    for (GraphText which : GraphText.values()) {
      texts.put(which, JsonFields.textOrNone(node, which.code()));
    }
    Set<GraphMark> marks = EnumSet.noneOf(GraphMark.class);
    for (String mark : JsonFields.texts(node, "marks")) {
      marks.add(JsonFields.known(GraphMark.ofCode(mark), "marks"));
    }
    return new GraphChoice(
        JsonFields.known(GraphKind.ofCode(JsonFields.text(node, "kind")), "kind"),
        node.has("height")
            ? Optional.of(
                JsonFields.known(Height.ofCode(JsonFields.text(node, "height")), "height"))
            : Optional.empty(),
        marks,
        node.has("order")
            ? JsonFields.known(CategoryOrder.ofCode(JsonFields.text(node, "order")), "order")
            : CategoryOrder.GIVEN,
        node.has("beside")
            ? JsonFields.whole(node, "beside", 0, AssignmentJson.LARGEST_ID)
            : GraphChoice.NO_OTHER,
        texts);
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
    linked
        .data()
        .sample()
        .ifPresent(
            sample -> {
              String part = "columns/" + id + ".txt";
              parts.put(part, ColumnText.write(sample.values()).getBytes(StandardCharsets.UTF_8));
              node.put("part", part);
            });
    linked
        .data()
        .categories()
        .ifPresent(
            categories -> {
              node.put("missing", categories.missing());
              node.set("categories", QuestionJson.write(categories));
            });
  }

  private static Source source(JsonNode node, Map<String, byte[]> parts) throws BadInputException {
    String kind = JsonFields.text(node, "kind");
    for (Source.Shape shape : Source.Shape.values()) {
      if (kind(shape).equals(kind)) {
        return Source.typed(shape, JsonFields.text(node, "text"));
      }
    }
    return switch (kind) {
      case "linked" ->
          linked(
              node,
              parts,
              new Link(
                  JsonFields.whole(node, "table", 0, AssignmentJson.LARGEST_ID),
                  JsonFields.text(node, "column"),
                  JsonFields.text(node, "groups"),
                  JsonFields.text(node, "group")));
      // Version 1 kept columns without their tables.
      case "column" -> linked(node, parts, Link.of(0, JsonFields.text(node, "column")));
      default -> throw Texts.refusal("assignment.field", "kind");
    };
  }

  private static Source linked(JsonNode node, Map<String, byte[]> parts, Link link)
      throws BadInputException {
    if (node.has("categories")) {
      List<JsonNode> rows = JsonFields.list(node, "categories");
      int missing = JsonFields.whole(node, "missing", 0, Integer.MAX_VALUE);
      return new Source.Linked(link, QuestionJson.categories(rows, missing), 0, false);
    }
    String name = JsonFields.text(node, "part");
    byte[] part = parts.get(name);
    if (part == null) {
      throw Texts.refusal("assignment.part", name);
    }
    int unreadable =
        node.has("unreadable") ? JsonFields.whole(node, "unreadable", 0, Integer.MAX_VALUE) : 0;
    return new Source.Linked(link, ColumnText.read(JsonFields.text(part)), unreadable, false);
  }
}
