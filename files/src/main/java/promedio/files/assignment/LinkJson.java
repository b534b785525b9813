package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.files.report.MarkRequestJson;

/**
 * What items are made of columns of a table, with the data as they were last: the table may be gone
 * when the assignment is opened again. Numbers are parts of their own, since many columns are long.
 */
final class LinkJson {

  private static final String LINKED = "linked";

  /** Version 1 kept columns without their tables. */
  private static final String WITHOUT_TABLE = "column";

  private static final Set<String> FIELDS =
      Set.of("kind", "table", "columns", "samples", "rows", "across", "counts", "missing");
  private static final Set<String> SAMPLE = Set.of("name", "part");

  private LinkJson() {}

  /** {@return whether items of this kind are linked to a table} */
  static boolean isLinked(String kind) {
    return kind.equals(LINKED) || kind.equals(WITHOUT_TABLE);
  }

  static void write(Source.Linked linked, int id, ObjectNode node, Map<String, byte[]> parts) {
    node.put("kind", LINKED).put("unreadable", linked.unreadable());
    linked.link().accept(new Writer(linked.data(), id, node, parts));
  }

  /** Writes a link, and beside it the data that it led to. */
  private record Writer(Data data, int id, ObjectNode node, Map<String, byte[]> parts)
      implements Link.Visitor<ObjectNode> {

    @Override
    public ObjectNode column(Link.OfColumn link) {
      node.put("table", link.table())
          .put("column", link.column())
          .put("groups", link.groups())
          .put("group", link.group());
      data.sample().ifPresent(sample -> node.put("part", part(sample.values(), "")));
      data.categories()
          .ifPresent(
              categories -> {
                node.put("missing", categories.missing());
                node.set("categories", MarkRequestJson.write(categories));
              });
      return node;
    }

    @Override
    public ObjectNode pairs(Link.OfPairs link) {
      ObjectNode made = link("pairs", link);
      ArrayNode samples = made.putArray("samples");
      data.pairs()
          .ifPresent(
              pairs -> {
                samples.addObject().put("part", part(pairs.x(), "-1"));
                samples.addObject().put("part", part(pairs.y(), "-2"));
              });
      return made;
    }

    @Override
    public ObjectNode groups(Link.OfGroups link) {
      ObjectNode made = link("groups", link);
      ArrayNode samples = made.putArray("samples");
      data.groups()
          .ifPresent(
              groups -> {
                for (int i = 0; i < groups.samples().size(); i++) {
                  Groups.Group group = groups.samples().get(i);
                  samples
                      .addObject()
                      .put("name", group.name())
                      .put("part", part(group.sample().values(), "-" + (i + 1)));
                }
              });
      return made;
    }

    @Override
    public ObjectNode counts(Link.OfCounts link) {
      ObjectNode made = link("counts", link);
      data.cross()
          .ifPresent(
              table -> {
                table.rows().forEach(made.putArray("rows")::add);
                table.columns().forEach(made.putArray("across")::add);
                ArrayNode lines = made.putArray("counts");
                for (List<Exact> line : table.counts()) {
                  ArrayNode counts = lines.addArray();
                  line.forEach(count -> counts.add(count.toString()));
                }
                made.put("missing", table.missing());
              });
      return made;
    }

    private ObjectNode link(String kind, Link link) {
      ObjectNode made = node.putObject("link").put("kind", kind).put("table", link.table());
      link.columns().forEach(made.putArray("columns")::add);
      return made;
    }

    private String part(Values values, String which) {
      String part = "columns/" + id + which + ".txt";
      parts.put(part, ColumnText.write(values).getBytes(StandardCharsets.UTF_8));
      return part;
    }
  }

  /**
   * {@return what is linked, as it was last}
   *
   * @throws BadInputException if something is not as it must be; the message says what
   */
  static Source read(String kind, JsonNode node, Map<String, byte[]> parts)
      throws BadInputException {
    int unreadable =
        node.has("unreadable") ? JsonFields.whole(node, "unreadable", 0, Integer.MAX_VALUE) : 0;
    if (node.has("link")) {
      return several(node.get("link"), parts, unreadable);
    }
    Link link =
        kind.equals(WITHOUT_TABLE)
            ? Link.of(0, JsonFields.text(node, "column"))
            : new Link.OfColumn(
                table(node),
                JsonFields.text(node, "column"),
                JsonFields.text(node, "groups"),
                JsonFields.text(node, "group"));
    return new Source.Linked(link, column(node, parts), unreadable, false);
  }

  private static int table(JsonNode node) throws BadInputException {
    return JsonFields.whole(node, "table", 0, AssignmentJson.LARGEST_ID);
  }

  private static Data column(JsonNode node, Map<String, byte[]> parts) throws BadInputException {
    if (node.has("categories")) {
      List<JsonNode> rows = JsonFields.list(node, "categories");
      return MarkRequestJson.categories(
          rows, JsonFields.whole(node, "missing", 0, Integer.MAX_VALUE));
    }
    return sample(node, parts);
  }

  private static Sample sample(JsonNode node, Map<String, byte[]> parts) throws BadInputException {
    String name = JsonFields.text(node, "part");
    byte[] part = parts.get(name);
    if (part == null) {
      throw Texts.refusal("assignment.part", name);
    }
    return ColumnText.read(JsonFields.text(part));
  }

  private static Source several(JsonNode node, Map<String, byte[]> parts, int unreadable)
      throws BadInputException {
    JsonFields.requireOnly(node, FIELDS);
    List<String> columns = JsonFields.texts(node, "columns");
    JsonFields.require(columns.size() > 1, "columns");
    String first = columns.get(0);
    String kind = JsonFields.text(node, "kind");
    JsonFields.require(columns.size() == 2 || kind.equals("groups"), "columns");
    Link link =
        switch (kind) {
          case "pairs" -> new Link.OfPairs(table(node), first, columns.get(1));
          case "groups" ->
              new Link.OfGroups(table(node), first, columns.subList(1, columns.size()));
          case "counts" -> new Link.OfCounts(table(node), first, columns.get(1));
          default -> throw Texts.refusal("assignment.field", "kind");
        };
    return new Source.Linked(link, data(kind, node, parts), unreadable, false);
  }

  private static Data data(String kind, JsonNode node, Map<String, byte[]> parts)
      throws BadInputException {
    return switch (kind) {
      case "pairs" -> pairs(node, parts);
      case "groups" -> groups(node, parts);
      default -> counts(node);
    };
  }

  private static Data pairs(JsonNode node, Map<String, byte[]> parts) throws BadInputException {
    List<JsonNode> samples = JsonFields.list(node, "samples");
    JsonFields.require(samples.size() == 2, "samples");
    Values x = sample(samples.get(0), parts).values();
    Values y = sample(samples.get(1), parts).values();
    JsonFields.require(x.size() == y.size(), "samples");
    return Pairs.of(x, y);
  }

  private static Data groups(JsonNode node, Map<String, byte[]> parts) throws BadInputException {
    List<Groups.Group> groups = new ArrayList<>();
    for (JsonNode each : JsonFields.list(node, "samples")) {
      JsonFields.requireOnly(each, SAMPLE);
      groups.add(new Groups.Group(JsonFields.text(each, "name"), sample(each, parts)));
    }
    return Groups.read(groups);
  }

  private static Data counts(JsonNode node) throws BadInputException {
    List<List<Exact>> counts = new ArrayList<>();
    for (JsonNode line : JsonFields.list(node, "counts")) {
      JsonFields.require(line.isArray(), "counts");
      List<Exact> row = new ArrayList<>();
      for (JsonNode count : line) {
        JsonFields.require(count.isTextual(), "counts");
        row.add(number(count.asText()));
      }
      counts.add(row);
    }
    return CrossTable.read(
        JsonFields.texts(node, "rows"),
        JsonFields.texts(node, "across"),
        counts,
        JsonFields.whole(node, "missing", 0, Integer.MAX_VALUE));
  }

  private static Exact number(String text) throws BadInputException {
    return PlainText.read(text).orElseThrow(() -> Texts.refusal("assignment.number", text));
  }
}
