package promedio.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import promedio.core.distribution.Approximate;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;

/** Course rules and results as they stand in JSON, by the contract of the command line. */
final class NumberJson {

  private static final int SIGNIFICANT_DIGITS = 30;
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final CourseRules rules;

  NumberJson(CourseRules rules) {
    this.rules = rules;
  }

  /** {@return every rule with its value} */
  ObjectNode rules() {
    ObjectNode node = NODES.objectNode();
    rules
        .codes()
        .forEach(
            (rule, value) -> {
              if (value.chars().allMatch(Character::isDigit)) {
                node.put(rule, Integer.parseInt(value));
              } else {
                node.put(rule, value);
              }
            });
    return node;
  }

  /** Writes a number of values, as a number where it is whole. */
  static void putCount(ObjectNode node, String name, Exact count) {
    if (count.isWhole()) {
      node.put(name, count.numerator());
    } else {
      node.put(name, count.toString());
    }
  }

  /** {@return several numbers} */
  ArrayNode several(List<Exact> values) {
    ArrayNode node = NODES.arrayNode();
    values.forEach(value -> node.add(number(value, true)));
    return node;
  }

  /** {@return what came of a measure} */
  ObjectNode single(Result result, Measure measure) {
    if (result instanceof Result.Estimated estimated) {
      return measure.dimension(List.of()) == Dimension.PROBABILITY
          ? probability(estimated.value())
          : estimate(estimated.value());
    }
    return single(result, true);
  }

  /**
   * {@return what came of a measure}
   *
   * @param withExact whether the exact form is told
   */
  ObjectNode single(Result result, boolean withExact) {
    if (result instanceof Result.Absent absent) {
      return NODES.objectNode().put("absent", absent.why().text()).put("code", absent.why().key());
    }
    return number(result.number().orElseThrow(), withExact);
  }

  private ObjectNode number(Real number, boolean withExact) {
    ObjectNode node = NODES.objectNode();
    if (withExact && number instanceof Exact) {
      node.put("exact", number.toString());
    }
    node.put("value", MeasuresText.plain(number.significant(SIGNIFICANT_DIGITS)));
    node.put(
        "rounded",
        number.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING)).toPlainString());
    return node;
  }

  private ObjectNode estimate(Approximate number) {
    return NODES
        .objectNode()
        .put("value", MeasuresText.plain(number.value()))
        .put(
            "rounded",
            number.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING)).toPlainString());
  }

  /** {@return a p-value} */
  ObjectNode probability(Approximate p) {
    return NODES
        .objectNode()
        .put("value", MeasuresText.plain(p.value()))
        .put("rounded", PValueText.of(p, rules));
  }
}
