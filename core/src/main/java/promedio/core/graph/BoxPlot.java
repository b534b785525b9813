package promedio.core.graph;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.Tally;

/**
 * A box with its whiskers.
 *
 * @param lowerWhisker the smallest value that is not below the lower fence
 * @param q1 the lower quartile
 * @param median the median
 * @param q3 the upper quartile
 * @param upperWhisker the largest value that is not above the upper fence
 * @param outliers the values beyond the fences, ascending, each once
 */
public record BoxPlot(
    Exact lowerWhisker,
    Exact q1,
    Exact median,
    Exact q3,
    Exact upperWhisker,
    List<Exact> outliers) {

  public BoxPlot {
    outliers = List.copyOf(outliers);
  }

  /** {@return the box of the data by the quartile rule}; none where there are no quartiles */
  public static Optional<BoxPlot> of(Data data, CourseRules rules) {
    Computation computation = Computation.of(data, rules);
    List<Exact> found = new ArrayList<>();
    for (Measure measure :
        List.of(
            Measures.LOWER_FENCE,
            Measures.Q1,
            Measures.MEDIAN,
            Measures.Q3,
            Measures.UPPER_FENCE,
            Measures.MIN,
            Measures.MAX)) {
      computation.result(measure).number().map(Exact.class::cast).ifPresent(found::add);
    }
    if (found.size() < 7) {
      return Optional.empty();
    }
    // Single values are not known in classes: the whiskers go to the ends of the table.
    return Optional.of(
        data.classes().isPresent()
            ? new BoxPlot(
                found.get(5), found.get(1), found.get(2), found.get(3), found.get(6), List.of())
            : ofValues(data.tally(), found));
  }

  private static BoxPlot ofValues(Tally tally, List<Exact> found) {
    Exact lowerFence = found.get(0);
    Exact upperFence = found.get(4);
    Exact lowest = found.get(1);
    Exact highest = found.get(3);
    List<Exact> outliers = new ArrayList<>();
    for (int i = 0; i < tally.size(); i++) {
      Exact value = tally.value(i);
      if (value.compareTo(lowerFence) < 0 || value.compareTo(upperFence) > 0) {
        outliers.add(value);
      } else {
        lowest = value.compareTo(lowest) < 0 ? value : lowest;
        highest = value.compareTo(highest) > 0 ? value : highest;
      }
    }
    return new BoxPlot(lowest, found.get(1), found.get(2), found.get(3), highest, outliers);
  }
}
