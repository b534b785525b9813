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
    if (grouped.commonWidth().isEmpty()) {
      working.addDensities();
    }
    List<Real> modes = new ArrayList<>();
    for (InspectionResult inspection : sightings) {
      see(grouped.intervals().get(inspection.row()));
      READ.stream()
          .filter(inspection.found()::containsKey)
          .forEach(name -> working.agree(name.formula(), inspection.found().get(name)));
      if (inspection.found().containsKey(Quantity.OVER_BEFORE)) {
        excess(inspection);
      }
      if (working.find(left, inspection.formula()) && !modes.contains(working.value(left))) {
        modes.add(working.value(left));
      }
    }
    return modes;
  }

  /** By how much the class exceeds those beside it, in densities where widths differ. */
  private void excess(InspectionResult inspection) {
    boolean alike = grouped.commonWidth().isPresent();
    Formula own = (alike ? Quantity.CLASS_FREQUENCY : Quantity.CLASS_DENSITY).formula();
    Formula before = (alike ? Quantity.FREQUENCY_BEFORE : Quantity.DENSITY_BEFORE).formula();
    Formula after = (alike ? Quantity.FREQUENCY_AFTER : Quantity.DENSITY_AFTER).formula();
    working.agree(own, height(inspection.row()));
    working.agree(before, height(inspection.row() - 1));
    working.agree(after, height(inspection.row() + 1));
    working.find(Quantity.OVER_BEFORE.formula(), own.minus(before));
    working.find(Quantity.OVER_AFTER.formula(), own.minus(after));
  }

  /** Nothing stands beyond the ends. */
  private Exact height(int row) {
    if (row < 0 || row >= grouped.intervals().size()) {
      return Exact.ZERO;
    }
    Interval interval = grouped.intervals().get(row);
    return grouped.commonWidth().isPresent()
        ? interval.frequency()
        : interval.density().orElseThrow();
  }

  private void see(Interval interval) {
    boolean alike = grouped.commonWidth().isPresent();
    Exact height = alike ? interval.frequency() : interval.density().orElseThrow();
    working.add(
        new WorkingStep.Seen(
            alike ? Sight.MOST_FREQUENT_CLASS : Sight.MODAL_CLASS,
            List.of(height, interval.lower().orElseThrow(), interval.upper().orElseThrow())));
  }
}
