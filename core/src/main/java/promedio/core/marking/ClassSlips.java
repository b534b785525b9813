package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.catalogue.Measures;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.ClassModes.Modal;
import promedio.core.measure.ClassPlace;
import promedio.core.measure.Grouped;
import promedio.core.measure.InspectionResult;
import promedio.core.measure.ModalClasses.Reading;
import promedio.core.measure.ReachedClass;
import promedio.core.measure.Result;
import promedio.core.measure.Rewriting;
import promedio.core.number.Exact;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.slip.Cause;

/** Slips with the limits, boundaries and cumulative frequencies of classes. */
final class ClassSlips {

  private final Problem problem;
  private final Candidates out;
  private final ClassTable table;
  private final Grouped grouped;
  private final List<Interval> intervals;

  private ClassSlips(Problem problem, Candidates out, ClassTable table) {
    this.problem = problem;
    this.out = out;
    this.table = table;
    this.grouped = problem.context().classes().orElseThrow();
    this.intervals = grouped.intervals();
  }

  static void find(Problem problem, Candidates out) {
    problem.data().classes().ifPresent(table -> new ClassSlips(problem, out, table).find());
  }

  private void find() {
    midpoints();
    if (problem.inspection().isPresent() && !(problem.right() instanceof Result.Absent)) {
      reading();
    }
  }

  private void midpoints() {
    List<Optional<Exact>> lower = table.rows().stream().map(ClassTable.Row::lower).toList();
    List<Optional<Exact>> upper = table.rows().stream().map(ClassTable.Row::upper).toList();
    midpoints(Cause.LOWER_LIMITS_USED, lower);
    midpoints(Cause.UPPER_LIMITS_USED, upper);
    Exact half = table.gap().over(2);
    // 10–19 taken for 10–20 has its middle half a gap further up.
    midpoints(
        Cause.GAP_IGNORED, intervals.stream().map(i -> i.midpoint().map(half::plus)).toList());
  }

  private void midpoints(Cause cause, List<Optional<Exact>> taken) {
    new Midpoints(intervals, taken).complete().ifPresent(m -> out.add(cause, m.outcome(problem)));
  }

  /** Slips in L + (t − F)/f · h, and in L + d₁/(d₁ + d₂) · h. */
  private void reading() {
    seen(
        Cause.LIMIT_NOT_BOUNDARY,
        inspection -> replaced(inspection, Quantity.CLASS_LOWER, limit(row(inspection))));
    seen(
        Cause.WIDTH_FROM_LIMITS,
        inspection -> replaced(inspection, Quantity.CLASS_WIDTH, width(row(inspection))));
    seen(
        Cause.OWN_CLASS_CUMULATED,
        inspection ->
            replaced(
                inspection,
                Quantity.CUMULATIVE_BEFORE,
                number(inspection, Quantity.CUMULATIVE_BEFORE)
                    .flatMap(
                        before -> number(inspection, Quantity.CLASS_FREQUENCY).map(before::plus))));
    if (problem.measure() != Measures.MODES) {
      seen(Cause.MIDPOINT_GIVEN, this::middle);
    }
    for (int by : new int[] {-1, 1}) {
      seen(Cause.NEIGHBOUR_CLASS, inspection -> beside(inspection, inspection.row() + by));
    }
  }

  private void seen(Cause cause, Function<InspectionResult, Optional<InspectionResult>> otherwise) {
    out.add(cause, problem.by(Rewriting.ofSightings(otherwise)));
  }

  private static Optional<Exact> number(InspectionResult inspection, Quantity quantity) {
    return Optional.ofNullable(inspection.found().get(quantity));
  }

  /** Another number for one that was read; nothing where that was not read, or is not there. */
  private static Optional<InspectionResult> replaced(
      InspectionResult inspection, Quantity quantity, Optional<Exact> other) {
    boolean interpolated = inspection.found().containsKey(Quantity.CLASS_WIDTH);
    return interpolated && inspection.found().containsKey(quantity)
        ? other.map(value -> inspection.with(quantity, value))
        : Optional.empty();
  }

  private Optional<InspectionResult> middle(InspectionResult inspection) {
    return intervals
        .get(inspection.row())
        .midpoint()
        .map(midpoint -> inspection.with(new Formula.Numeral(midpoint)));
  }

  private ClassTable.Row row(InspectionResult inspection) {
    return table.rows().get(inspection.row());
  }

  private Optional<Exact> limit(ClassTable.Row row) {
    return table.gap().signum() > 0 ? row.lower() : Optional.empty();
  }

  private Optional<Exact> width(ClassTable.Row row) {
    return table.gap().signum() > 0
        ? row.upper().flatMap(u -> row.lower().map(u::minus))
        : Optional.empty();
  }

  /** The class at the index, read in the place of the one that was found. */
  private Optional<InspectionResult> beside(InspectionResult inspection, int index) {
    if (index < 0 || index >= intervals.size()) {
      return Optional.empty();
    }
    return number(inspection, Quantity.PLACE).isPresent()
        ? reached(inspection, index)
        : modal(index);
  }

  private Optional<InspectionResult> reached(InspectionResult inspection, int index) {
    Interval beside = intervals.get(index);
    Exact before = inspection.found().get(Quantity.CUMULATIVE_BEFORE);
    Exact there =
        index < inspection.row()
            ? before.minus(beside.frequency())
            : before.plus(inspection.found().get(Quantity.CLASS_FREQUENCY));
    return beside.frequency().signum() == 0
        ? Optional.empty()
        : ReachedClass.read(
            new ClassPlace(index, inspection.found().get(Quantity.PLACE), there, beside));
  }

  /** The class at the index, read as if it were a modal one. */
  private Optional<InspectionResult> modal(int index) {
    List<Optional<Exact>> densities = new ArrayList<>();
    for (int i = index - 1; i <= index + 1; i++) {
      densities.add(
          i < 0 || i >= intervals.size() || intervals.get(i).frequency().signum() == 0
              ? Optional.of(Exact.ZERO)
              : intervals.get(i).density());
    }
    if (densities.contains(Optional.<Exact>empty()) || intervals.get(index).width().isEmpty()) {
      return Optional.empty();
    }
    Reading reading =
        Optional.of(problem.rules().get(Rule.GROUPED_MODE))
            .filter(rule -> problem.measure() == Measures.MODES)
            .flatMap(Reading::of)
            .orElse(Reading.MIDPOINT);
    return new Modal(
            index,
            intervals.get(index),
            densities.get(1).orElseThrow(),
            densities.get(0).orElseThrow(),
            densities.get(2).orElseThrow())
        .read(grouped, reading);
  }
}
