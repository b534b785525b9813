package promedio.files.report;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;

/** Every measure of data of any kind as JSON, by the contract of the command line. */
public final class MeasuresReport implements Data.Visitor<ObjectNode> {

  private final CourseRules rules;
  private final RequestedMeasures extras;
  private final boolean ofFile;
  private final Optional<Exact> at;

  private MeasuresReport(CourseRules rules, RequestedMeasures extras, boolean ofFile) {
    this.ofFile = ofFile;
    this.rules = rules;
    this.extras = extras;
    this.at = Optional.ofNullable(extras.with().get("x"));
  }

  /**
   * {@return n, missing, rules and measures of the data}
   *
   * @param ofFile whether the data come from a file, of which it is told what is missing
   * @throws BadInputException if what is asked besides does not fit the data
   */
  public static ObjectNode of(
      Data data, CourseRules rules, RequestedMeasures extras, boolean ofFile)
      throws BadInputException {
    ObjectNode report = data.accept(new MeasuresReport(rules, extras, ofFile));
    if (data.categories().isPresent()) {
      report.withObject("/measures").setAll(fit(data.categories().get(), rules, extras.expected()));
    }
    return report;
  }

  private static ObjectNode fit(Categories counted, CourseRules rules, List<Exact> expected)
      throws BadInputException {
    GoodnessOfFitData fit =
        expected.isEmpty()
            ? GoodnessOfFitData.equal(counted)
            : GoodnessOfFitData.read(counted, expected);
    return SeveralJson.measures(fit, rules);
  }

  @Override
  public ObjectNode sample(Sample sample) {
    return MeasuresJson.of(sample, rules, extras);
  }

  @Override
  public ObjectNode frequencies(FrequencyTable table) {
    return MeasuresJson.of(table, rules, extras);
  }

  @Override
  public ObjectNode classes(ClassTable table) {
    return MeasuresJson.of(table, rules, extras);
  }

  @Override
  public ObjectNode categories(Categories categories) {
    return MeasuresJson.of(categories, rules, extras);
  }

  @Override
  public ObjectNode pairs(Pairs pairs) {
    return SeveralJson.of(pairs, rules, at);
  }

  @Override
  public ObjectNode groups(Groups groups) {
    return SeveralJson.of(groups, rules);
  }

  @Override
  public ObjectNode cross(CrossTable table) {
    return SeveralJson.of(table, rules, ofFile);
  }

  @Override
  public ObjectNode fit(GoodnessOfFitData fit) {
    return SeveralJson.measures(fit, rules);
  }
}
