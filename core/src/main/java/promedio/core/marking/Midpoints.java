package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Grouped;
import promedio.core.measure.InspectionResult;
import promedio.core.measure.Result;
import promedio.core.measure.Rewriting;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.FrequencyTable;

/**
 * What a hand takes for the midpoints of classes.
 *
 * @param intervals the classes
 * @param values what is taken for the midpoint of each; none where it is not needed
 */
record Midpoints(List<Interval> intervals, List<Optional<Exact>> values) {

  /**
   * {@return the right ones}; none where a class that needs one has none, or there are no classes
   */
  static Optional<Midpoints> of(Problem problem) {
    return problem
        .context()
        .classes()
        .map(Grouped::intervals)
        .flatMap(
            found ->
                new Midpoints(found, found.stream().map(Interval::midpoint).toList()).complete());
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
    return FrequencyTable.of(rows, 0);
  }

  /** {@return what the problem comes to with them; what uses none comes to the right result} */
  Result outcome(Problem problem) {
    return problem.by(
        new Rewriting(
            UnaryOperator.identity(), Map.of(), this::read, Optional.of(table().tally())));
  }

  /** Where the mode is a midpoint, it is another one. */
  private Optional<InspectionResult> read(InspectionResult inspection) {
    return inspection.found().containsKey(Quantity.CLASS_UPPER)
        ? values.get(inspection.row()).map(value -> inspection.with(new Formula.Numeral(value)))
        : Optional.of(inspection);
  }
}
