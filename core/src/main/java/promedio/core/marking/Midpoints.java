package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import promedio.core.formula.Rewriting;
import promedio.core.measure.ClassModes;
import promedio.core.measure.Grouped;
import promedio.core.measure.Measure;
import promedio.core.measure.Measures;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.GroupedMode;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.FrequencyTable;

/**
 * What a hand takes for the midpoints of classes.
 *
 * @param intervals the classes
 * @param values what is taken for the midpoint of each; none where it is not needed
 */
record Midpoints(List<Interval> intervals, List<Optional<Exact>> values) {

  /** {@return the right ones}; none where a class that needs one has none */
  static Optional<Midpoints> of(ClassTable table, CourseRules rules) {
    List<Interval> intervals = Grouped.of(table, rules.get(Rule.OPEN_CLASS)).intervals();
    return new Midpoints(intervals, intervals.stream().map(Interval::midpoint).toList()).complete();
  }

  /** {@return this}, unless a class with values has none */
  Optional<Midpoints> complete() {
    return IntStream.range(0, intervals.size())
            .allMatch(i -> values.get(i).isPresent() || intervals.get(i).frequency().signum() == 0)
        ? Optional.of(this)
        : Optional.empty();
  }

  /** {@return others, made of these} */
  Midpoints changed(UnaryOperator<Exact> change) {
    return new Midpoints(intervals, values.stream().map(value -> value.map(change)).toList());
  }

  /** {@return them as the values of a table} */
  FrequencyTable table() {
    List<FrequencyTable.Row> rows = new ArrayList<>();
    for (int i = 0; i < intervals.size(); i++) {
      Exact frequency = intervals.get(i).frequency();
      values.get(i).ifPresent(value -> rows.add(new FrequencyTable.Row(value, frequency)));
    }
    return new FrequencyTable(rows, 0);
  }

  /** {@return what the question comes to with them; nothing where it uses no midpoints} */
  List<Result> outcomes(Question question) {
    Measure measure = question.measure();
    if (measure == Measure.MODES) {
      return modes(question).stream().toList();
    }
    if (OrderSlips.share(measure).isPresent() || measure == Measure.MIN || measure == Measure.MAX) {
      return List.of();
    }
    if (measure == Measure.GEOMETRIC_MEAN) {
      return List.of(Measures.of(table(), question.rules()).get(measure));
    }
    return question
        .formulas()
        .rewritten(Rewriting.ofRows(table().tally()))
        .value(measure)
        .<Result>map(Result.Found::new)
        .stream()
        .toList();
  }

  private Optional<Result> modes(Question question) {
    GroupedMode rule = question.rules().get(Rule.GROUPED_MODE);
    if (rule == GroupedMode.INTERPOLATED) {
      return Optional.empty();
    }
    if (rule == GroupedMode.EMPIRICAL) {
      return Optional.of(
          Result.both(
                  question.measures().get(Measure.MEDIAN),
                  Measures.of(table(), question.rules()).get(Measure.MEAN),
                  (median, mean) -> median.times(3).minus(mean.times(2)))
              .then(mode -> new Result.Several(List.of(mode))));
    }
    TreeSet<Exact> found = new TreeSet<>();
    ClassModes.modal(intervals).forEach(modal -> values.get(modal.index()).ifPresent(found::add));
    return found.isEmpty() || question.right() instanceof Result.Absent
        ? Optional.empty()
        : Optional.of(new Result.Several(List.copyOf(found)));
  }
}
