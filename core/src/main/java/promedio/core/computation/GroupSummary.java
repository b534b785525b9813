package promedio.core.computation;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.message.Cancellation;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Groups;
import promedio.core.sample.Sample;

/**
 * Measures of each of several groups, and of all values together.
 *
 * @param measures what is told of each
 * @param rows the groups in their order, all together last
 */
public record GroupSummary(List<Measure> measures, List<Row> rows) {

  /**
   * One group.
   *
   * @param name what it is called; empty for all together
   * @param n how many values it has
   * @param missing how many are missing
   * @param results what came of each measure
   */
  public record Row(String name, int n, int missing, List<Result> results) {
    public Row {
      results = List.copyOf(results);
    }
  }

  public GroupSummary {
    measures = List.copyOf(measures);
    rows = List.copyOf(rows);
  }

  /** {@return the measures of the groups}; it stops where nobody waits for it any more */
  public static GroupSummary of(Groups groups, List<Measure> measures, CourseRules rules) {
    // All together are about as much work as the groups are, and neither waits for the other.
    CompletableFuture<Row> all =
        CompletableFuture.supplyAsync(
            () -> row("", groups.all(), groups.missing(), measures, rules));
    List<Row> rows = new ArrayList<>();
    for (Groups.Group group : groups.samples()) {
      Cancellation.check();
      rows.add(row(group.name(), group.sample(), group.sample().missing(), measures, rules));
    }
    rows.add(all.join());
    return new GroupSummary(measures, rows);
  }

  private static Row row(
      String name, Sample sample, int missing, List<Measure> measures, CourseRules rules) {
    Computation computation = Computation.of(sample, rules);
    return new Row(
        name,
        sample.total().numerator().intValueExact(),
        missing,
        measures.stream().map(computation::result).toList());
  }
}
