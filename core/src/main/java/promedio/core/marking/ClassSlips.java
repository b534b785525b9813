package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import promedio.core.measure.ClassModes;
import promedio.core.measure.ClassModes.Modal;
import promedio.core.measure.ClassPlace;
import promedio.core.measure.Grouped;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.measure.Result.Found;
import promedio.core.measure.Result.Several;
import promedio.core.number.Exact;
import promedio.core.rules.GroupedMode;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;

/** Slips with the limits, boundaries and cumulative frequencies of classes. */
final class ClassSlips {

  private final Question question;
  private final Candidates out;
  private final ClassTable table;
  private final List<Interval> intervals;

  private ClassSlips(Question question, Candidates out, ClassTable table) {
    this.question = question;
    this.out = out;
    this.table = table;
    this.intervals = Grouped.of(table, question.rules().get(Rule.OPEN_CLASS)).intervals();
  }

  static void find(Question question, Candidates out) {
    if (question.data() instanceof ClassTable table) {
      ClassSlips slips = new ClassSlips(question, out, table);
      slips.midpoints();
      slips.places();
      if (question.measure() == Measure.MODES) {
        slips.modes();
      }
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
    new Midpoints(intervals, taken)
        .complete()
        .ifPresent(m -> m.outcomes(question).forEach(outcome -> out.add(cause, outcome)));
  }

  /** Slips in L + (t − F)/f · h. */
  private void places() {
    Optional<ClassPlace> found =
        OrderSlips.share(question.measure()).flatMap(question.formulas()::place);
    if (found.isEmpty() || found.get().value().isEmpty()) {
      return;
    }
    ClassPlace place = found.get();
    Exact step = place.position().minus(place.before()).over(place.interval().frequency());
    Exact lower = place.interval().lower().orElseThrow();
    Exact width = place.interval().width().orElseThrow();
    ClassTable.Row row = table.rows().get(place.index());
    limit(row).ifPresent(l -> add(Cause.LIMIT_NOT_BOUNDARY, l.plus(step.times(width))));
    width(row).ifPresent(h -> add(Cause.WIDTH_FROM_LIMITS, lower.plus(step.times(h))));
    add(Cause.OWN_CLASS_CUMULATED, lower.plus(step.minus(Exact.ONE).times(width)));
    for (int beside : new int[] {place.index() - 1, place.index() + 1}) {
      neighbour(place, beside).ifPresent(value -> add(Cause.NEIGHBOUR_CLASS, value));
    }
  }

  private Optional<Exact> limit(ClassTable.Row row) {
    return table.gap().signum() > 0 ? row.lower() : Optional.empty();
  }

  private Optional<Exact> width(ClassTable.Row row) {
    return table.gap().signum() > 0
        ? row.upper().flatMap(u -> row.lower().map(u::minus))
        : Optional.empty();
  }

  private Optional<Exact> neighbour(ClassPlace place, int index) {
    if (index < 0 || index >= intervals.size()) {
      return Optional.empty();
    }
    Interval beside = intervals.get(index);
    Exact before =
        index < place.index()
            ? place.before().minus(beside.frequency())
            : place.before().plus(place.interval().frequency());
    return beside.frequency().signum() == 0
        ? Optional.empty()
        : new ClassPlace(index, place.position(), before, beside).value();
  }

  private void add(Cause cause, Exact value) {
    out.add(cause, new Found(value));
  }

  private void modes() {
    GroupedMode rule = question.rules().get(Rule.GROUPED_MODE);
    if (rule == GroupedMode.EMPIRICAL || question.right() instanceof Result.Absent) {
      return;
    }
    boolean interpolated = rule == GroupedMode.INTERPOLATED;
    if (interpolated) {
      mode(Cause.LIMIT_NOT_BOUNDARY, modal -> read(modal, limit(row(modal)), width(modal)));
      mode(
          Cause.WIDTH_FROM_LIMITS,
          modal -> read(modal, modal.interval().lower(), width(row(modal))));
    }
    for (int by : new int[] {-1, 1}) {
      mode(
          Cause.NEIGHBOUR_CLASS,
          modal ->
              beside(modal.index() + by)
                  .flatMap(
                      other -> interpolated ? other.interpolated() : other.interval().midpoint()));
    }
  }

  private ClassTable.Row row(Modal modal) {
    return table.rows().get(modal.index());
  }

  private static Optional<Exact> width(Modal modal) {
    return modal.interval().width();
  }

  private static Optional<Exact> read(Modal modal, Optional<Exact> from, Optional<Exact> width) {
    Exact both = modal.overBefore().plus(modal.overAfter());
    return both.signum() == 0 || from.isEmpty() || width.isEmpty()
        ? Optional.empty()
        : Optional.of(from.get().plus(modal.overBefore().over(both).times(width.get())));
  }

  /** The class at the index, read as if it were a modal one. */
  private Optional<Modal> beside(int index) {
    if (index < 0 || index >= intervals.size()) {
      return Optional.empty();
    }
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
    Exact own = densities.get(1).orElseThrow();
    return Optional.of(
        new Modal(
            index,
            intervals.get(index),
            own.minus(densities.get(0).orElseThrow()),
            own.minus(densities.get(2).orElseThrow())));
  }

  private void mode(Cause cause, Function<Modal, Optional<Exact>> read) {
    TreeSet<Exact> found = new TreeSet<>();
    ClassModes.modal(intervals).forEach(modal -> read.apply(modal).ifPresent(found::add));
    if (!found.isEmpty()) {
      out.add(cause, new Several(List.copyOf(found)));
    }
  }
}
