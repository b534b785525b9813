package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Result;
import promedio.core.measure.Task;
import promedio.core.sample.Data;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;

/** Pairs worked as two samples, or two samples as pairs. */
final class WrongDesign {

  /** The test of pairs and that of two samples, statistic by statistic. */
  private static final Map<String, String> OF_PAIRS =
      Map.of("t_paired", "t_two", "t_paired_df", "t_two_df", "t_paired_p", "t_two_p");

  private WrongDesign() {}

  static void find(Problem problem, Candidates out) {
    String key = problem.measure().key();
    Data data = problem.data();
    data.pairs()
        .flatMap(pairs -> other(OF_PAIRS.get(key), Optional.of(asGroups(pairs)), problem))
        .ifPresent(
            outcome -> out.add(Cause.WRONG_DESIGN, outcome.result(), "measure", outcome.key()));
    data.groups()
        .flatMap(groups -> other(ofPairs(key), asPairs(groups), problem))
        .ifPresent(
            outcome -> out.add(Cause.WRONG_DESIGN, outcome.result(), "measure", outcome.key()));
  }

  private record Outcome(Result result, String key) {}

  private static @Nullable String ofPairs(String key) {
    return OF_PAIRS.entrySet().stream()
        .filter(each -> each.getValue().equals(key))
        .map(Map.Entry::getKey)
        .findFirst()
        .orElse(null);
  }

  private static Optional<Outcome> other(
      @Nullable String key, Optional<Data> data, Problem problem) {
    return key == null
        ? Optional.empty()
        : data.flatMap(
            of ->
                Measures.ofKey(key)
                    .map(
                        measure ->
                            new Outcome(
                                Computation.of(of, problem.rules()).result(Task.of(measure)),
                                key)));
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
