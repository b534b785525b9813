package promedio.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.measure.Task;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;

/** Every measure of some data as JSON, by the contract of the command line. */
public final class MeasuresJson {

  private static final int SIGNIFICANT_DIGITS = 30;
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final CourseRules rules;

  private MeasuresJson(CourseRules rules) {
    this.rules = rules;
  }

  /** {@return n, missing, rules and measures of the data} */
  public static ObjectNode of(Data data, CourseRules rules, Extras extras) {
    return new MeasuresJson(rules).report(data, extras);
  }

  private ObjectNode report(Data data, Extras extras) {
    ObjectNode report = NODES.objectNode();
    Exact n = data.total();
    if (n.isWhole()) {
      report.put("n", n.numerator());
    } else {
      report.put("n", n.toString());
    }
    report.put("missing", data.missing());
    report.set("rules", rulesNode());
    report.set("measures", measuresNode(Computation.of(data, rules), extras));
    return report;
  }

  private ObjectNode rulesNode() {
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

  private ObjectNode measuresNode(Computation computation, Extras extras) {
    ObjectNode node = NODES.objectNode();
    for (Measure measure : Measures.all()) {
      Result result = computation.result(measure);
      if (result instanceof Result.Several several) {
        node.set(measure.key(), several(several.values()));
      } else if (result instanceof Result.Named named) {
        ArrayNode names = node.putArray(measure.key());
        named.names().forEach(name -> names.addObject().put("value", name));
      } else {
        node.set(measure.key(), single(result, measure != Measures.GEOMETRIC_MEAN));
      }
    }
    extras
        .trim()
        .ifPresent(
            share ->
                node.set(
                    "trimmed_mean",
                    single(computation.result(Task.of(Measures.TRIMMED_MEAN, share)), true)));
    if (!extras.percentiles().isEmpty()) {
      ObjectNode percentiles = node.putObject("percentiles");
      extras
          .percentiles()
          .forEach(
              (key, percent) ->
                  percentiles.set(
                      key,
                      single(computation.result(Task.of(Measures.PERCENTILE, percent)), true)));
    }
    return node;
  }

  private ArrayNode several(List<Exact> values) {
    ArrayNode node = NODES.arrayNode();
    values.forEach(value -> node.add(number(value, true)));
    return node;
  }

  private ObjectNode single(Result result, boolean withExact) {
    if (result instanceof Result.Absent absent) {
      return NODES.objectNode().put("absent", absent.why().text());
    }
    return number(result.number().orElseThrow(), withExact);
  }

  /** The geometric mean has no exact form in the contract, even where it happens to be rational. */
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
}
