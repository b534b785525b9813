package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.computation.Computation;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;

/** Slips with one row of pairs, one value of a group, or one count. */
final class OneOfSeveral {

  /** With more rows a hand's slip with one of them cannot be told from chance. */
  private static final int MOST_ROWS = 100;

  private static final Exact TEN = Exact.of(10);

  private final Problem problem;
  private final Candidates out;

  private OneOfSeveral(Problem problem, Candidates out) {
    this.problem = problem;
    this.out = out;
  }

  static void find(Problem problem, Candidates out) {
    OneOfSeveral slips = new OneOfSeveral(problem, out);
    problem.data().pairs().ifPresent(slips::find);
    problem.data().groups().ifPresent(slips::find);
    problem.data().cross().ifPresent(slips::find);
  }

  private void find(Pairs pairs) {
    List<Exact> x = DataEdits.list(pairs.x());
    List<Exact> y = DataEdits.list(pairs.y());
    if (x.size() > MOST_ROWS) {
      return;
    }
    for (int row = 0; row < x.size(); row++) {
      String value = PlainText.of(x.get(row)) + ";" + PlainText.of(y.get(row));
      if (x.size() > 1) {
        add(Cause.VALUE_LEFT_OUT, pairs(without(x, row), without(y, row)), "value", value);
      }
      add(Cause.VALUE_TWICE, pairs(twice(x, row), twice(y, row)), "value", value);
      for (Changed changed : changed(x.get(row))) {
        add(changed, pairs(with(x, row, changed.to()), y));
      }
      for (Changed changed : changed(y.get(row))) {
        add(changed, pairs(x, with(y, row, changed.to())));
      }
    }
  }

  private void find(Groups groups) {
    if (groups.total().compareTo(Exact.of(MOST_ROWS)) > 0) {
      return;
    }
    for (int group = 0; group < groups.samples().size(); group++) {
      List<Exact> values = DataEdits.list(groups.samples().get(group).sample().values().present());
      for (int i = 0; i < values.size(); i++) {
        String value = PlainText.of(values.get(i));
        if (values.size() > 1) {
          add(Cause.VALUE_LEFT_OUT, groups(groups, group, without(values, i)), "value", value);
        }
        add(Cause.VALUE_TWICE, groups(groups, group, twice(values, i)), "value", value);
        for (Changed changed : changed(values.get(i))) {
          add(changed, groups(groups, group, with(values, i, changed.to())));
        }
      }
    }
  }

  private void find(CrossTable table) {
    for (int row = 0; row < table.rows().size(); row++) {
      for (int column = 0; column < table.columns().size(); column++) {
        for (Changed changed : changed(table.count(row, column))) {
          if (changed.to().isWhole() && changed.to().signum() >= 0) {
            cross(table, row, column, changed.to()).ifPresent(other -> add(changed, other));
          }
        }
      }
    }
  }

  /** A number that a hand wrote otherwise. */
  private record Changed(Cause cause, Exact from, Exact to) {}

  private static List<Changed> changed(Exact value) {
    List<Changed> changed = new ArrayList<>();
    DigitSwaps.of(value).forEach(to -> changed.add(new Changed(Cause.DIGITS_SWAPPED, value, to)));
    if (value.signum() != 0) {
      changed.add(new Changed(Cause.POINT_MOVED, value, value.times(TEN)));
      changed.add(new Changed(Cause.POINT_MOVED, value, value.over(TEN)));
    }
    return changed;
  }

  private void add(Changed changed, Data data) {
    add(
        changed.cause(),
        data,
        "value",
        PlainText.of(changed.from()),
        "as",
        PlainText.of(changed.to()));
  }

  private void add(Cause cause, Data changed, String... params) {
    out.add(cause, Computation.of(changed, problem.rules()).result(problem.task()), params);
  }

  private static List<Exact> without(List<Exact> values, int index) {
    List<Exact> left = new ArrayList<>(values);
    left.remove(index);
    return left;
  }

  private static List<Exact> twice(List<Exact> values, int index) {
    List<Exact> more = new ArrayList<>(values);
    more.add(values.get(index));
    return more;
  }

  private static List<Exact> with(List<Exact> values, int index, Exact other) {
    List<Exact> changed = new ArrayList<>(values);
    changed.set(index, other);
    return changed;
  }

  private static Data pairs(List<Exact> x, List<Exact> y) {
    return Pairs.of(Values.of(x), Values.of(y));
  }

  private static Data groups(Groups groups, int index, List<Exact> values) {
    List<Groups.Group> changed = new ArrayList<>(groups.samples());
    String name = changed.get(index).name();
    changed.set(index, new Groups.Group(name, new Sample(Values.of(values))));
    return new Groups(changed);
  }

  private static Optional<Data> cross(CrossTable table, int row, int column, Exact count) {
    List<List<Exact>> counts = new ArrayList<>(table.counts());
    counts.set(row, with(table.counts().get(row), column, count));
    try {
      return Optional.of(CrossTable.read(table.rows(), table.columns(), counts, 0));
    } catch (BadInputException e) {
      // All counts would be 0.
      return Optional.empty();
    }
  }
}
