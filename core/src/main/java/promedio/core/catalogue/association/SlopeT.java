package promedio.core.catalogue.association;

import static promedio.core.catalogue.association.PairParts.N;
import static promedio.core.catalogue.association.PairParts.SXX;
import static promedio.core.catalogue.association.PairParts.measure;
import static promedio.core.catalogue.association.PairParts.pairs;
import static promedio.core.catalogue.association.PairParts.turned;
import static promedio.core.catalogue.association.PairParts.xVaries;
import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The test of the slope of y on x against none: t = b/(sₑ/√Sxx) with n − 2 degrees of freedom, and
 * its p (Draper and Smith, Applied Regression Analysis, 1966). Without units. Absent of fewer than
 * three pairs, where x does not vary, and where all pairs lie on a line.
 */
public final class SlopeT {

  private static final Quantity T = Quantity.of("t_slope", "t_b", "t_b");
  private static final Quantity DF = Quantity.of("t_slope_df", "\\mathit{df}_b", "df_b");
  private static final Quantity P = Quantity.of("t_slope_p", "p_b", "p_b");

  private SlopeT() {}

  /** {@return t, its degrees of freedom and p} */
  public static List<Measure> all() {
    Formula slope = RegressionLine.SLOPE.formula();
    Formula spread = RegressionLine.RESIDUAL_SD.formula();
    Condition[] needs = {pairs(3), xVaries(), Condition.notZero(spread, "on-a-line")};
    return List.of(
        measure("t_slope", T, slope.over(spread.over(SXX.formula().root())), needs)
            .slipping(
                new Slip(Cause.SIGN_REVERSED, turned(T)),
                new Slip(Cause.SD_FOR_STANDARD_ERROR, slope.over(spread))),
        measure("t_slope_df", DF, N.minus(number(2)), needs).in(Dimension.DEGREES),
        measure("t_slope_p", P, s -> Definition.of(s.areaOfT(DF, T), needs))
            .in(Dimension.PROBABILITY));
  }
}
