package promedio.desktop.projection.distribution;

import java.util.List;
import java.util.Optional;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.DistributionLookup;
import promedio.core.distribution.Tail;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.graph.CurveGraph;

/**
 * What is looked up in a table of a distribution.
 *
 * @param curve the distribution
 * @param degrees its degrees of freedom
 * @param given what is known
 * @param number the known number
 */
public record Lookup(Distribution curve, List<Exact> degrees, Given given, Exact number) {

  private static final int DIGITS = 5;

  public Lookup {
    degrees = List.copyOf(degrees);
  }

  /** What is known, and what is looked for with it. */
  public enum Given {
    BELOW,
    ABOVE,
    BOTH,
    VALUE;

    /** {@return whether it means something for such a curve} */
    public boolean fits(Distribution curve) {
      return this != BOTH || curve.isSymmetric();
    }

    private Tail tail() {
      return switch (this) {
        case BELOW -> Tail.LOWER;
        case ABOVE, VALUE -> Tail.UPPER;
        case BOTH -> Tail.TWO;
      };
    }
  }

  /** {@return why this cannot be looked up, in words; none where it can} */
  public Optional<String> problem() {
    boolean area = number.signum() > 0 && number.compareTo(Exact.ONE) < 0;
    if (given != Given.VALUE && !area) {
      return Optional.of(Texts.of("lookup.area"));
    }
    try {
      looked();
      return Optional.empty();
    } catch (BadInputException e) {
      return Optional.of(e.why().text());
    }
  }

  /** {@return the value with the areas that it cuts off; it can be looked up} */
  public DistributionLookup read() {
    try {
      return looked();
    } catch (BadInputException e) {
      throw new IllegalStateException("it cannot be looked up", e);
    }
  }

  private DistributionLookup looked() throws BadInputException {
    return given == Given.VALUE
        ? DistributionLookup.at(curve, degrees, number)
        : DistributionLookup.of(curve, degrees, number, given.tail());
  }

  /** {@return what was found, in words} */
  public String told(DecimalSign sign) {
    DistributionLookup read = read();
    String both =
        read.both()
            .map(area -> Texts.of("lookup.both-told", Digits.of(area.value(), DIGITS, sign)))
            .orElse("");
    return Texts.of(
        "lookup.told",
        Digits.of(read.value().value(), DIGITS, sign),
        Digits.of(read.area().value(), DIGITS, sign),
        Digits.of(read.upper().value(), DIGITS, sign),
        both);
  }

  /** {@return the curve with the area that was looked up, and the rest} */
  public CurveGraph graph(CourseRules rules, DecimalSign sign) {
    DistributionLookup read = read();
    String area =
        Digits.of(
            (switch (given.tail()) {
                  case LOWER -> read.area();
                  case UPPER -> read.upper();
                  case TWO -> read.both().orElse(read.upper());
                })
                .value(),
            DIGITS,
            sign);
    return new CurveGraph(
        curve,
        degrees,
        given.tail(),
        List.of(
            new CurveGraph.Cut(
                read.value().decimal(),
                Texts.of("lookup.letter"),
                Texts.of("lookup.cut", area, Digits.of(read.value().value(), DIGITS, sign)))),
        rules,
        sign);
  }
}
