package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import promedio.core.assignment.HandWork;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphKind;
import promedio.core.graph.GraphMark;
import promedio.core.graph.GraphText;
import promedio.core.graph.Height;
import promedio.core.grouping.ClassChoice;
import promedio.core.measure.Measure;
import promedio.core.sample.Categories;
import promedio.core.sample.CategoryOrder;
import promedio.core.sample.Sample;
import promedio.core.working.OwnWorking;
import promedio.files.Texts;
import promedio.files.report.QuestionJson;

/** The items of an assignment file. */
final class ItemJson {

  private ItemJson() {}

  static ObjectNode write(Item item, Map<String, byte[]> parts) {
    ObjectNode node = AssignmentJson.JSON.createObjectNode();
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

  static Item read(JsonNode node, Map<String, byte[]> parts) {
    AssignmentJson.require(node.path("id").isInt(), "id");
    Map<Measure, String> answers = new EnumMap<>(Measure.class);
    for (Map.Entry<String, JsonNode> answer : node.path("answers").properties()) {
      Measure.ofKey(answer.getKey())
          .ifPresent(measure -> answers.put(measure, answer.getValue().asText()));
    }
    return new Item(
        node.get("id").asInt(),
        AssignmentJson.text(node, "name"),
        AssignmentJson.text(node, "unit"),
        AssignmentJson.text(node, "note"),
        source(node, parts),
        answers,
        handWork(node),
        classes(node.path("classes")),
        graph(node.path("graph")));
  }

  /** Files of before have none. */
  private static ClassChoice classes(JsonNode node) {
    return node.isMissingNode()
        ? ClassChoice.USUAL
        : new ClassChoice(AssignmentJson.text(node, "by"), AssignmentJson.text(node, "numbers"));
  }

  /** Files of before have none; what a newer one may add is passed over. */
  private static GraphChoice graph(JsonNode node) {
    if (node.isMissingNode()) {
      return GraphChoice.USUAL;
    }
    Map<GraphText, String> texts = new EnumMap<>(GraphText.class);
    for (GraphText which : GraphText.values()) {
      texts.put(which, node.path(which.code()).asText(""));
    }
    return new GraphChoice(
        GraphKind.ofCode(node.path("kind").asText()).orElse(GraphChoice.USUAL.kind()),
        Height.ofCode(node.path("height").asText()),
        node.path("marks")
            .valueStream()
            .map(mark -> GraphMark.ofCode(mark.asText()).orElse(null))
            .filter(Objects::nonNull)
            .collect(Collectors.toSet()),
        CategoryOrder.ofCode(node.path("order").asText()).orElse(CategoryOrder.GIVEN),
        node.path("beside").asInt(GraphChoice.NO_OTHER),
        texts);
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
    String kind = AssignmentJson.text(node, "kind");
    for (Source.Shape shape : Source.Shape.values()) {
      if (kind(shape).equals(kind)) {
        return Source.typed(shape, AssignmentJson.text(node, "text"));
      }
    }
    return switch (kind) {
      case "linked" ->
          linked(
              node,
              parts,
              new Link(
                  node.path("table").asInt(),
                  AssignmentJson.text(node, "column"),
                  AssignmentJson.text(node, "groups"),
                  AssignmentJson.text(node, "group")));
      // Version 1 kept columns without their tables.
      case "column" -> linked(node, parts, Link.of(0, AssignmentJson.text(node, "column")));
      default -> throw new IllegalArgumentException(Texts.of("assignment.field", "kind"));
    };
  }

  private static Source linked(JsonNode node, Map<String, byte[]> parts, Link link) {
    if (node.path("categories").isArray()) {
      List<JsonNode> rows = node.get("categories").valueStream().toList();
      Categories categories = QuestionJson.categories(rows, node.path("missing").asInt());
      return new Source.Linked(link, categories, 0, false);
    }
    byte[] part = parts.get(AssignmentJson.text(node, "part"));
    if (part == null) {
      throw new IllegalArgumentException(
          Texts.of("assignment.part", AssignmentJson.text(node, "part")));
    }
    return new Source.Linked(
        link, ColumnText.read(AssignmentJson.text(part)), node.path("unreadable").asInt(), false);
  }
}
