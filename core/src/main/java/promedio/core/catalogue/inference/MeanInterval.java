package promedio.core.catalogue.inference;

import static promedio.core.catalogue.inference.MeanParts.S;
import static promedio.core.catalogue.inference.MeanParts.SIGMA;
import static promedio.core.catalogue.inference.MeanParts.degrees;
import static promedio.core.catalogue.inference.MeanParts.measure;

import java.util.List;
import promedio.core.distribution.Distribution;
import promedio.core.formula.Equation;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Quantile;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Parameter;
import promedio.core.number.Exact;

/**
 * The ends of the interval of confidence of the mean: x̄ ∓ t*·s/√n with n − 1 degrees of freedom
 * (Student 1908), or x̄ ∓ z*·σ/√n where σ is given; z* also with s where the rule lets the normal
 * distribution stand in for t of large samples. In the unit of the values. They take a level in
 * percent between 0 and 100, 95 unless given, and σ above 0 where it is known. By s absent of one
 * value.
 */
public final class MeanInterval {

  private static final Quantity LEVEL = Quantity.of("level", "L", "L");
  private static final Quantity DF = Quantity.of("df", "\\mathit{df}", "df");
  private static final Quantity CRITICAL_T = Quantity.of("critical", "t^{*}", "t*");
  private static final Quantity CRITICAL_Z = Quantity.of("critical", "z^{*}", "z*");
  private static final Quantity MARGIN = Quantity.of("margin", "E", "E");
  private static final Exact HUNDRED = Exact.of(100);

  private MeanInterval() {}

  /** {@return both ends} */
  public static List<Measure> all() {
    Formula mean = Quantity.MEAN.formula();
    Formula margin = MARGIN.formula();
    return List.of(
        end(
            "interval_mean_lower",
            Quantity.of("interval_mean_lower", "\\text{lower limit}", "lower limit"),
            mean.minus(margin)),
        end(
            "interval_mean_upper",
            Quantity.of("interval_mean_upper", "\\text{upper limit}", "upper limit"),
            mean.plus(margin)));
  }

  private static Measure end(String key, Quantity quantity, Formula end) {
    return measure(
            key,
            quantity,
            s ->
                s.given(1).isPresent()
                    ? Definition.of(byNormal(s, SIGMA.formula()), end)
                    : Definition.of(
                        MeanParts.isByNormal(s) ? byNormal(s, S) : byT(s),
                        end,
                        Condition.moreThanOne(s)))
        .about(level(), MeanParts.sigma().whereKnown())
        .in(Dimension.VALUE);
  }

  private static Parameter level() {
    Exact tiny = Exact.of(1, 1_000_000);
    return Parameter.within(LEVEL, tiny, HUNDRED.minus(tiny)).usually(Exact.of(95));
  }

  private static List<Equation> byT(MeasureContext context) {
    Formula critical = new Quantile(Distribution.T, List.of(DF.formula()), below(context));
    return List.of(
        new Equation(DF, degrees(context)),
        standardError(context, S),
        new Equation(CRITICAL_T, critical),
        margin(CRITICAL_T));
  }

  private static List<Equation> byNormal(MeasureContext context, Formula deviation) {
    Formula critical = new Quantile(Distribution.NORMAL, List.of(), below(context));
    return List.of(
        standardError(context, deviation), new Equation(CRITICAL_Z, critical), margin(CRITICAL_Z));
  }

  private static Equation standardError(MeasureContext context, Formula deviation) {
    return new Equation(Quantity.STANDARD_ERROR, deviation.over(context.n().root()));
  }

  /** The area below the upper end: half of what lies outside is above it. */
  private static Formula below(MeasureContext context) {
    Exact confidence = context.argument(0).over(HUNDRED);
    return new Numeral(Exact.ONE.plus(confidence).over(2));
  }

  private static Equation margin(Quantity critical) {
    return new Equation(MARGIN, critical.formula().times(Quantity.STANDARD_ERROR.formula()));
  }
}
