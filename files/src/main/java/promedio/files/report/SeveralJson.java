package promedio.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.computation.Pairwise;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.CrossTable;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Subject;

/** Measures of more than one variable as JSON, by the contract of the command line. */
public final class SeveralJson {

  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final CourseRules rules;
  private final NumberJson numbers;

  private SeveralJson(CourseRules rules) {
    this.rules = rules;
    this.numbers = new NumberJson(rules);
  }

  /**
   * {@return the measures of pairs, and those of x and of y}
   *
   * @param at where a prediction is wanted, if one is
   */
  public static ObjectNode of(Pairs pairs, CourseRules rules, Optional<Exact> at) {
    return new SeveralJson(rules).pairs(pairs, at);
  }

  /** {@return the measures of groups, of each, of all together, and of every two} */
  public static ObjectNode of(Groups groups, CourseRules rules) {
    return new SeveralJson(rules).groups(groups);
  }

  /**
   * {@return the measures of counts crossed, with percentages and expected counts}
   *
   * @param withMissing whether it is told how many entries were missing
   */
  public static ObjectNode of(CrossTable table, CourseRules rules, boolean withMissing) {
    return new SeveralJson(rules).cross(table, withMissing);
  }

  /** {@return what the categories tell of the proportions that are expected} */
  static ObjectNode measures(GoodnessOfFitData fit, CourseRules rules) {
    SeveralJson json = new SeveralJson(rules);
    ObjectNode node = NODES.objectNode();
    json.put(node, Computation.of(fit, rules), Measures.of(Subject.FIT));
    return node;
  }

  private ObjectNode pairs(Pairs pairs, Optional<Exact> at) {
    ObjectNode report = NODES.objectNode().put("kind", "pairs");
    report.put("n", pairs.size());
    report.put("missing", pairs.missing());
    report.set("rules", numbers.rules());
    Computation computation = Computation.of(pairs, rules);
    ObjectNode measures = report.putObject("measures");
    put(measures, computation, Measures.of(Subject.PAIRS));
    at.ifPresent(
        x ->
            measures.set(
                Measures.PREDICTION.key(),
                numbers.single(
                    computation.result(Request.of(Measures.PREDICTION, x)), Measures.PREDICTION)));
    report.set("x", MeasuresJson.measures(new Sample(pairs.x()), rules));
    report.set("y", MeasuresJson.measures(new Sample(pairs.y()), rules));
    return report;
  }

  private ObjectNode groups(Groups groups) {
    ObjectNode report = NODES.objectNode().put("kind", "groups");
    report.set("rules", numbers.rules());
    ArrayNode each = report.putArray("groups");
    for (Groups.Group group : groups.samples()) {
      ObjectNode node = each.addObject().put("name", group.name());
      addSample(node, group.sample(), group.sample().missing());
    }
    addSample(report.putObject("all"), groups.all(), groups.missing());
    ObjectNode measures = report.putObject("measures");
    Computation computation = Computation.of(groups, rules);
    put(measures, computation, Measures.of(Subject.GROUPS));
    if (groups.samples().size() == 2) {
      put(measures, computation, Measures.ofTwoGroups());
    }
    ArrayNode pairwise = report.putArray("pairwise");
    for (Pairwise.Comparison comparison : Pairwise.of(groups, rules)) {
      ObjectNode node = pairwise.addObject().put("a", comparison.a()).put("b", comparison.b());
      put(node, comparison.computation(), Measures.ofTwoGroups());
    }
    return report;
  }

  private void addSample(ObjectNode node, Sample sample, int missing) {
    NumberJson.putCount(node, "n", sample.total());
    node.put("missing", missing);
    node.set("measures", MeasuresJson.measures(sample, rules));
  }

  private ObjectNode cross(CrossTable table, boolean withMissing) {
    ObjectNode report = NODES.objectNode().put("kind", "cross");
    NumberJson.putCount(report, "n", table.total());
    if (withMissing) {
      report.put("missing", table.missing());
    }
    table.rows().forEach(report.putArray("rows")::add);
    table.columns().forEach(report.putArray("columns")::add);
    report.set("rules", numbers.rules());
    ArrayNode cells = report.putArray("cells");
    for (int row = 0; row < table.rows().size(); row++) {
      ArrayNode line = cells.addArray();
      for (int column = 0; column < table.columns().size(); column++) {
        line.add(cell(table, row, column));
      }
    }
    put(report.putObject("measures"), Computation.of(table, rules), Measures.of(Subject.CROSS));
    return report;
  }

  private static ObjectNode cell(CrossTable table, int row, int column) {
    Exact count = table.count(row, column);
    ObjectNode cell = NODES.objectNode().put("count", count.toString());
    putShare(cell, "row", count, table.rowTotal(row), "absent.empty-row");
    putShare(cell, "column", count, table.columnTotal(column), "absent.empty-column");
    putShare(cell, "total", count, table.total(), "absent.no-values");
    return cell.put("expected", ExactText.of(table.expected(row, column)));
  }

  private static void putShare(ObjectNode cell, String name, Exact part, Exact of, String why) {
    if (of.signum() == 0) {
      cell.putObject(name).put("absent", Message.of(why).text()).put("code", why);
    } else {
      cell.put(name, ExactText.of(part.times(100).over(of)));
    }
  }

  private void put(ObjectNode node, Computation computation, List<Measure> measures) {
    for (Measure measure : measures) {
      Result result = computation.result(measure);
      node.set(measure.key(), numbers.single(result, measure));
    }
  }
}
