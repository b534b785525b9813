package promedio.core.catalogue.inference;

import static promedio.core.catalogue.inference.MeanParts.MU;
import static promedio.core.catalogue.inference.MeanParts.SIGMA;
import static promedio.core.catalogue.inference.MeanParts.measure;
import static promedio.core.catalogue.inference.MeanParts.statistic;

import java.util.List;
import promedio.core.formula.Equation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.Parameter;

/**
 * The test of a mean against a supposed one where σ is known: z = (x̄−μ₀)/(σ/√n), and its p.
 * Without units; they take μ₀, any number, and σ above 0.
 */
public final class MeanZ {

  private static final Quantity Z = Quantity.of("z_one", "z", "z");
  private static final Quantity P = Quantity.of("z_one_p", "p", "p");

  private MeanZ() {}

  /** {@return z and p} */
  public static List<Measure> all() {
    Formula sigma = SIGMA.formula();
    Parameter[] known = {Parameter.any(MU), MeanParts.sigma()};
    return List.of(
        measure("z_one", Z, s -> Definition.of(statistic(s, sigma)))
            .about(known)
            .slipping(s -> MeanParts.slips(s, sigma)),
        measure(
                "z_one_p",
                P,
                s ->
                    Definition.of(List.of(new Equation(Z, statistic(s, sigma))), s.areaOfNormal(Z)))
            .about(known)
            .in(Dimension.PROBABILITY));
  }
}
