package promedio.core.measure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Inspection.Seen;
import promedio.core.measure.ModalClasses.Reading;
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
  static Seen look(Grouped grouped, CourseRules rules, Reading reading) {
    return new ClassModes(grouped.intervals()).find(grouped, rules, reading);
  }

  /**
   * A modal class.
   *
   * @param index which, from 0
   * @param interval the class
   * @param density its density
   * @param before the density of the class before
   * @param after the density of the class after
   */
  public record Modal(int index, Interval interval, Exact density, Exact before, Exact after) {

    /**
     * {@return the numbers that the mode is read of}; none in an open class, or where the classes
     * beside it do not tell where it lies
     */
    public Optional<InspectionResult> read(Grouped grouped, Reading reading) {
      if (interval.width().isEmpty()) {
        return Optional.empty();
      }
      return switch (reading) {
        case MIDPOINT ->
            Optional.of(
                seen(
                    Map.of(Quantity.CLASS_UPPER, interval.upper().orElseThrow()),
                    ModalClasses.midpoint()));
        case BY_EXCESS ->
            between(
                Quantity.OVER_BEFORE,
                density.minus(before),
                Quantity.OVER_AFTER,
                density.minus(after),
                Quantity.OVER_BEFORE,
                grouped);
        case BY_NEIGHBOURS -> {
          boolean alike = grouped.commonWidth().isPresent();
          Quantity after = alike ? Quantity.FREQUENCY_AFTER : Quantity.DENSITY_AFTER;
          yield between(
              alike ? Quantity.FREQUENCY_BEFORE : Quantity.DENSITY_BEFORE,
              this.before,
              after,
              this.after,
              after,
              grouped);
        }
      };
    }

    /** With equal widths the frequencies themselves are compared, as the hand does it. */
    private Optional<InspectionResult> between(
        Quantity first,
        Exact ofFirst,
        Quantity second,
        Exact ofSecond,
        Quantity part,
        Grouped grouped) {
      if (ofFirst.plus(ofSecond).signum() == 0) {
        return Optional.empty();
      }
      Exact unit = grouped.commonWidth().orElse(Exact.ONE);
      return Optional.of(
          seen(
              Map.of(
                  first,
                  ofFirst.times(unit),
                  second,
                  ofSecond.times(unit),
                  Quantity.CLASS_WIDTH,
                  interval.width().orElseThrow()),
              ModalClasses.between(part, first, second)));
    }

    private InspectionResult seen(Map<Quantity, Exact> others, Formula formula) {
      Map<Quantity, Exact> found = new HashMap<>(others);
      found.put(Quantity.CLASS_LOWER, interval.lower().orElseThrow());
      return InspectionResult.of(index, found, formula);
    }
  }

  private Seen find(Grouped grouped, CourseRules rules, Reading reading) {
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
        modal.stream().map(each -> each.read(grouped, reading)).flatMap(Optional::stream).toList();
    if (!found.isEmpty()) {
      return new Inspection.Numbers(found);
    }
    boolean open = modal.stream().allMatch(each -> each.interval().width().isEmpty());
    String why = reading == Reading.BY_NEIGHBOURS ? "empty-neighbours" : "flat-neighbours";
    return Inspection.nothing(open ? "open-no-density" : why);
  }

  private List<Modal> densest(List<Exact> densities) {
    Exact highest = densities.stream().max(Exact::compareTo).orElseThrow();
    List<Modal> modal = new ArrayList<>();
    for (int i = 0; i < densities.size(); i++) {
      if (densities.get(i).equals(highest)) {
        Exact before = i == 0 ? Exact.ZERO : densities.get(i - 1);
        Exact after = i == densities.size() - 1 ? Exact.ZERO : densities.get(i + 1);
        modal.add(new Modal(i, intervals.get(i), highest, before, after));
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
