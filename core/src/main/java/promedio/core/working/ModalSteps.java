package promedio.core.working;

import java.util.ArrayList;
import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Grouped;
import promedio.core.measure.Sighting;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.sample.ClassTable.Interval;

/** The steps that find the modes of a class table. */
final class ModalSteps {

  /** The names of what is read of a modal class, in the order in which the hand reads them. */
  private static final List<Quantity> READ =
      List.of(
          Quantity.CLASS_LOWER,
          Quantity.CLASS_UPPER,
          Quantity.OVER_BEFORE,
          Quantity.OVER_AFTER,
          Quantity.CLASS_WIDTH);

  private final WorkingBuilder working;
  private final Formula left;
  private final Grouped grouped;

  ModalSteps(WorkingBuilder working, Formula left, Grouped grouped) {
    this.working = working;
    this.left = left;
    this.grouped = grouped;
  }

  /** {@return the modes, after the steps that find them} */
  List<Real> modes(List<Sighting> sightings) {
    working.table().addFrequencies();
    List<Real> modes = new ArrayList<>();
    for (Sighting sighting : sightings) {
      see(grouped.intervals().get(sighting.row()));
      READ.stream()
          .filter(sighting.found()::containsKey)
          .forEach(name -> working.agree(name.formula(), sighting.found().get(name)));
      if (working.find(left, sighting.formula()) && !modes.contains(working.value(left))) {
        modes.add(working.value(left));
      }
    }
    return modes;
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
