package promedio.core.computation;

import java.math.MathContext;
import java.util.List;
import java.util.Optional;
import promedio.core.distribution.Approximate;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.measure.Definition;
import promedio.core.message.Message;
import promedio.core.number.Exact;

/** Reads areas and ends of intervals off curves of probability. */
final class CurveReader {

  private static final MathContext SHOWN = new MathContext(Approximate.DIGITS);

  private CurveReader() {}

  /** {@return why nothing is read, or none where the digits of what is read are sure} */
  static Optional<Message> problem(Definition.ByCurve definition, List<Exact> degrees) {
    return definition
        .curve()
        .problem(degrees)
        .or(
            () ->
                definition.reading() instanceof Definition.CurveReading.Bound bound
                    ? Distribution.problem(bound.confidence())
                    : Optional.empty());
  }

  /**
   * {@return what is read}
   *
   * @param read the values of the formulas of the reading, in their order
   */
  static Approximate read(Definition.ByCurve definition, List<Exact> degrees, List<Exact> read) {
    Distribution curve = definition.curve();
    if (definition.reading() instanceof Definition.CurveReading.Area area) {
      return curve.area(read.get(0), degrees, area.tail());
    }
    Definition.CurveReading.Bound bound = (Definition.CurveReading.Bound) definition.reading();
    Exact outside = Exact.ONE.minus(bound.confidence());
    Exact factor = curve.value(outside, degrees, Tail.TWO).decimal();
    Exact error = Exact.of(read.get(1).significant(2 * Approximate.DIGITS)).times(factor);
    Exact end = bound.upper() ? read.get(0).plus(error) : read.get(0).minus(error);
    return new Approximate(end.significant(2 * Approximate.DIGITS).round(SHOWN));
  }
}
