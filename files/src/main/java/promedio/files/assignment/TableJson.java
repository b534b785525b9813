package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import promedio.core.assignment.Brought;
import promedio.core.assignment.Original;
import promedio.core.table.Aspect;
import promedio.core.table.Kind;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.Listed;
import promedio.core.tidy.Replay;
import promedio.files.RefusedFileException;
import promedio.files.Texts;
import promedio.files.table.DataSource;
import promedio.files.table.Fingerprint;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;
import promedio.files.tidy.StepsJson;

/** A table that was brought in, as JSON; an original that is kept is a part beside it. */
final class TableJson {

  private TableJson() {}

  static ObjectNode write(Brought table, Map<String, byte[]> parts) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("id", table.id());
    node.put("name", table.name());
    if (table.original() instanceof Original.Kept kept) {
      String part = "tables/" + table.id() + ".data";
      parts.put(part, kept.bytes());
      node.putObject("original").put("name", kept.name()).put("part", part);
    } else {
      Original.Referred referred = (Original.Referred) table.original();
      node.putObject("original")
          .put("path", referred.path())
          .put("fingerprint", referred.fingerprint());
    }
    ObjectNode choices = node.putObject("reading");
    table.choices().aspects().forEach((aspect, text) -> choices.put(aspect.code(), text));
    ObjectNode kinds = node.putObject("kinds");
    table.choices().kinds().forEach((at, kind) -> kinds.put(String.valueOf(at), kind.code()));
    node.set("steps", StepsJson.write(table.replay().steps()));
    return node;
  }

  static Brought read(JsonNode node, Map<String, byte[]> parts, Consumer<String> notices) {
    String name = AssignmentJson.text(node, "name");
    ReadingChoices choices = choices(node);
    List<Listed> steps = StepsJson.read(node.path("steps"));
    JsonNode original = node.path("original");
    int id = node.path("id").asInt();
    if (original.has("part")) {
      byte[] bytes = parts.get(AssignmentJson.text(original, "part"));
      if (bytes == null) {
        throw new IllegalArgumentException(
            Texts.of("assignment.part", AssignmentJson.text(original, "part")));
      }
      Original.Kept kept = new Original.Kept(AssignmentJson.text(original, "name"), bytes);
      Table table =
          readTable(DataSource.of(kept.name(), bytes), choices)
              .orElseThrow(() -> new IllegalArgumentException(name));
      return new Brought(id, name, kept, choices, Replay.of(table).with(steps));
    }
    Original.Referred referred =
        new Original.Referred(
            AssignmentJson.text(original, "path"), AssignmentJson.text(original, "fingerprint"));
    return referred(
            new Brought(id, name, referred, choices, Replay.of(Table.of(List.of()))), notices)
        .withSteps(steps);
  }

  private static Brought referred(Brought table, Consumer<String> notices) {
    Original.Referred referred = (Original.Referred) table.original();
    try {
      DataSource source = DataSource.of(Path.of(referred.path()));
      String fingerprint = Fingerprint.of(source);
      Optional<Table> read = readTable(source, table.choices());
      if (read.isPresent()) {
        if (!fingerprint.equals(referred.fingerprint())) {
          notices.accept(Texts.of("assignment.table-changed", referred.path(), table.name()));
        }
        Original found = new Original.Referred(referred.path(), fingerprint);
        return table.withReading(found, table.choices(), read.get());
      }
    } catch (RefusedFileException | IOException e) {
      // It is not there any more, which is told below as any other way of being unreadable.
    }
    notices.accept(Texts.of("assignment.table-gone", table.name(), referred.path()));
    return table;
  }

  private static Optional<Table> readTable(DataSource source, ReadingChoices choices) {
    try {
      return Optional.of(TableReader.read(source, choices, Progress.NONE).table());
    } catch (RefusedFileException | IOException e) {
      return Optional.empty();
    }
  }

  private static ReadingChoices choices(JsonNode node) {
    Map<Aspect, String> aspects = new EnumMap<>(Aspect.class);
    for (Map.Entry<String, JsonNode> aspect : node.path("reading").properties()) {
      Aspect.ofCode(aspect.getKey()).ifPresent(a -> aspects.put(a, aspect.getValue().asText()));
    }
    Map<Integer, Kind> kinds = new TreeMap<>();
    for (Map.Entry<String, JsonNode> kind : node.path("kinds").properties()) {
      if (kind.getKey().matches("\\d{1,6}")) {
        Kind.ofCode(kind.getValue().asText())
            .ifPresent(k -> kinds.put(Integer.parseInt(kind.getKey()), k));
      }
    }
    return new ReadingChoices(aspects, kinds);
  }
}
