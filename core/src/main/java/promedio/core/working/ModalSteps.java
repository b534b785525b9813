package promedio.core.working;

import java.util.ArrayList;
import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Grouped;
import promedio.core.measure.InspectionResult;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.sample.ClassTable.Interval;

/** The steps that find the modes of a class table. */
final class ModalSteps {

  /** The names of what is read of a modal class, in the order in which the hand reads them. */
  private static final List<Quantity> READ =
      List.of(Quantity.CLASS_LOWER, Quantity.CLASS_UPPER, Quantity.CLASS_WIDTH);

  private final WorkingBuilder working;
  private final Formula left;
  private final Grouped grouped;

  ModalSteps(WorkingBuilder working, Formula left, Grouped grouped) {
    this.working = working;
    this.left = left;
    this.grouped = grouped;
  }

  /** {@return the modes, after the steps that find them} */
  List<Real> modes(List<InspectionResult> sightings) {
    working.table().addFrequencies();
    if (!alike()) {
      working.addDensities();
    }
    List<Real> modes = new ArrayList<>();
    for (InspectionResult inspection : sightings) {
      see(grouped.intervals().get(inspection.row()));
      READ.stream()
          .filter(inspection.found()::containsKey)
          .forEach(name -> working.agree(name.formula(), inspection.found().get(name)));
      beside(inspection);
      if (working.find(left, inspection.formula()) && !modes.contains(working.value(left))) {
        modes.add(working.value(left));
      }
    }
    return modes;
  }

  /** The classes beside it, in densities where widths differ, and by how much it exceeds them. */
  private void beside(InspectionResult inspection) {
    boolean excess = inspection.found().containsKey(Quantity.OVER_BEFORE);
    Quantity next = alike() ? Quantity.FREQUENCY_AFTER : Quantity.DENSITY_AFTER;
    Formula before = (alike() ? Quantity.FREQUENCY_BEFORE : Quantity.DENSITY_BEFORE).formula();
    Formula after = next.formula();
    Formula own = (alike() ? Quantity.CLASS_FREQUENCY : Quantity.CLASS_DENSITY).formula();
    if (excess) {
      working.agree(own, height(inspection.row()));
    }
    if (excess || inspection.formula().mentions(next)) {
      working.agree(before, height(inspection.row() - 1));
      working.agree(after, height(inspection.row() + 1));
    }
    if (excess) {
      working.find(Quantity.OVER_BEFORE.formula(), own.minus(before));
      working.find(Quantity.OVER_AFTER.formula(), own.minus(after));
    }
  }

  private boolean alike() {
    return grouped.commonWidth().isPresent();
  }

  /** Nothing stands beyond the ends. */
  private Exact height(int row) {
    if (row < 0 || row >= grouped.intervals().size()) {
      return Exact.ZERO;
    }
    Interval interval = grouped.intervals().get(row);
    return alike() ? interval.frequency() : interval.density().orElseThrow();
  }

  private void see(Interval interval) {
    Exact height = alike() ? interval.frequency() : interval.density().orElseThrow();
    working.add(
        new WorkingStep.Seen(
            alike() ? Sight.MOST_FREQUENT_CLASS : Sight.MODAL_CLASS,
            List.of(height, interval.lower().orElseThrow(), interval.upper().orElseThrow())));
  }
}
