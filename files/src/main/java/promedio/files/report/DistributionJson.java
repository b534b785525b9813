package promedio.files.report;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.DistributionLookup;
import promedio.core.distribution.Tail;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.files.ByteLines;

/** Areas and values of curves of probability as JSON, by the contract of the command line. */
public final class DistributionJson {

  /** What can be given: exactly one of them. */
  private static final List<String> GIVEN = List.of("area", "upper", "both", "at");

  private DistributionJson() {}

  /**
   * {@return what is read off a curve}
   *
   * @param code which curve
   * @param degrees its degrees of freedom as text
   * @param given the one thing that is given, by its name
   * @throws BadInputException if that cannot be used; the message says why
   */
  public static ObjectNode of(String code, List<String> degrees, Map<String, String> given)
      throws BadInputException {
    Distribution curve =
        Distribution.ofCode(code).orElseThrow(() -> Texts.refusal("distribution.unknown", code));
    List<Exact> df = new ArrayList<>();
    for (String text : degrees) {
      df.add(number("df", text));
    }
    if (df.size() != curve.degrees()) {
      throw Texts.refusal("distribution.degrees", code, curve.degrees(), df.size());
    }
    ObjectNode node = JsonNodeFactory.instance.objectNode().put("distribution", code);
    ArrayNode written = node.putArray("df");
    df.forEach(each -> written.add(ExactText.of(each)));
    DistributionLookup read = read(curve, df, given);
    node.put("value", MeasuresText.plain(read.value().value()));
    node.put("area", MeasuresText.plain(read.area().value()));
    node.put("upper", MeasuresText.plain(read.upper().value()));
    read.both().ifPresent(both -> node.put("both", MeasuresText.plain(both.value())));
    return node;
  }

  private static DistributionLookup read(
      Distribution curve, List<Exact> df, Map<String, String> given) throws BadInputException {
    if (given.size() != 1) {
      throw Texts.refusal("distribution.one");
    }
    Map.Entry<String, String> only = given.entrySet().iterator().next();
    Exact number = number(only.getKey(), only.getValue());
    if (only.getKey().equals("at")) {
      return DistributionLookup.at(curve, df, number);
    }
    if (number.signum() <= 0 || number.compareTo(Exact.ONE) >= 0) {
      throw Texts.refusal("distribution.no-area", only.getValue());
    }
    if (only.getKey().equals("both") && !curve.isSymmetric()) {
      throw Texts.refusal("distribution.one-sided", curve.code());
    }
    Tail tail =
        switch (only.getKey()) {
          case "area" -> Tail.LOWER;
          case "upper" -> Tail.UPPER;
          default -> Tail.TWO;
        };
    return DistributionLookup.of(curve, df, number, tail);
  }

  private static Exact number(String name, String text) throws BadInputException {
    if (NumberText.read(text, DecimalSign.POINT) instanceof Reading.Numeral numeral) {
      return numeral.value();
    }
    throw Texts.refusal("extra.number", name, text);
  }

  /** {@return the answer to a line} */
  public static JsonLines.Answer answer(ByteLines.Line line) {
    return JsonLines.answer(
        line,
        (question, into) -> {
          List<String> df = new ArrayList<>();
          for (JsonNode each : MarkRequestJson.list(question, "df")) {
            df.add(each.asText());
          }
          Map<String, String> given = new LinkedHashMap<>();
          for (String name : GIVEN) {
            if (!MarkRequestJson.isAbsent(question.path(name))) {
              given.put(name, question.path(name).asText());
            }
          }
          into.setAll(of(question.path("distribution").asText(), df, given));
        },
        JsonLines.Refusal.USUAL);
  }
}
