package promedio.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;

/** Every measure of some data as JSON, by the contract of the command line. */
public final class MeasuresJson {

  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final CourseRules rules;
  private final NumberJson numbers;

  private MeasuresJson(CourseRules rules) {
    this.rules = rules;
    this.numbers = new NumberJson(rules);
  }

  /** {@return the measures that all data of one variable have} */
  static ObjectNode measures(Data data, CourseRules rules) {
    return new MeasuresJson(rules)
        .measuresNode(Computation.of(data, rules), RequestedMeasures.NONE);
  }

  /** {@return n, missing, rules and measures of the data} */
  public static ObjectNode of(Data data, CourseRules rules, RequestedMeasures extras) {
    return new MeasuresJson(rules).report(data, extras);
  }

  private ObjectNode report(Data data, RequestedMeasures extras) {
    ObjectNode report = NODES.objectNode();
    NumberJson.putCount(report, "n", data.total());
    report.put("missing", data.missing());
    report.set("rules", numbers.rules());
    report.set("measures", measuresNode(Computation.of(data, rules), extras));
    return report;
  }

  private ObjectNode measuresNode(Computation computation, RequestedMeasures extras) {
    ObjectNode node = NODES.objectNode();
    for (Measure measure : Measures.all()) {
      Result result = computation.result(measure);
      if (result instanceof Result.Several several) {
        node.set(measure.key(), numbers.several(several.values()));
      } else if (result instanceof Result.Named named) {
        ArrayNode names = node.putArray(measure.key());
        named.names().forEach(name -> names.addObject().put("value", name));
      } else {
        // The geometric mean has no exact form in the contract, even where it is rational.
        node.set(measure.key(), numbers.single(result, measure != Measures.GEOMETRIC_MEAN));
      }
    }
    extras
        .trim()
        .ifPresent(
            share ->
                node.set(
                    "trimmed_mean",
                    numbers.single(
                        computation.result(Request.of(Measures.TRIMMED_MEAN, share)), true)));
    if (!extras.percentiles().isEmpty()) {
      ObjectNode percentiles = node.putObject("percentiles");
      extras
          .percentiles()
          .forEach(
              (key, percent) ->
                  percentiles.set(
                      key,
                      numbers.single(
                          computation.result(Request.of(Measures.PERCENTILE, percent)), true)));
    }
    addRequested(node, computation, extras);
    return node;
  }

  /** What a sample of numbers tells of the mean that it was drawn from. */
  private void addRequested(ObjectNode node, Computation computation, RequestedMeasures extras) {
    if (computation.context().categories().isPresent()) {
      return;
    }
    for (Request request : extras.ofSample()) {
      node.set(request.key(), numbers.single(computation.result(request), request.measure()));
    }
  }
}
