package promedio.graph;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/**
 * Whether values can be placed on paper at all: places are counted in binary numbers of some 15
 * digits, in which the largest, the smallest and the closest values vanish.
 */
final class Drawable {

  private static final Exact LARGEST = Exact.of(10).pow(100);
  private static final Exact SMALLEST = Exact.of(10).pow(-100);
  private static final Exact CLOSEST = Exact.of(10).pow(-11);

  private Drawable() {}

  /**
   * Holds that the values of the graph can be drawn.
   *
   * @throws BadInputException if they cannot; the message says why and what to do
   */
  static void check(Graph graph) throws BadInputException {
    List<Exact> ends = new ArrayList<>();
    for (Graph.Series series : graph.series()) {
      Tally tally = series.data().tally();
      if (!tally.isEmpty()) {
        ends.add(tally.value(0));
        ends.add(tally.value(tally.size() - 1));
      }
      series
          .classes()
          .intervals(true)
          .forEach(
              interval -> {
                interval.lower().ifPresent(ends::add);
                interval.upper().ifPresent(ends::add);
              });
    }
    Optional<Exact> low = ends.stream().min(Exact::compareTo);
    Optional<Exact> high = ends.stream().max(Exact::compareTo);
    if (low.isEmpty() || high.isEmpty()) {
      return;
    }
    Exact size =
        low.get().abs().compareTo(high.get().abs()) > 0 ? low.get().abs() : high.get().abs();
    Exact span = high.get().minus(low.get());
    if (size.compareTo(LARGEST) > 0) {
      throw Texts.refusal("draw.too-large", graph.name());
    }
    if (size.signum() > 0 && size.compareTo(SMALLEST) < 0) {
      throw Texts.refusal("draw.too-small", graph.name());
    }
    if (span.signum() > 0 && span.compareTo(size.times(CLOSEST)) < 0) {
      throw Texts.refusal("draw.too-close", graph.name());
    }
  }
}
