package promedio.core.working;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Formulas;
import promedio.core.formula.Quantity;
import promedio.core.measure.ClassModes;
import promedio.core.measure.ClassModes.Modal;
import promedio.core.measure.Grouped;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.GroupedMode;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable.Interval;

/** The steps that find the modes of a class table. */
final class ModalSteps {

  private static final Formula MODE = Quantity.MODE.formula();
  private static final Formula L = Quantity.CLASS_LOWER.formula();
  private static final Formula U = Quantity.CLASS_UPPER.formula();
  private static final Formula H = Quantity.CLASS_WIDTH.formula();
  private static final Formula D1 = Quantity.OVER_BEFORE.formula();
  private static final Formula D2 = Quantity.OVER_AFTER.formula();

  private final WorkingBuilder working;
  private final Formulas formulas;
  private final Grouped grouped;
  private final CourseRules rules;

  ModalSteps(WorkingBuilder working, Formulas formulas, CourseRules rules) {
    this.working = working;
    this.formulas = formulas;
    this.grouped = formulas.classes().orElseThrow();
    this.rules = rules;
  }

  /** {@return the modes, after the steps that find them; none where the result is absent} */
  Optional<List<Real>> modes(Result result) {
    if (!(result instanceof Result.Several)) {
      return Optional.empty();
    }
    if (rules.get(Rule.GROUPED_MODE) == GroupedMode.EMPIRICAL) {
      Formula mean = formulas.symbol(Measure.MEAN).formula();
      Formula median = Quantity.MEDIAN.formula();
      boolean found = working.find(MODE, number(3).times(median).minus(number(2).times(mean)));
      return found ? Optional.of(List.of(working.value(MODE))) : Optional.empty();
    }
    working.table().addFrequencies();
    List<Real> modes = new ArrayList<>();
    for (Modal modal : ClassModes.modal(grouped.intervals())) {
      mode(modal).filter(found -> !modes.contains(found)).ifPresent(modes::add);
    }
    return Optional.of(modes);
  }

  private Optional<Exact> mode(Modal modal) {
    Interval interval = modal.interval();
    if (interval.width().isEmpty()) {
      return Optional.empty();
    }
    Optional<Exact> common = grouped.commonWidth();
    Exact lower = interval.lower().orElseThrow();
    Exact upper = interval.upper().orElseThrow();
    Exact height = common.isPresent() ? interval.frequency() : interval.density().orElseThrow();
    working.add(
        new WorkingStep.Seen(
            common.isPresent() ? Sight.MOST_FREQUENT_CLASS : Sight.MODAL_CLASS,
            List.of(height, lower, upper)));
    working.agree(L, lower);
    if (rules.get(Rule.GROUPED_MODE) == GroupedMode.MIDPOINT) {
      working.agree(U, upper);
      return working.find(MODE, L.plus(U).over(number(2)))
          ? Optional.of(working.value(MODE))
          : Optional.empty();
    }
    if (modal.interpolated().isEmpty()) {
      return Optional.empty();
    }
    // With equal widths the frequencies themselves are compared, as the hand does it.
    Exact unit = common.orElse(Exact.ONE);
    working.agree(D1, modal.overBefore().times(unit));
    working.agree(D2, modal.overAfter().times(unit));
    working.agree(H, interval.width().orElseThrow());
    return working.find(MODE, L.plus(D1.over(D1.plus(D2)).times(H)))
        ? Optional.of(working.value(MODE))
        : Optional.empty();
  }
}
