package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.assignment.HypothesisText;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.assignment.TestChoice;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphKind;
import promedio.core.graph.GraphMark;
import promedio.core.graph.GraphText;
import promedio.core.graph.Height;
import promedio.core.grouping.ClassChoice;
import promedio.core.grouping.WidthRule;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.sample.CategoryOrder;

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
          "items",
          "link",
          "scratch",
          "graph",
          "classes",
          "test");

  private static final Set<String> TEST =
      Set.of("kind", "portion", "groups", "mu", "sigma", "expected", SheetJson.STATED);

  /** Samples of the assignment side by side. */
  private static final String PICKED = "comparison";

  private ItemJson() {}

  static ObjectNode write(Item item, Map<String, byte[]> parts) {
    ObjectNode node = JsonFields.JSON.createObjectNode();
    node.put("id", item.id());
    node.put("name", item.name());
    node.put("unit", item.unit());
    node.put("note", item.note());
    if (item.source() instanceof Source.OfText typed) {
      node.put("kind", kind(typed.shape())).put("text", typed.text());
    } else if (item.source() instanceof Source.Picked picked) {
      node.put("kind", PICKED);
      picked.items().forEach(node.putArray("items")::add);
    } else {
      LinkJson.write((Source.Linked) item.source(), item.id(), node, parts);
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
    if (!item.test().equals(TestChoice.NONE)) {
      write(item.test(), node.putObject("test"));
    }
    return node;
  }

  private static void write(TestChoice test, ObjectNode node) {
    node.put("kind", test.test());
    SheetJson.write(test.pair(), node);
    test.texts().forEach((which, text) -> node.put(which.code(), text));
    SheetJson.write(test.stated(), node);
  }

  /** Files of before have none. */
  private static TestChoice test(JsonNode node) throws BadInputException {
    if (node.isMissingNode()) {
      return TestChoice.NONE;
    }
    JsonFields.requireOnly(node, TEST);
    Map<HypothesisText, String> texts = new EnumMap<>(HypothesisText.class);
    for (HypothesisText which : HypothesisText.values()) {
      texts.put(which, JsonFields.textOrNone(node, which.code()));
    }
    return new TestChoice(
        JsonFields.text(node, "kind"), SheetJson.subset(node), texts, SheetJson.stated(node));
  }

  private static void write(GraphChoice graph, ObjectNode node) {
    graph.kind().ifPresent(kind -> node.put("kind", kind.code()));
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
        graph(node.path("graph")),
        test(node.path("test")));
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
    Optional<GraphKind> kind =
        node.has("kind")
            ? Optional.of(JsonFields.known(GraphKind.ofCode(JsonFields.text(node, "kind")), "kind"))
            : Optional.empty();
    Map<GraphText, String> texts = new EnumMap<>(GraphText.class);
    for (GraphText which : GraphText.values()) {
      texts.put(which, JsonFields.textOrNone(node, which.code()));
    }
    Set<GraphMark> marks = EnumSet.noneOf(GraphMark.class);
    for (String mark : JsonFields.texts(node, "marks")) {
      marks.add(JsonFields.known(GraphMark.ofCode(mark), "marks"));
    }
    return new GraphChoice(
        kind,
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
      case PAIRS -> "pairs";
      case GROUPS -> PICKED;
      case COUNTS -> "counts";
    };
  }

  private static Source source(JsonNode node, Map<String, byte[]> parts) throws BadInputException {
    String kind = JsonFields.text(node, "kind");
    if (kind.equals(PICKED)) {
      return Source.Picked.of(items(node));
    }
    if (LinkJson.isLinked(kind)) {
      return LinkJson.read(kind, node, parts);
    }
    for (Source.Shape shape : Source.Shape.values()) {
      if (kind(shape).equals(kind)) {
        return Source.typed(shape, JsonFields.text(node, "text"));
      }
    }
    throw Texts.refusal("assignment.field", "kind");
  }

  private static List<Integer> items(JsonNode node) throws BadInputException {
    List<Integer> items = new ArrayList<>();
    for (JsonNode id : JsonFields.list(node, "items")) {
      JsonFields.require(
          id.isInt() && id.asInt() >= 0 && id.asInt() <= AssignmentJson.LARGEST_ID, "items");
      items.add(id.asInt());
    }
    return items;
  }
}
