package promedio.core.catalogue.inference;

import static promedio.core.catalogue.inference.MeanParts.S;
import static promedio.core.catalogue.inference.MeanParts.SIGMA;
import static promedio.core.catalogue.inference.MeanParts.degrees;
import static promedio.core.catalogue.inference.MeanParts.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
 * The interval of confidence of the mean, by its margin and its ends: x̄ ∓ t*·s/√n with n − 1
 * degrees of freedom (Student 1908), or x̄ ∓ z*·σ/√n where σ is given; z* also with s where the
 * rule lets the normal distribution stand in for t of large samples. In the unit of the values.
 * They take a level in percent between 0 and 100, 95 unless given, and σ above 0 where it is known.
 * By s absent of one value.
 */
public final class MeanInterval {

  private static final Quantity LEVEL = Quantity.of("level", "L", "L");
  private static final Quantity DF = Quantity.of("df", "\\mathit{df}", "df");
  private static final Quantity CRITICAL_T = Quantity.of("critical", "t^{*}", "t*");
  private static final Quantity CRITICAL_Z = Quantity.of("critical", "z^{*}", "z*");
  private static final Quantity MARGIN = Quantity.of("margin", "E", "E");
  private static final Exact HUNDRED = Exact.of(100);

  private MeanInterval() {}

  /** {@return the margin of error, and both ends} */
  public static List<Measure> all() {
    Formula mean = Quantity.MEAN.formula();
    Formula margin = MARGIN.formula();
    return List.of(
        of("margin_of_error", Quantity.of("margin_of_error", "E", "E"), Optional.empty()),
        of(
            "interval_mean_lower",
            Quantity.of("interval_mean_lower", "\\text{lower limit}", "lower limit"),
            Optional.of(mean.minus(margin))),
        of(
            "interval_mean_upper",
            Quantity.of("interval_mean_upper", "\\text{upper limit}", "upper limit"),
            Optional.of(mean.plus(margin))));
  }

  /** The margin itself, or an end that is made of it. */
  private static Measure of(String key, Quantity quantity, Optional<Formula> end) {
    return measure(key, quantity, context -> definition(context, end))
        .about(level(), MeanParts.sigma().whereKnown())
        .in(Dimension.VALUE);
  }

  private static Parameter level() {
    Exact tiny = Exact.of(1, 1_000_000);
    return Parameter.within(LEVEL, tiny, HUNDRED.minus(tiny)).usually(Exact.of(95));
  }

  private static Definition definition(MeasureContext context, Optional<Formula> end) {
    boolean isKnown = context.given(1).isPresent();
    boolean byNormal = isKnown || MeanParts.isByNormal(context);
    Formula deviation = isKnown ? SIGMA.formula() : S;
    Quantity critical = byNormal ? CRITICAL_Z : CRITICAL_T;
    List<Equation> first = new ArrayList<>();
    if (!byNormal) {
      first.add(new Equation(DF, degrees(context)));
    }
    first.add(new Equation(Quantity.STANDARD_ERROR, deviation.over(context.n().root())));
    first.add(
        new Equation(
            critical,
            byNormal
                ? new Quantile(Distribution.NORMAL, List.of(), below(context))
                : new Quantile(Distribution.T, List.of(DF.formula()), below(context))));
    Formula margin = critical.formula().times(Quantity.STANDARD_ERROR.formula());
    end.ifPresent(of -> first.add(new Equation(MARGIN, margin)));
    Condition[] needs =
        isKnown ? new Condition[0] : new Condition[] {Condition.moreThanOne(context)};
    return Definition.of(first, end.orElse(margin), needs);
  }

  /** The area below the upper end: half of what lies outside is above it. */
  private static Formula below(MeasureContext context) {
    Exact confidence = context.argument(0).over(HUNDRED);
    return new Numeral(Exact.ONE.plus(confidence).over(2));
  }
}
