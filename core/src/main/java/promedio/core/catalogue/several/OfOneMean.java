package promedio.core.catalogue.several;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.distribution.Distribution;
import promedio.core.formula.Equation;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Area;
import promedio.core.formula.Formula.Quantile;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Parameter;
import promedio.core.number.Exact;
import promedio.core.sample.Subject;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * What one sample tells of the mean that it was drawn from: t and z against a supposed mean μ₀, and
 * intervals of confidence. s is by n − 1, as in the standard error.
 */
final class OfOneMean {

  private static final Quantity MU = Quantity.of("mu", "\\mu_0", "μ₀");
  private static final Quantity SIGMA = Quantity.of("sigma", "\\sigma", "σ");
  private static final Quantity LEVEL = Quantity.of("level", "L", "L");
  private static final Quantity T = Quantity.of("t_one", "t", "t");
  private static final Quantity T_DF = Quantity.of("t_one_df", "\\mathit{df}", "df");
  private static final Quantity Z = Quantity.of("z_one", "z", "z");
  private static final Quantity DEGREES = Quantity.of("df", "\\mathit{df}", "df");
  private static final Quantity CRITICAL_T = Quantity.of("critical", "t^{*}", "t*");
  private static final Quantity CRITICAL_Z = Quantity.of("critical", "z^{*}", "z*");
  private static final Quantity MARGIN = Quantity.of("margin", "E", "E");
  private static final Exact HUNDRED = Exact.of(100);

  private OfOneMean() {}

  private static FormulaMeasure measure(
      String key, Quantity quantity, Function<MeasureContext, Definition> by) {
    return FormulaMeasure.of(key, Subject.ONE, quantity, by);
  }

  private static Parameter positive(Quantity quantity) {
    return new Parameter(
        quantity, Optional.of(Exact.of(1, 1_000_000_000)), Optional.empty(), List.of());
  }

  private static Condition[] tNeeds(MeasureContext context) {
    return new Condition[] {
      Condition.moreThanOne(context),
      Condition.notZero(Quantity.STANDARD_DEVIATION.formula(), "no-spread")
    };
  }

  private static Formula statistic(MeasureContext context, Formula deviation) {
    return Quantity.MEAN.formula().minus(MU.formula()).over(deviation.over(context.n().root()));
  }

  private static List<Slip> slips(MeasureContext context, Formula statistic, Formula deviation) {
    Formula apart = Quantity.MEAN.formula().minus(MU.formula());
    return List.of(
        new Slip(Cause.SIGN_REVERSED, number(0).minus(statistic)),
        new Slip(Cause.SD_FOR_STANDARD_ERROR, apart.over(deviation)),
        new Slip(Cause.N_NOT_ROOTED, apart.over(deviation.over(context.n()))));
  }

  private static Formula t(MeasureContext context) {
    return statistic(context, Quantity.STANDARD_DEVIATION.formula());
  }

  private static Formula degrees(MeasureContext context) {
    return context.n().minus(number(1));
  }

  /** {@return t against a supposed mean, its degrees of freedom and its p} */
  static List<Measure> t() {
    Parameter mu = Parameter.any(MU);
    return List.of(
        measure("t_one", T, s -> Definition.of(t(s), tNeeds(s)))
            .about(mu)
            .slipping(s -> slips(s, t(s), Quantity.STANDARD_DEVIATION.formula())),
        measure("t_one_df", T_DF, s -> Definition.of(degrees(s), tNeeds(s)))
            .about(mu)
            .in(Dimension.DEGREES),
        measure(
                "t_one_p",
                Quantity.of("t_one_p", "p", "p"),
                s ->
                    Definition.of(
                        List.of(new Equation(T, t(s)), new Equation(T_DF, degrees(s))),
                        new Area(
                            Distribution.T, List.of(T_DF.formula()), Several.tail(s), T.formula()),
                        tNeeds(s)))
            .about(mu)
            .in(Dimension.PROBABILITY));
  }

  /** {@return z against a supposed mean where σ is known, and its p} */
  static List<Measure> z() {
    Parameter[] known = {Parameter.any(MU), positive(SIGMA)};
    return List.of(
        measure("z_one", Z, s -> Definition.of(statistic(s, SIGMA.formula())))
            .about(known)
            .slipping(s -> slips(s, statistic(s, SIGMA.formula()), SIGMA.formula())),
        measure(
                "z_one_p",
                Quantity.of("z_one_p", "p", "p"),
                s ->
                    Definition.of(
                        List.of(new Equation(Z, statistic(s, SIGMA.formula()))),
                        new Area(Distribution.NORMAL, List.of(), Several.tail(s), Z.formula())))
            .about(known)
            .in(Dimension.PROBABILITY));
  }

  /** {@return both ends of the interval of the mean, by t} */
  static List<Measure> interval() {
    return List.of(end("interval_mean_lower", false), end("interval_mean_upper", true));
  }

  private static Quantity endOf(String id, boolean upper) {
    return upper
        ? Quantity.of(id, "\\text{upper limit}", "upper limit")
        : Quantity.of(id, "\\text{lower limit}", "lower limit");
  }

  private static Measure end(String key, boolean upper) {
    return measure(
            key,
            endOf(key, upper),
            s ->
                Definition.of(
                    List.of(
                        new Equation(DEGREES, degrees(s)),
                        standardError(s, Quantity.STANDARD_DEVIATION),
                        new Equation(
                            CRITICAL_T,
                            new Quantile(Distribution.T, List.of(DEGREES.formula()), below(s))),
                        margin(CRITICAL_T)),
                    end(upper),
                    Condition.moreThanOne(s)))
        .about(level())
        .in(Dimension.VALUE);
  }

  private static Equation standardError(MeasureContext context, Quantity deviation) {
    return new Equation(Quantity.STANDARD_ERROR, deviation.formula().over(context.n().root()));
  }

  /** The area below the upper end: half of what lies outside is above it. */
  private static Formula below(MeasureContext context) {
    Exact confidence = context.argument(0).over(HUNDRED);
    return new Formula.Numeral(Exact.ONE.plus(confidence).over(2));
  }

  private static Equation margin(Quantity critical) {
    return new Equation(MARGIN, critical.formula().times(Quantity.STANDARD_ERROR.formula()));
  }

  private static Formula end(boolean upper) {
    Formula middle = Quantity.MEAN.formula();
    return upper ? middle.plus(MARGIN.formula()) : middle.minus(MARGIN.formula());
  }

  private static Parameter level() {
    return Parameter.within(LEVEL, Exact.of(1, 1_000_000), HUNDRED.minus(Exact.of(1, 1_000_000)));
  }

  /** {@return both ends of the interval of the mean where σ is known, by z} */
  static List<Measure> intervalBySigma() {
    return List.of(
        endBySigma("interval_mean_lower_by_sigma", false),
        endBySigma("interval_mean_upper_by_sigma", true));
  }

  private static Measure endBySigma(String key, boolean upper) {
    return measure(
            key,
            endOf(key, upper),
            s ->
                Definition.of(
                    List.of(
                        standardError(s, SIGMA),
                        new Equation(
                            CRITICAL_Z, new Quantile(Distribution.NORMAL, List.of(), below(s))),
                        margin(CRITICAL_Z)),
                    end(upper)))
        .about(level(), positive(SIGMA))
        .in(Dimension.VALUE);
  }
}
