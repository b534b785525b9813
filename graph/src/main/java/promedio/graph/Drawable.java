package promedio.graph;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.Values;

/**
 * Whether numbers can be placed on paper at all: places are counted in binary numbers of some 15
 * digits, in which the largest, the smallest and the closest numbers vanish.
 */
final class Drawable {

  private static final Exact LARGEST = Exact.of(10).pow(100);
  private static final Exact SMALLEST = Exact.of(10).pow(-100);
  private static final Exact CLOSEST = Exact.of(10).pow(-11);

  private Drawable() {}

  /**
   * Numbers that stand on one axis.
   *
   * @param name what they are
   * @param ends the smallest and the largest of them, and as many between as may be
   */
  record Scale(String name, List<Exact> ends) {

    /** {@return values of which none is missing} */
    static Scale of(String name, Values values) {
      int low = 0;
      int high = 0;
      for (int i = 1; i < values.size(); i++) {
        low = values.compare(i, low) < 0 ? i : low;
        high = values.compare(i, high) > 0 ? i : high;
      }
      return new Scale(
          name, values.size() == 0 ? List.of() : List.of(values.get(low), values.get(high)));
    }

    /** {@return heights, which all begin at 0} */
    static Scale ofHeights(String name, List<Exact> heights) {
      // One far apart from 0: heights are never too close to each other.
      return new Scale(name, heights.stream().max(Comparator.naturalOrder()).stream().toList());
    }
  }

  /**
   * Holds that the numbers of a picture can be drawn.
   *
   * @throws BadInputException if they cannot; the message says why and what to do
   */
  static void check(Picture picture) throws BadInputException {
    for (Scale scale : picture.scales()) {
      check(scale);
    }
  }

  private static void check(Scale scale) throws BadInputException {
    Optional<Exact> low = scale.ends().stream().min(Exact::compareTo);
    Optional<Exact> high = scale.ends().stream().max(Exact::compareTo);
    if (low.isEmpty() || high.isEmpty()) {
      return;
    }
    Exact size =
        low.get().abs().compareTo(high.get().abs()) > 0 ? low.get().abs() : high.get().abs();
    Exact span = high.get().minus(low.get());
    if (size.compareTo(LARGEST) > 0) {
      throw Texts.refusal("draw.too-large", scale.name());
    }
    if (size.signum() > 0 && size.compareTo(SMALLEST) < 0) {
      throw Texts.refusal("draw.too-small", scale.name());
    }
    if (span.signum() > 0 && span.compareTo(size.times(CLOSEST)) < 0) {
      throw Texts.refusal("draw.too-close", scale.name());
    }
  }
}
