package promedio.files.answers;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.marking.Problem;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.files.RefusedFileException;
import promedio.files.report.DataJson;
import promedio.files.report.MarkRequestJson;

/**
 * The key of exercise sheets: for each variant and part what was asked of which data by which
 * rules. Kept as JSON Lines.
 */
public final class AnswerKey {

  private final List<Entry> entries;

  private AnswerKey(List<Entry> entries) {
    this.entries = List.copyOf(entries);
  }

  /**
   * One thing that was asked.
   *
   * @param variant the number of the sheet
   * @param part the letter of the part, without brackets
   * @param problem what was asked, of which data, by which rules
   */
  public record Entry(String variant, String part, Problem problem) {}

  /** {@return the key as JSON Lines} */
  public static String write(List<Entry> entries) {
    StringBuilder lines = new StringBuilder();
    entries.forEach(entry -> lines.append(line(entry)).append('\n'));
    return lines.toString();
  }

  private static ObjectNode line(Entry entry) {
    Problem problem = entry.problem();
    Request request = problem.request();
    ObjectNode line = MarkRequestJson.JSON.createObjectNode();
    line.put("variant", entry.variant()).put("part", entry.part());
    line.put("measure", request.measure().key());
    DataJson.put(line, problem.data());
    for (int i = 0; i < request.arguments().size(); i++) {
      Quantity parameter = request.measure().parameters().get(i).quantity();
      line.withObjectProperty("with").put(parameter.id(), request.arguments().get(i).toString());
    }
    if (request.decides()) {
      line.put(Request.DECISION, true);
    }
    ObjectNode rules = line.putObject("rules");
    problem.rules().codes().forEach(rules::put);
    problem.stated().codes().forEach(line.withObjectProperty("stated")::put);
    return line;
  }

  /** {@return whether the text is a key, as far as its first line tells} */
  public static boolean isKey(String text) {
    String first = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
    try {
      JsonNode line = MarkRequestJson.read(first);
      return line.has("variant") && !line.has("answer");
    } catch (BadInputException e) {
      return false;
    }
  }

  /**
   * {@return the key in the text}
   *
   * @throws RefusedFileException if a line is none of a key; the message says which and why
   */
  public static AnswerKey read(String text) throws RefusedFileException {
    List<Entry> entries = new ArrayList<>();
    List<String> lines = text.lines().toList();
    for (int i = 0; i < lines.size(); i++) {
      if (!lines.get(i).isBlank()) {
        try {
          entries.add(entry(MarkRequestJson.read(lines.get(i))));
        } catch (BadInputException e) {
          throw new RefusedFileException(Texts.of("key.line", i + 1, e.getMessage()), e);
        }
      }
    }
    return new AnswerKey(entries);
  }

  private static Entry entry(JsonNode line) throws BadInputException {
    for (String needed : List.of("variant", "part")) {
      if (!line.path(needed).isTextual()) {
        throw Texts.refusal("mark.need", needed);
      }
    }
    Request number = MarkRequestJson.request(line);
    Request request = decides(line, number) ? number.decision() : number;
    Data data = MarkRequestJson.data(line, request);
    CourseRules rules = MarkRequestJson.rules(line.path("rules"), CourseRules.DEFAULTS);
    Problem problem =
        Problem.of(data, rules, request).stating(MarkRequestJson.stated(line.path("stated")));
    return new Entry(line.path("variant").asText(), line.path("part").asText(), problem);
  }

  private static boolean decides(JsonNode line, Request number) throws BadInputException {
    boolean decides = line.path(Request.DECISION).asBoolean();
    if (decides && !number.isProbability()) {
      throw Texts.refusal("key.no-decision", number.key());
    }
    return decides;
  }

  /**
   * {@return what was asked in a part of a variant}
   *
   * @param part its letter, with brackets or without
   * @param measure which of the questions of the part; may be empty where there is one only
   * @throws BadInputException if the key has no such question; the message says why
   */
  public Problem problem(String variant, String part, String measure) throws BadInputException {
    String letter = part.replaceAll("[()\\s]", "").toLowerCase(Locale.ROOT);
    List<Entry> asked =
        entries.stream()
            .filter(entry -> number(entry.variant()).equals(number(variant)))
            .filter(entry -> entry.part().equals(letter))
            .toList();
    if (asked.isEmpty()) {
      throw Texts.refusal("key.no-part", variant, part);
    }
    Optional<Entry> found =
        measure.isEmpty() && asked.size() == 1
            ? Optional.of(asked.get(0))
            : asked.stream().filter(e -> e.problem().request().id().equals(measure)).findFirst();
    return found
        .map(Entry::problem)
        .orElseThrow(
            () ->
                Texts.refusal(
                    "key.no-measure",
                    part,
                    measure,
                    String.join(
                        ", ", asked.stream().map(e -> e.problem().request().id()).toList())));
  }

  /** Sheet 7 is sheet 07. */
  private static String number(String variant) {
    return variant.strip().replaceFirst("^0+(?=.)", "");
  }
}
