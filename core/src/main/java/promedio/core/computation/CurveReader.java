package promedio.core.computation;

import java.math.MathContext;
import java.util.List;
import promedio.core.distribution.Approximate;
import promedio.core.distribution.Curve;
import promedio.core.distribution.Tail;
import promedio.core.measure.Definition;
import promedio.core.number.Exact;

/** Reads areas and ends of intervals off curves of probability. */
final class CurveReader {

  private static final MathContext SHOWN = new MathContext(Approximate.DIGITS);

  private CurveReader() {}

  /**
   * {@return what is read}
   *
   * @param read the values of the formulas of the reading, in their order
   */
  static Approximate read(Definition.ByCurve definition, List<Exact> degrees, List<Exact> read) {
    Curve curve = definition.curve();
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
