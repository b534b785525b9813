package promedio.core.marking;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import promedio.core.computation.Computation;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.Fit;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.slip.Cause;

/** Slips with one value of a sample, or one row of a table of values. */
final class ValueSlips {

  /** With more values a hand's slip with one of them cannot be told from chance. */
  private static final int MOST_VALUES = 200;

  private static final Exact TEN = Exact.of(10);

  private final Problem problem;
  private final Candidates out;
  private final OneChanged data;

  private ValueSlips(Problem problem, Candidates out, OneChanged data) {
    this.problem = problem;
    this.out = out;
    this.data = data;
  }

  static void find(Problem problem, Candidates out) {
    Optional<OneChanged> data = problem.data().accept(new Changeable());
    data.ifPresent(found -> new ValueSlips(problem, out, found).find());
  }

  /** The data that a hand takes value by value, or row by row. */
  private static final class Changeable implements Data.Visitor<Optional<OneChanged>> {

    @Override
    public Optional<OneChanged> sample(Sample sample) {
      return sample.values().count() <= MOST_VALUES
          ? OneChanged.OfSample.of(sample.values().present())
          : Optional.empty();
    }

    @Override
    public Optional<OneChanged> frequencies(FrequencyTable table) {
      return table.rows().size() <= MOST_VALUES
          ? Optional.of(new OneChanged.OfTable(table.rows()))
          : Optional.empty();
    }

    @Override
    public Optional<OneChanged> classes(ClassTable table) {
      return Optional.empty();
    }

    @Override
    public Optional<OneChanged> categories(Categories categories) {
      return Optional.empty();
    }

    @Override
    public Optional<OneChanged> pairs(Pairs pairs) {
      return Optional.empty();
    }

    @Override
    public Optional<OneChanged> groups(Groups groups) {
      return Optional.empty();
    }

    @Override
    public Optional<OneChanged> cross(CrossTable table) {
      return Optional.empty();
    }

    @Override
    public Optional<OneChanged> fit(Fit fit) {
      return Optional.empty();
    }
  }

  private void find() {
    Set<Exact> seen = new HashSet<>();
    for (int i = 0; i < data.size(); i++) {
      Exact value = data.value(i);
      if (!seen.add(value) && problem.data().sample().isPresent()) {
        // Of values that are equal each leads to the same.
        continue;
      }
      String text = PlainText.of(value);
      data.without(i).ifPresent(left -> add(Cause.VALUE_LEFT_OUT, left, "value", text));
      add(Cause.VALUE_TWICE, data.twice(i), "value", text);
      for (Exact swapped : DigitSwaps.of(value)) {
        changed(Cause.DIGITS_SWAPPED, i, swapped);
      }
      if (value.signum() != 0) {
        changed(Cause.POINT_MOVED, i, value.times(TEN));
        changed(Cause.POINT_MOVED, i, value.over(TEN));
      }
    }
  }

  private void changed(Cause cause, int index, Exact value) {
    add(
        cause,
        data.with(index, value),
        "value",
        PlainText.of(data.value(index)),
        "as",
        PlainText.of(value));
  }

  private void add(Cause cause, Data changed, String... params) {
    out.add(cause, Computation.of(changed, problem.rules()).result(problem.task()), params);
  }
}
