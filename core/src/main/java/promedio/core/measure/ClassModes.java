package promedio.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.GroupedMode;
import promedio.core.rules.ModeRule;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable.Interval;

/** The modes of a class table, from the classes of highest density. */
public final class ClassModes {

  private final List<Interval> intervals;

  private ClassModes(List<Interval> intervals) {
    this.intervals = intervals;
  }

  /** {@return the modes, interpolated or as midpoints, or why there are none} */
  static Result of(List<Interval> intervals, CourseRules rules) {
    return new ClassModes(intervals).find(rules);
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

    /** {@return L + d₁/(d₁ + d₂) · h; none in an open class, or where both are 0} */
    public Optional<Exact> interpolated() {
      Exact both = overBefore.plus(overAfter);
      return both.signum() == 0
          ? Optional.empty()
          : interval
              .width()
              .map(h -> interval.lower().orElseThrow().plus(overBefore.over(both).times(h)));
    }
  }

  /**
   * {@return the modal classes}; none where the density of an open class is not known
   *
   * @param intervals the classes
   */
  public static List<Modal> modal(List<Interval> intervals) {
    ClassModes modes = new ClassModes(intervals);
    return modes.densities().map(modes::densest).orElse(List.of());
  }

  private Result find(CourseRules rules) {
    Optional<List<Exact>> densities = densities();
    if (densities.isEmpty()) {
      return Result.absent("open-no-density");
    }
    List<Modal> modal = densest(densities.get());
    boolean allEqual = modal.size() == intervals.size() && modal.size() > 1;
    if (allEqual && rules.get(Rule.MODE) == ModeRule.NONE_WHEN_ALL_EQUAL) {
      return Result.absent("all-equally-dense");
    }
    boolean interpolated = rules.get(Rule.GROUPED_MODE) == GroupedMode.INTERPOLATED;
    TreeSet<Exact> found = new TreeSet<>();
    for (Modal each : modal) {
      (interpolated ? each.interpolated() : each.interval().midpoint()).ifPresent(found::add);
    }
    if (!found.isEmpty()) {
      return new Result.Several(List.copyOf(found));
    }
    boolean open = modal.stream().allMatch(each -> each.interval().width().isEmpty());
    return Result.absent(open ? "open-no-density" : "flat-neighbours");
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
