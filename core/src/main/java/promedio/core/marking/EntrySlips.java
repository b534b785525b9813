package promedio.core.marking;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import promedio.core.computation.Computation;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.sample.Data;
import promedio.core.sample.Entry;
import promedio.core.slip.Cause;

/** Slips with one entry of the data: a value, a row, a count. */
final class EntrySlips {

  /** Of more, a slip with one of them cannot be told from chance. */
  private static final int MOST_ENTRIES = 120;

  private static final Exact TEN = Exact.of(10);

  private final Problem problem;
  private final Candidates out;

  private EntrySlips(Problem problem, Candidates out) {
    this.problem = problem;
    this.out = out;
  }

  static void find(Problem problem, Candidates out) {
    // Those of a long sample are not even put together.
    if (problem.context().scope().rows() > MOST_ENTRIES) {
      return;
    }
    List<Entry> entries = problem.data().entries();
    if (entries.size() > MOST_ENTRIES) {
      return;
    }
    EntrySlips slips = new EntrySlips(problem, out);
    // Of values of a sample that are equal each leads to the same.
    boolean alike = problem.data().sample().isPresent();
    Set<List<Exact>> seen = new HashSet<>();
    for (Entry entry : entries) {
      if (seen.add(entry.numbers()) || !alike) {
        slips.find(entry);
      }
    }
  }

  private void find(Entry entry) {
    String told = entry.numbers().stream().map(PlainText::of).collect(Collectors.joining(";"));
    add(Cause.VALUE_LEFT_OUT, entry.without(), "value", told);
    add(Cause.VALUE_TWICE, entry.twice(), "value", told);
    if (entry.numbers().size() == 1) {
      Exact number = entry.numbers().get(0);
      DigitSwaps.of(number).forEach(to -> changed(Cause.DIGITS_SWAPPED, entry, told, to));
      if (number.signum() != 0) {
        changed(Cause.POINT_MOVED, entry, told, number.times(TEN));
        changed(Cause.POINT_MOVED, entry, told, number.over(TEN));
      }
    }
  }

  private void changed(Cause cause, Entry entry, String told, Exact to) {
    add(cause, entry.with(to), "value", told, "as", PlainText.of(to));
  }

  private void add(Cause cause, Optional<Data> changed, String... params) {
    changed.ifPresent(
        data ->
            out.add(
                cause, Computation.of(data, problem.rules()).result(problem.request()), params));
  }
}
