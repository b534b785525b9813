package promedio.core.marking;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import promedio.core.computation.Computation;
import promedio.core.number.Exact;
import promedio.core.sample.Data;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;

/** Mistakes with the data as a whole, not with one entry of them. */
final class DataEdits {

  /** What a line through two points has. */
  private static final Set<String> OF_A_LINE = Set.of("slope", "intercept");

  private final Problem problem;
  private final Candidates out;

  private DataEdits(Problem problem, Candidates out) {
    this.problem = problem;
    this.out = out;
  }

  static void find(Problem problem, Candidates out) {
    DataEdits edits = new DataEdits(problem, out);
    Data data = problem.data();
    data.sample().ifPresent(sample -> edits.find(sample.values().present().list()));
    data.pairs().ifPresent(edits::find);
  }

  private void find(List<Exact> values) {
    add(Cause.REPEATS_DROPPED, values, List.copyOf(new LinkedHashSet<>(values)));
    add(Cause.ZEROS_DROPPED, values, values.stream().filter(value -> value.signum() != 0).toList());
  }

  private void add(Cause cause, List<Exact> values, List<Exact> left) {
    if (!left.isEmpty() && left.size() < values.size()) {
      add(cause, new Sample(Values.of(left)));
    }
  }

  private void find(Pairs pairs) {
    List<Exact> x = pairs.x().list();
    List<Exact> y = pairs.y().list();
    add(Cause.COLUMNS_SORTED, Pairs.of(sorted(x), sorted(y)));
    if (x.size() > 2 && OF_A_LINE.contains(problem.measure().key())) {
      add(Cause.TWO_POINTS, Pairs.of(ends(x), ends(y)));
    }
  }

  private void add(Cause cause, Data changed) {
    out.add(cause, Computation.of(changed, problem.rules()).result(problem.request()));
  }

  private static Values sorted(List<Exact> values) {
    return Values.of(values.stream().sorted().toList());
  }

  private static Values ends(List<Exact> values) {
    return Values.of(List.of(values.get(0), values.get(values.size() - 1)));
  }
}
