package promedio.files.report;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.entry.MissingSigns;
import promedio.core.limit.Limit;
import promedio.core.measure.Measure;
import promedio.core.measure.Parameter;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.rules.CourseRules;
import promedio.core.rules.StatedRules;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Subject;
import promedio.core.sample.Values;
import promedio.core.sample.ValuesBuilder;

/** Samples and course rules as they stand in lines of JSON. */
public final class MarkRequestJson {

  /** Reads decimals as they are written. */
  public static final ObjectMapper JSON =
      JsonMapper.builder()
          .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
          .build();

  private static final List<String> KINDS =
      List.of("values", "frequencies", "classes", "categories", "pairs", "groups", "cross");

  private MarkRequestJson() {}

  /**
   * {@return the object that the line is}
   *
   * @throws BadInputException if it is none; the message says so
   */
  public static JsonNode read(String line) throws BadInputException {
    try {
      JsonNode question = JSON.readTree(line);
      if (question.isObject()) {
        return question;
      }
    } catch (JsonProcessingException e) {
      throw Texts.refusal(e, "json.broken", why(e));
    } catch (NumberFormatException e) {
      throw Texts.refusal(e, "json.number", Limit.NUMBER_EXPONENT.shown());
    }
    throw Texts.refusal("json.no-object");
  }

  /** What the library says names classes of its own, which tell nobody anything. */
  private static String why(JsonProcessingException failure) {
    String said = String.valueOf(failure.getOriginalMessage());
    if (said.startsWith("Duplicate field")) {
      return Texts.of("json.doubled", said.replaceAll("Duplicate field '?|'$", ""));
    }
    if (failure instanceof MismatchedInputException && said.startsWith("Trailing token")) {
      return Texts.of("json.second");
    }
    long column = failure.getLocation() == null ? 1 : failure.getLocation().getColumnNr();
    return Texts.of("json.character", column);
  }

  /**
   * {@return the course rules}
   *
   * @throws BadInputException if they cannot be read; the message says why
   */
  public static CourseRules rules(JsonNode node, CourseRules defaults) throws BadInputException {
    if (!isAbsent(node) && !node.isObject()) {
      throw Texts.refusal("json.rules");
    }
    CourseRules rules = defaults;
    for (Map.Entry<String, JsonNode> rule : node.properties()) {
      rules = rules.with(rule.getKey(), rule.getValue().asText());
    }
    return rules;
  }

  /**
   * {@return what the question says itself about how it is answered}
   *
   * @throws BadInputException if it cannot be read; the message says why
   */
  public static StatedRules stated(JsonNode node) throws BadInputException {
    if (!isAbsent(node) && !node.isObject()) {
      throw Texts.refusal("json.stated");
    }
    StatedRules stated = StatedRules.NONE;
    for (Map.Entry<String, JsonNode> rule : node.properties()) {
      stated = stated.with(rule.getKey(), rule.getValue().asText());
    }
    return stated;
  }

  private static void refuseTwo(JsonNode question) throws BadInputException {
    List<String> given = KINDS.stream().filter(kind -> !isAbsent(question.path(kind))).toList();
    if (given.size() > 1) {
      throw Texts.refusal("json.two-data", String.join("”, “", given));
    }
  }

  /**
   * {@return the data}
   *
   * @throws BadInputException if they cannot be read; the message says why
   * @throws BadInputException if they make no table
   */
  public static Data data(JsonNode question) throws BadInputException {
    refuseTwo(question);
    if (!isAbsent(question.path("values"))) {
      return sample(list(question, "values"));
    }
    if (!isAbsent(question.path("frequencies"))) {
      return frequencies(list(question, "frequencies"));
    }
    if (!isAbsent(question.path("classes"))) {
      return classes(list(question, "classes"));
    }
    if (!isAbsent(question.path("categories"))) {
      return categories(list(question, "categories"), 0);
    }
    if (!isAbsent(question.path("pairs"))) {
      return pairs(list(question, "pairs"));
    }
    if (!isAbsent(question.path("groups"))) {
      return groups(list(question, "groups"));
    }
    if (!isAbsent(question.path("cross"))) {
      return cross(question);
    }
    throw Texts.refusal("json.no-data");
  }

  private static Sample sample(List<JsonNode> numbers) throws BadInputException {
    return new Sample(values(numbers));
  }

  private static Values values(List<JsonNode> numbers) throws BadInputException {
    ValuesBuilder values = new ValuesBuilder();
    for (JsonNode value : numbers) {
      if (isMissing(value)) {
        values.addMissing();
      } else {
        values.add(number(value));
      }
    }
    return values.build();
  }

  private static Data pairs(List<JsonNode> rows) throws BadInputException {
    List<JsonNode> x = new ArrayList<>();
    List<JsonNode> y = new ArrayList<>();
    for (JsonNode row : rows) {
      if (!row.isArray() || row.size() != 2) {
        throw Texts.refusal("json.pair", row);
      }
      x.add(row.get(0));
      y.add(row.get(1));
    }
    return Pairs.of(values(x), values(y));
  }

  private static Data groups(List<JsonNode> named) throws BadInputException {
    List<Groups.Group> groups = new ArrayList<>();
    for (JsonNode each : named) {
      if (!each.isArray() || each.size() != 2 || !each.get(1).isArray()) {
        throw Texts.refusal("json.group", each);
      }
      groups.add(
          new Groups.Group(each.get(0).asText(), sample(each.get(1).valueStream().toList())));
    }
    return Groups.read(groups);
  }

  private static Data cross(JsonNode question) throws BadInputException {
    List<List<Exact>> counts = new ArrayList<>();
    for (JsonNode row : list(question, "cross")) {
      if (!row.isArray()) {
        throw Texts.refusal("json.not-list", "cross");
      }
      List<Exact> line = new ArrayList<>();
      for (JsonNode count : row) {
        line.add(number(count));
      }
      counts.add(line);
    }
    return CrossTable.read(names(question, "rows"), names(question, "columns"), counts, 0);
  }

  private static List<String> names(JsonNode question, String key) throws BadInputException {
    return list(question, key).stream().map(JsonNode::asText).toList();
  }

  /**
   * {@return what is asked: a measure, and with what where it needs arguments}
   *
   * @throws BadInputException if there is no such measure; the message says why
   */
  public static Request request(JsonNode question) throws BadInputException {
    // Two kinds of data are the more telling mistake, whatever else is missing.
    refuseTwo(question);
    JsonNode key = question.path("measure");
    if (!key.isTextual()) {
      throw Texts.refusal("mark.need", "measure");
    }
    Measure measure =
        Measures.ofKey(key.asText())
            .orElseThrow(() -> Texts.refusal("mark.no-measure", key.asText()));
    JsonNode with = question.path("with");
    Map<String, Exact> given = new HashMap<>();
    for (Parameter parameter : measure.parameters()) {
      // A number alone is the first of them.
      JsonNode value =
          with.isObject() || !given.isEmpty() ? with.path(parameter.quantity().id()) : with;
      if (!isAbsent(value)) {
        given.put(parameter.quantity().id(), number(value));
      }
    }
    Optional<Parameter> lacking = Request.lacking(measure, given);
    if (lacking.isPresent()) {
      throw Texts.refusal("mark.need-with", measure.key(), lacking.get().quantity().id());
    }
    List<Exact> arguments = Request.arguments(measure, given);
    Optional<Message> refusal = Request.refusal(measure, arguments);
    if (refusal.isPresent()) {
      throw Texts.refusal("mark.with", measure.key(), refusal.get().text());
    }
    return new Request(measure, arguments);
  }

  /**
   * {@return the data that is asked of}: of categories a fit to what is expected, of several groups
   * the two that are named
   *
   * @throws BadInputException if they cannot be read; the message says why
   */
  public static Data data(JsonNode question, Request request) throws BadInputException {
    return asked(data(question), question.path("with"), request);
  }

  /**
   * {@return what is asked of the data}: of categories a fit to what is expected, of several groups
   * the two that are named
   *
   * @param with what else is given
   * @throws BadInputException if the task is none of such data; the message says why
   */
  public static Data asked(Data data, JsonNode with, Request request) throws BadInputException {
    Data asked = narrowed(data, with, request);
    if (asked.subject() != request.measure().subject()) {
      throw Texts.refusal("mark.subject", request.key());
    }
    return asked;
  }

  private static Data narrowed(Data data, JsonNode with, Request request) throws BadInputException {
    if (request.measure().subject() == Subject.FIT && data.categories().isPresent()) {
      return fit(data.categories().get(), with.path("expected"));
    }
    if (request.measure().isOfTwo() && data.groups().isPresent() && !isAbsent(with.path("a"))) {
      Groups groups = data.groups().get();
      return groups.two(
          group(groups, with.path("a").asText()), group(groups, with.path("b").asText()));
    }
    return data;
  }

  private static int group(Groups groups, String name) throws BadInputException {
    for (int i = 0; i < groups.samples().size(); i++) {
      if (groups.samples().get(i).name().equals(name)) {
        return i;
      }
    }
    throw Texts.refusal("mark.no-group", name);
  }

  private static Data fit(Categories counted, JsonNode expected) throws BadInputException {
    if (isAbsent(expected)) {
      return GoodnessOfFitData.equal(counted);
    }
    List<Exact> numbers = new ArrayList<>();
    for (String part : expected.asText().split(",", -1)) {
      numbers.add(number(JSON.getNodeFactory().textNode(part.strip())));
    }
    return GoodnessOfFitData.read(counted, numbers);
  }

  /**
   * {@return categories}
   *
   * @param rows names with their frequencies, or names as often as they were seen
   * @param missing how many entries besides were missing
   * @throws BadInputException if they cannot be read; the message says why
   * @throws BadInputException if they make no table
   */
  public static Categories categories(List<JsonNode> rows, int missing) throws BadInputException {
    List<Categories.Row> found = new ArrayList<>();
    int left = missing;
    for (JsonNode row : rows) {
      boolean pair = row.isArray() && row.size() == 2;
      JsonNode name = pair ? row.get(0) : row;
      if (isMissing(name) || (pair && isMissing(row.get(1)))) {
        left++;
      } else if (name.isValueNode()) {
        found.add(new Categories.Row(name.asText(), pair ? number(row.get(1)) : Exact.ONE));
      } else {
        throw Texts.refusal("json.category", row);
      }
    }
    return Categories.read(found, left);
  }

  /** {@return the categories as they are read} */
  public static ArrayNode write(Categories categories) {
    ArrayNode rows = JSON.createArrayNode();
    categories
        .rows()
        .forEach(row -> rows.addArray().add(row.name()).add(row.frequency().toString()));
    return rows;
  }

  private static Data classes(List<JsonNode> triples) throws BadInputException {
    List<ClassTable.Row> rows = new ArrayList<>();
    int missing = 0;
    for (JsonNode triple : triples) {
      if (!triple.isArray() || triple.size() != 3) {
        throw Texts.refusal("json.class", triple);
      }
      if (isMissing(triple.get(2))) {
        missing++;
      } else {
        rows.add(
            new ClassTable.Row(limit(triple.get(0)), limit(triple.get(1)), number(triple.get(2))));
      }
    }
    return ClassTable.read(rows, missing);
  }

  private static Optional<Exact> limit(JsonNode node) throws BadInputException {
    return isMissing(node) ? Optional.empty() : Optional.of(number(node));
  }

  private static Data frequencies(List<JsonNode> pairs) throws BadInputException {
    List<FrequencyTable.Row> rows = new ArrayList<>();
    int missing = 0;
    for (JsonNode pair : pairs) {
      if (!pair.isArray() || pair.size() != 2) {
        throw Texts.refusal("json.row", pair);
      }
      if (isMissing(pair.get(0)) || isMissing(pair.get(1))) {
        missing++;
      } else {
        rows.add(new FrequencyTable.Row(number(pair.get(0)), number(pair.get(1))));
      }
    }
    return FrequencyTable.read(rows, missing);
  }

  static List<JsonNode> list(JsonNode question, String name) throws BadInputException {
    JsonNode node = question.path(name);
    if (isAbsent(node)) {
      return List.of();
    }
    if (!node.isArray()) {
      throw Texts.refusal("json.not-list", name);
    }
    return node.valueStream().toList();
  }

  static boolean isAbsent(JsonNode node) {
    return node.isMissingNode() || node.isNull();
  }

  private static boolean isMissing(JsonNode node) {
    return node.isNull() || (node.isTextual() && MissingSigns.matches(node.asText().strip()));
  }

  private static Exact number(JsonNode node) throws BadInputException {
    Reading reading = NumberText.read(node.asText(), DecimalSign.POINT);
    if (reading instanceof Reading.Numeral numeral) {
      return numeral.value();
    }
    throw new BadInputException(((Reading.Unreadable) reading).why());
  }
}
