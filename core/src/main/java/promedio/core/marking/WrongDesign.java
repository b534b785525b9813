package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Request;
import promedio.core.sample.Data;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;

/** Pairs worked as two samples, or two samples as pairs. */
final class WrongDesign {

  /** Of pairs, and the same of two samples. */
  private static final Map<String, String> DESIGNS =
      Map.of("t_paired", "t_two", "t_paired_df", "t_two_df", "t_paired_p", "t_two_p");

  private WrongDesign() {}

  static void find(Problem problem, Candidates out) {
    String key = problem.measure().key();
    DESIGNS.forEach(
        (ofPairs, ofTwo) -> {
          if (key.equals(ofPairs)) {
            problem.data().pairs().ifPresent(each -> add(problem, ofTwo, asGroups(each), out));
          }
          if (key.equals(ofTwo)) {
            problem
                .data()
                .groups()
                .flatMap(WrongDesign::asPairs)
                .ifPresent(each -> add(problem, ofPairs, each, out));
          }
        });
  }

  private static void add(Problem problem, String key, Data data, Candidates out) {
    Request request = Request.of(Measures.ofKey(key).orElseThrow());
    out.add(
        Cause.WRONG_DESIGN, Computation.of(data, problem.rules()).result(request), "measure", key);
  }

  private static Data asGroups(Pairs pairs) {
    return new Groups(
        List.of(
            new Groups.Group("x", new Sample(pairs.x())),
            new Groups.Group("y", new Sample(pairs.y()))));
  }

  /** {@return the values of two groups of one size beside each other, as they were typed} */
  private static Optional<Data> asPairs(Groups groups) {
    List<Values> columns = new ArrayList<>();
    groups.samples().forEach(group -> columns.add(group.sample().values().present()));
    return columns.size() == 2 && columns.get(0).size() == columns.get(1).size()
        ? Optional.of(Pairs.of(columns.get(0), columns.get(1)))
        : Optional.empty();
  }
}
