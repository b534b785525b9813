package promedio.core.measure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.measure.Inspection.Seen;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.ModeRule;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable.Interval;

/** The modes of a class table, from the classes of highest density. */
public final class ClassModes {

  private final List<Interval> intervals;

  private ClassModes(List<Interval> intervals) {
    this.intervals = intervals;
  }

  /** {@return the modal classes and what is read in them, or why there are none} */
  static Seen look(Grouped grouped, CourseRules rules, boolean interpolated) {
    return new ClassModes(grouped.intervals()).find(grouped, rules, interpolated);
  }

  /**
   * A modal class.
   *
   * @param index which, from 0
   * @param interval the class
   * @param overBefore d₁, by how much it is denser than the class before
   * @param overAfter d₂, by how much it is denser than the class after
   */
  public record Modal(int index, Interval interval, Exact overBefore, Exact overAfter) {

    /**
     * {@return the numbers that the mode is read of}; none in an open class, or where nothing is
     * less dense
     *
     * @param interpolated whether the mode is interpolated, or the midpoint
     */
    public Optional<InspectionResult> read(Grouped grouped, boolean interpolated) {
      if (interval.width().isEmpty()
          || (interpolated && overBefore.plus(overAfter).signum() == 0)) {
        return Optional.empty();
      }
      Map<Quantity, Exact> found = new HashMap<>();
      found.put(Quantity.CLASS_LOWER, interval.lower().orElseThrow());
      if (!interpolated) {
        found.put(Quantity.CLASS_UPPER, interval.upper().orElseThrow());
        return Optional.of(InspectionResult.of(index, found, ModalClasses.MIDPOINT));
      }
      // With equal widths the frequencies themselves are compared, as the hand does it.
      Exact unit = grouped.commonWidth().orElse(Exact.ONE);
      found.put(Quantity.OVER_BEFORE, overBefore.times(unit));
      found.put(Quantity.OVER_AFTER, overAfter.times(unit));
      found.put(Quantity.CLASS_WIDTH, interval.width().orElseThrow());
      return Optional.of(InspectionResult.of(index, found, ModalClasses.INTERPOLATED));
    }
  }

  private Seen find(Grouped grouped, CourseRules rules, boolean interpolated) {
    Optional<List<Exact>> densities = densities();
    if (densities.isEmpty()) {
      return Inspection.nothing("open-no-density");
    }
    List<Modal> modal = densest(densities.get());
    boolean allEqual = modal.size() == intervals.size() && modal.size() > 1;
    if (allEqual && rules.get(Rule.MODE) == ModeRule.NONE_WHEN_ALL_EQUAL) {
      return Inspection.nothing("all-equally-dense");
    }
    List<InspectionResult> found =
        modal.stream()
            .map(each -> each.read(grouped, interpolated))
            .flatMap(Optional::stream)
            .toList();
    if (!found.isEmpty()) {
      return new Inspection.Numbers(found);
    }
    boolean open = modal.stream().allMatch(each -> each.interval().width().isEmpty());
    return Inspection.nothing(open ? "open-no-density" : "flat-neighbours");
  }

  private List<Modal> densest(List<Exact> densities) {
    Exact highest = densities.stream().max(Exact::compareTo).orElseThrow();
    List<Modal> modal = new ArrayList<>();
    for (int i = 0; i < densities.size(); i++) {
      if (densities.get(i).equals(highest)) {
        Exact before = i == 0 ? Exact.ZERO : densities.get(i - 1);
        Exact after = i == densities.size() - 1 ? Exact.ZERO : densities.get(i + 1);
        modal.add(new Modal(i, intervals.get(i), highest.minus(before), highest.minus(after)));
      }
    }
    return modal;
  }

  /** An open class counts as of the common width of the others; none where they have none. */
  private Optional<List<Exact>> densities() {
    List<Exact> widths =
        intervals.stream().map(Interval::width).flatMap(Optional::stream).distinct().toList();
    List<Exact> densities = new ArrayList<>();
    for (Interval interval : intervals) {
      Optional<Exact> density = interval.density();
      if (density.isEmpty() && widths.size() == 1) {
        density = Optional.of(interval.frequency().over(widths.get(0)));
      }
      if (density.isEmpty()) {
        return Optional.empty();
      }
      densities.add(density.get());
    }
    return Optional.of(densities);
  }
}
