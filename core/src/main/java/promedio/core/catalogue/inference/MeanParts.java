package promedio.core.catalogue.inference;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.FormulaMeasure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Parameter;
import promedio.core.number.Exact;
import promedio.core.sample.Subject;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * What formulas about the mean that a sample was drawn from share: the supposed mean μ₀, and σ
 * where it is known. s is by n − 1, as in the standard error.
 */
final class MeanParts {

  static final Quantity MU = Quantity.of("mu", "\\mu_0", "μ₀");
  static final Quantity SIGMA = Quantity.of("sigma", "\\sigma", "σ");
  static final Formula S = Quantity.STANDARD_DEVIATION.formula();

  private MeanParts() {}

  static FormulaMeasure measure(
      String key, Quantity quantity, Function<MeasureContext, Definition> by) {
    return FormulaMeasure.of(key, Subject.ONE, quantity, by);
  }

  static Parameter sigma() {
    return Parameter.atLeast(SIGMA, Exact.of(1, 1_000_000_000));
  }

  /** {@return whether the normal distribution stands in for t} */
  static boolean isByNormal(MeasureContext context) {
    return context.isByNormal(context.tally().total());
  }

  /** {@return n − 1} */
  static Formula degrees(MeasureContext context) {
    return context.n().minus(number(1));
  }

  /** {@return (x̄ − μ₀)/(s/√n)} */
  static Formula statistic(MeasureContext context, Formula deviation) {
    return apart().over(deviation.over(context.n().root()));
  }

  /** {@return what is done in its place} */
  static List<Slip> slips(MeasureContext context, Formula deviation) {
    return List.of(
        new Slip(Cause.SIGN_REVERSED, number(0).minus(statistic(context, deviation))),
        new Slip(Cause.SD_FOR_STANDARD_ERROR, apart().over(deviation)),
        new Slip(Cause.N_NOT_ROOTED, apart().over(deviation.over(context.n()))));
  }

  private static Formula apart() {
    return Quantity.MEAN.formula().minus(MU.formula());
  }
}
