package promedio.graph;

import java.util.List;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.files.report.ShownNumbers;

/**
 * A curve of probability with the areas that values cut off.
 *
 * @param curve the curve
 * @param degrees its degrees of freedom
 * @param tail which tails are shaded
 * @param cuts the values that cut areas off, each with its letter; at most two
 * @param rules the course rules
 * @param sign how numbers are written
 */
public record CurveGraph(
    Distribution curve,
    List<Exact> degrees,
    Tail tail,
    List<Cut> cuts,
    CourseRules rules,
    DecimalSign sign)
    implements Picture {

  /** A statistic that is farther out than so many times the usual width stands at the edge. */
  private static final double MOST = 2.5;

  public CurveGraph {
    degrees = List.copyOf(degrees);
    cuts = List.copyOf(cuts);
  }

  /**
   * A value that cuts an area off.
   *
   * @param value the value
   * @param letter what its area is called
   * @param label what stands at it
   */
  public record Cut(Exact value, String letter, String label) {}

  @Override
  public String name() {
    return Texts.of("curve." + curve.code(), degrees.stream().map(this::shown).toArray());
  }

  private String shown(Exact number) {
    return new ShownNumbers(rules, sign).shown(number);
  }

  @Override
  public List<Drawable.Scale> scales() {
    return List.of();
  }

  @Override
  public String inWords() {
    return Texts.of(
        "words.curve",
        name(),
        String.join("; ", cuts.stream().map(cut -> cut.letter() + ": " + cut.label()).toList()));
  }

  /** {@return the values from which to which the curve is drawn} */
  Span span() {
    double low = curve.isSymmetric() ? -4 : 0;
    double high =
        curve.isSymmetric()
            ? 4
            : curve.value(Exact.of(1, 500), degrees, Tail.UPPER).value().doubleValue();
    for (Cut cut : cuts) {
      double at = ChartSheet.at(cut.value());
      double far = curve.isSymmetric() ? Math.abs(at) : at;
      high = Math.max(high, Math.min(far * 1.12, MOST * high));
    }
    return new Span(curve.isSymmetric() ? -high : low, high);
  }

  /**
   * From where to where.
   *
   * @param low the left end
   * @param high the right end
   */
  record Span(double low, double high) {}
}
