package promedio.files.tidy;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.cfg.EnumFeature;
import com.fasterxml.jackson.databind.exc.InvalidTypeIdException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import promedio.core.limit.Limit;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.tidy.Step;
import promedio.core.tidy.StepEntry;
import promedio.core.tidy.StepKind;
import promedio.core.tidy.StepKinds;
import promedio.files.RefusedFileException;
import promedio.files.SafeWrite;
import promedio.files.table.DataSource;
import promedio.files.table.TextFile;

/**
 * Lists of steps as JSON: an array of objects, each with what it does as {@code do}, and {@code on}
 * false where it is passed over. The format is described in {@code docs/file-format.md}.
 */
public final class StepsJson {

  private static final String ON = "on";

  private static final ObjectMapper JSON =
      JsonMapper.builder()
          .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
          .enable(EnumFeature.WRITE_ENUMS_TO_LOWERCASE)
          .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
          .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
          .addMixIn(Step.class, Named.class)
          .build();

  static {
    for (StepKind kind : StepKinds.ALL) {
      JSON.registerSubtypes(new NamedType(kind.type(), kind.code()));
    }
  }

  /** What each step is called in a file. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "do")
  private interface Named {}

  private StepsJson() {}

  /** {@return the steps as an array} */
  public static ArrayNode write(List<StepEntry> steps) {
    ArrayNode array = JSON.createArrayNode();
    for (StepEntry listed : steps) {
      ObjectNode node = JSON.valueToTree(listed.step());
      if (!listed.on()) {
        node.put(ON, false);
      }
      array.add(node);
    }
    return array;
  }

  /**
   * {@return the steps of the array}
   *
   * @throws BadInputException if it is none; the message says which step and why
   */
  public static List<StepEntry> read(JsonNode array) throws BadInputException {
    if (!array.isArray()) {
      throw Texts.refusal("steps.no-array");
    }
    if (array.size() > Limit.STEPS.most()) {
      throw new BadInputException(Limit.STEPS.beyond(String.valueOf(array.size())));
    }
    List<StepEntry> steps = new ArrayList<>();
    for (JsonNode node : array) {
      if (!node.isObject()) {
        throw Texts.refusal("steps.wrong", steps.size() + 1, Texts.of("steps.no-object"));
      }
      ObjectNode step = ((ObjectNode) node).deepCopy();
      boolean on = step.path(ON).asBoolean(true);
      step.remove(ON);
      try {
        steps.add(new StepEntry(JSON.treeToValue(step, Step.class), on));
      } catch (JsonProcessingException e) {
        throw Texts.refusal(e, "steps.wrong", steps.size() + 1, why(e, step));
      }
    }
    return steps;
  }

  /** What the library says names classes of its own, which tell nobody anything. */
  private static String why(JsonProcessingException failure, ObjectNode step) {
    if (failure instanceof InvalidTypeIdException) {
      String kind = step.path("do").asText();
      return Texts.of(kind.isEmpty() ? "steps.no-kind" : "steps.kind", kind);
    }
    if (failure instanceof JsonMappingException mapping) {
      List<String> fields =
          mapping.getPath().stream()
              .map(JsonMappingException.Reference::getFieldName)
              .filter(Objects::nonNull)
              .toList();
      if (!fields.isEmpty()) {
        return Texts.of("assignment.field", fields.get(0));
      }
    }
    return Texts.of("steps.incomplete", step.path("do").asText());
  }

  /**
   * {@return the steps in the file}
   *
   * @throws RefusedFileException if it holds none; the message says what was found
   */
  public static List<StepEntry> read(Path file) throws RefusedFileException {
    try {
      return read(JSON.readTree(TextFile.read(DataSource.of(file))));
    } catch (JsonProcessingException e) {
      long line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
      long column = e.getLocation() == null ? 1 : e.getLocation().getColumnNr();
      throw new RefusedFileException(
          Texts.of("steps.refused", file.getFileName(), Texts.of("json.at", line, column)), e);
    } catch (BadInputException e) {
      throw new RefusedFileException(
          Texts.of("steps.refused", file.getFileName(), e.getMessage()), e);
    }
  }

  /**
   * Writes the steps into a file.
   *
   * @throws IOException if it cannot be written
   */
  public static void write(List<StepEntry> steps, Path file) throws IOException {
    String text = write(steps).toPrettyString() + "\n";
    SafeWrite.write(file, text.getBytes(StandardCharsets.UTF_8));
  }
}
