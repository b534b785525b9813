package promedio.core.catalogue.inference;

import static promedio.core.catalogue.inference.MeanParts.MU;
import static promedio.core.catalogue.inference.MeanParts.S;
import static promedio.core.catalogue.inference.MeanParts.degrees;
import static promedio.core.catalogue.inference.MeanParts.measure;
import static promedio.core.catalogue.inference.MeanParts.statistic;

import java.util.List;
import promedio.core.formula.Equation;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Parameter;

/**
 * The test of a mean against a supposed one (Student 1908): t = (x̄−μ₀)/(s/√n) with n − 1 degrees
 * of freedom, and its p, by the normal distribution where the rule lets it stand in for t of large
 * samples, which then has no degrees of freedom. Without units; they take μ₀, any number. Absent of
 * one value, and where all values are equal.
 */
public final class MeanT {

  private static final Quantity T = Quantity.of("t_one", "t", "t");
  private static final Quantity DF = Quantity.of("t_one_df", "\\mathit{df}", "df");
  private static final Quantity P = Quantity.of("t_one_p", "p", "p");

  private MeanT() {}

  /** {@return t, its degrees of freedom and p} */
  public static List<Measure> all() {
    Parameter mu = Parameter.any(MU);
    return List.of(
        measure("t_one", T, s -> Definition.of(statistic(s, S), needs(s)))
            .about(mu)
            .slipping(s -> MeanParts.slips(s, S)),
        measure(
                "t_one_df",
                DF,
                s ->
                    MeanParts.isByNormal(s)
                        ? Definition.undefined("no-degrees-by-normal")
                        : Definition.of(degrees(s), needs(s)))
            .about(mu)
            .in(Dimension.DEGREES),
        measure("t_one_p", P, s -> MeanParts.isByNormal(s) ? byNormal(s) : byT(s))
            .about(mu)
            .in(Dimension.PROBABILITY));
  }

  private static Definition byT(MeasureContext context) {
    return Definition.of(
        List.of(new Equation(T, statistic(context, S)), new Equation(DF, degrees(context))),
        context.areaOfT(DF, T),
        needs(context));
  }

  private static Definition byNormal(MeasureContext context) {
    return Definition.of(
        List.of(new Equation(T, statistic(context, S))), context.areaOfNormal(T), needs(context));
  }

  private static Condition[] needs(MeasureContext context) {
    return new Condition[] {
      Condition.moreThanOne(context), Condition.notZero(S, "no-spread"),
    };
  }
}
