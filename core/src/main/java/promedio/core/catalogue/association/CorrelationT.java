package promedio.core.catalogue.association;

import static promedio.core.catalogue.association.PairParts.N;
import static promedio.core.catalogue.association.PairParts.measure;
import static promedio.core.catalogue.association.PairParts.pairs;
import static promedio.core.catalogue.association.PairParts.xVaries;
import static promedio.core.catalogue.association.PairParts.yVaries;
import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;

/**
 * The test of a correlation against none: t = r·√(n−2)/√(1−r²) with n − 2 degrees of freedom
 * (Fisher 1915), and its p. Without units. Absent of fewer than three pairs, where x or y does not
 * vary, and where all pairs lie on a line.
 */
public final class CorrelationT {

  private static final Quantity T = Quantity.of("correlation_t", "t_r", "tᵣ");
  private static final Quantity DF = Quantity.of("correlation_t_df", "\\mathit{df}_r", "dfᵣ");
  private static final Quantity P = Quantity.of("correlation_t_p", "p_r", "pᵣ");

  private CorrelationT() {}

  /** {@return t, its degrees of freedom and p} */
  public static List<Measure> all() {
    Formula rest = number(1).minus(Correlation.DETERMINATION.formula());
    Formula degrees = N.minus(number(2));
    Formula r = Correlation.CORRELATION.formula();
    Condition[] needs = {
      pairs(3), xVaries(), yVaries(), Condition.positive(rest, "on-a-line"),
    };
    return List.of(
        measure("correlation_t", T, r.times(degrees.root()).over(rest.root()), needs),
        measure("correlation_t_df", DF, degrees, needs).in(Dimension.DEGREES),
        measure("correlation_t_p", P, s -> Definition.of(s.areaOfT(DF, T), needs))
            .in(Dimension.PROBABILITY));
  }
}
