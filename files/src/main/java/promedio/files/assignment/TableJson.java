package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.Predicate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Original;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.table.Aspect;
import promedio.core.table.Kind;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.StepEntry;
import promedio.core.tidy.StepPipeline;
import promedio.files.Reasons;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.Fingerprint;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;
import promedio.files.tidy.StepsJson;

/** A table that was imported, as JSON; an original that is kept is a part beside it. */
final class TableJson {

  private static final Logger LOG = LoggerFactory.getLogger(TableJson.class);

  private final Predicate<Path> mayRead;
  private final Consumer<String> notices;
  private final Consumer<ImportedTable> unread;
  private final boolean withOriginals;

  /**
   * Makes one.
   *
   * @param mayRead whether a file that a table refers to may be read without asking
   * @param notices takes what a person should know, in sentences
   * @param unread takes the tables whose files may not
   */
  TableJson(Predicate<Path> mayRead, Consumer<String> notices, Consumer<ImportedTable> unread) {
    this(mayRead, notices, unread, true);
  }

  private TableJson(
      Predicate<Path> mayRead,
      Consumer<String> notices,
      Consumer<ImportedTable> unread,
      boolean withOriginals) {
    this.withOriginals = withOriginals;
    this.mayRead = mayRead;
    this.notices = notices;
    this.unread = unread;
  }

  /** {@return one that leaves every original as it is, so that no table has rows} */
  static TableJson withoutOriginals() {
    return new TableJson(path -> false, notice -> {}, table -> {}, false);
  }

  static ObjectNode write(ImportedTable table, Map<String, byte[]> parts) {
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
    node.set("steps", StepsJson.write(table.pipeline().steps()));
    return node;
  }

  /**
   * {@return the table}
   *
   * @throws BadInputException if something is not as it must be; the message says what
   */
  ImportedTable read(JsonNode node, Map<String, byte[]> parts) throws BadInputException {
    String name = JsonFields.text(node, "name");
    ReadingChoices choices = choices(node);
    List<StepEntry> steps = StepsJson.read(node.path("steps"));
    JsonNode original = node.path("original");
    int id = JsonFields.whole(node, "id", 0, AssignmentJson.LARGEST_ID);
    if (original.has("part")) {
      byte[] bytes = parts.get(JsonFields.text(original, "part"));
      if (bytes == null) {
        throw Texts.refusal("assignment.part", JsonFields.text(original, "part"));
      }
      Original.Kept kept = new Original.Kept(JsonFields.text(original, "name"), bytes);
      if (!withOriginals) {
        return new ImportedTable(
            id, name, kept, choices, StepPipeline.of(Table.of(List.of())).with(steps));
      }
      try {
        Table table =
            TableReader.read(DataSource.of(kept.name(), bytes), choices, Progress.NONE).table();
        return new ImportedTable(id, name, kept, choices, StepPipeline.of(table).with(steps));
      } catch (RefusedFileException e) {
        throw Texts.refusal(e, "assignment.table-unreadable", name, e.getMessage());
      }
    }
    Original.Referred referred =
        new Original.Referred(
            JsonFields.text(original, "path"), JsonFields.text(original, "fingerprint"));
    StepPipeline unread = StepPipeline.of(Table.of(List.of())).with(steps);
    return find(new ImportedTable(id, name, referred, choices, unread));
  }

  /**
   * {@return the table as it is in the file that it refers to}, if that may be read and is there
   */
  private ImportedTable find(ImportedTable table) {
    Original.Referred referred = (Original.Referred) table.original();
    try {
      Path path = Path.of(referred.path());
      if (!mayRead.test(path)) {
        unread.accept(table);
        return table;
      }
    } catch (InvalidPathException e) {
      notices.accept(
          Texts.of("assignment.table-gone", table.name(), Reasons.shown(referred.path())));
      return table;
    }
    return read(table, notices);
  }

  /**
   * {@return the table as it is in the file that it refers to}; unread where that cannot be read
   *
   * @param notices is told where it is not there, or is not what it was
   */
  static ImportedTable read(ImportedTable table, Consumer<String> notices) {
    Original.Referred referred = (Original.Referred) table.original();
    Path path = Path.of(referred.path());
    if (Files.notExists(path)) {
      notices.accept(
          Texts.of("assignment.table-gone", table.name(), Reasons.shown(referred.path())));
      return table;
    }
    try {
      DataSource source = DataSource.of(path);
      String fingerprint = Fingerprint.of(source);
      Table read = TableReader.read(source, table.choices(), Progress.NONE).table();
      if (!fingerprint.equals(referred.fingerprint())) {
        notices.accept(
            Texts.of("assignment.table-changed", Reasons.shown(referred.path()), table.name()));
      }
      return table.withReading(
          new Original.Referred(referred.path(), fingerprint), table.choices(), read);
    } catch (RefusedFileException | IOException e) {
      LOG.info("cannot read the file that {} refers to", table.name(), e);
      String why = e instanceof IOException io ? Reasons.of(io) : e.getMessage();
      notices.accept(Texts.of("assignment.table-refused", table.name(), why));
    }
    return table;
  }

  private static ReadingChoices choices(JsonNode node) throws BadInputException {
    Map<Aspect, String> aspects = new EnumMap<>(Aspect.class);
    for (Map.Entry<String, JsonNode> aspect : JsonFields.entries(node, "reading")) {
      aspects.put(
          JsonFields.known(Aspect.ofCode(aspect.getKey()), "reading"), JsonFields.text(aspect));
    }
    Map<Integer, Kind> kinds = new TreeMap<>();
    for (Map.Entry<String, JsonNode> kind : JsonFields.entries(node, "kinds")) {
      JsonFields.require(kind.getKey().matches("\\d{1,6}"), "kinds");
      kinds.put(
          Integer.parseInt(kind.getKey()),
          JsonFields.known(Kind.ofCode(JsonFields.text(kind)), "kinds"));
    }
    return new ReadingChoices(aspects, kinds);
  }
}
