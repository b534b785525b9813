package promedio.files.assignment;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.limit.Limit;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;

/**
 * The fields of a document, each held to what it must be. What is there but of another type is
 * never taken for what is not there: it would be gone with the next saving.
 */
final class JsonFields {

  private static final int DEEPEST = 100;

  static final ObjectMapper JSON =
      JsonMapper.builder(
              JsonFactory.builder()
                  .streamReadConstraints(
                      StreamReadConstraints.builder()
                          .maxStringLength((int) Limit.DOCUMENT_BYTES.most())
                          .maxNestingDepth(DEEPEST)
                          .build())
                  .build())
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .build();

  private JsonFields() {}

  /**
   * {@return the document}
   *
   * @throws BadInputException if it is none, is too large, or says something twice
   */
  static JsonNode parse(byte[] document) throws BadInputException {
    if (document.length > Limit.DOCUMENT_BYTES.most()) {
      throw new BadInputException(Limit.DOCUMENT_BYTES.beyond(Texts.of("limit.document")));
    }
    String text = text(document);
    try {
      check(text);
      return JSON.readTree(text);
    } catch (StreamConstraintsException e) {
      throw Texts.refusal(e, "assignment.too-deep");
    } catch (JsonProcessingException e) {
      throw Texts.refusal(e, "plain", where(e));
    } catch (IOException e) {
      throw new UncheckedIOException("reading from memory cannot fail", e);
    }
  }

  private static String where(JsonProcessingException failure) {
    JsonLocation at = failure.getLocation();
    return Texts.of("json.at", at == null ? 1 : at.getLineNr(), at == null ? 1 : at.getColumnNr());
  }

  /** {@return whether a document that was just written can be read again} */
  static boolean isWithinLimits(byte[] document) throws IOException {
    try {
      check(text(document));
      return true;
    } catch (BadInputException | StreamConstraintsException e) {
      return false;
    }
  }

  /** Looks through the document before anything of it is kept in memory. */
  private static void check(String text) throws IOException, BadInputException {
    try (JsonParser parser = JSON.createParser(text)) {
      parser.enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION);
      int nodes = 0;
      for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
        if (token != JsonToken.FIELD_NAME && ++nodes > Limit.DOCUMENT_ENTRIES.most()) {
          throw new BadInputException(Limit.DOCUMENT_ENTRIES.beyond(Texts.of("limit.document")));
        }
      }
    }
  }

  /**
   * {@return the text of a part}
   *
   * @throws BadInputException if it is no UTF-8
   */
  static String text(byte[] part) throws BadInputException {
    try {
      return StandardCharsets.UTF_8
          .newDecoder()
          .onMalformedInput(CodingErrorAction.REPORT)
          .onUnmappableCharacter(CodingErrorAction.REPORT)
          .decode(ByteBuffer.wrap(part))
          .toString();
    } catch (CharacterCodingException e) {
      throw Texts.refusal(e, "assignment.no-utf8");
    }
  }

  /** {@return the text of the field} */
  static String text(JsonNode node, String field) throws BadInputException {
    require(node.path(field).isTextual(), field);
    return node.get(field).asText();
  }

  /** {@return the text of the field, empty where there is no such field} */
  static String textOrNone(JsonNode node, String field) throws BadInputException {
    return node.has(field) ? text(node, field) : "";
  }

  /** {@return the whole number of the field} */
  static int whole(JsonNode node, String field, int least, int most) throws BadInputException {
    JsonNode number = node.path(field);
    require(number.isInt() && number.asInt() >= least && number.asInt() <= most, field);
    return number.asInt();
  }

  /** {@return the entries of the object of the field; none where there is no such field} */
  static Set<Map.Entry<String, JsonNode>> entries(JsonNode node, String field)
      throws BadInputException {
    JsonNode object = node.path(field);
    require(object.isMissingNode() || object.isObject(), field);
    return object.properties();
  }

  /** {@return the values of the list of the field; none where there is no such field} */
  static List<JsonNode> list(JsonNode node, String field) throws BadInputException {
    JsonNode list = node.path(field);
    require(list.isMissingNode() || list.isArray(), field);
    return list.valueStream().toList();
  }

  /** {@return the texts of the list of the field; none where there is no such field} */
  static List<String> texts(JsonNode node, String field) throws BadInputException {
    List<String> texts = new ArrayList<>();
    for (JsonNode each : list(node, field)) {
      require(each.isTextual(), field);
      texts.add(each.asText());
    }
    return texts;
  }

  /** {@return the text of the entry of an object} */
  static String text(Map.Entry<String, JsonNode> entry) throws BadInputException {
    require(entry.getValue().isTextual(), entry.getKey());
    return entry.getValue().asText();
  }

  /** {@return what is known by the code in the field} */
  static <T> T known(Optional<T> found, String field) throws BadInputException {
    require(found.isPresent(), field);
    return found.orElseThrow();
  }

  /** Holds that there are no fields but these: what is not known here would be lost. */
  static void requireOnly(JsonNode node, Set<String> known) throws BadInputException {
    for (Iterator<String> fields = node.fieldNames(); fields.hasNext(); ) {
      String field = fields.next();
      require(known.contains(field), field);
    }
  }

  static void require(boolean condition, String field) throws BadInputException {
    if (!condition) {
      String shown = field.length() > 60 ? field.substring(0, 60) + "…" : field;
      throw Texts.refusal("assignment.field", shown);
    }
  }

  /** {@return whether a field is true, which is left out where it is false} */
  static boolean isSet(JsonNode node, String field) throws BadInputException {
    require(!node.has(field) || node.path(field).isBoolean(), field);
    return node.path(field).asBoolean();
  }
}
