package promedio.core.catalogue.association;

import static promedio.core.catalogue.association.PairParts.N;
import static promedio.core.catalogue.association.PairParts.measure;
import static promedio.core.catalogue.association.PairParts.pairs;
import static promedio.core.catalogue.association.PairParts.turned;
import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Absolute;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The test of the mean difference of pairs (Student 1908): t = d̄/(s_d/√n) with n − 1 degrees of
 * freedom, its p (by the normal distribution where the rule lets it stand in for t), and the size
 * of the effect |d̄|/s_d. Without units. Absent of fewer than two pairs, and where the differences
 * are all equal.
 */
public final class PairedT {

  private static final Quantity T = Quantity.of("t_paired", "t", "t");
  private static final Quantity DF = Quantity.of("t_paired_df", "\\mathit{df}", "df");
  private static final Quantity P = Quantity.of("t_paired_p", "p", "p");
  private static final Quantity EFFECT = Quantity.of("effect_paired", "d_z", "d_z");

  private PairedT() {}

  /** {@return t, its degrees of freedom, p and the size of the effect} */
  public static List<Measure> all() {
    Formula mean = Differences.MEAN.formula();
    Formula sd = Differences.SD.formula();
    Condition[] needs = {pairs(2), Condition.notZero(sd, "no-spread-of-differences")};
    return List.of(
        measure("t_paired", T, mean.over(sd.over(N.root())), needs)
            .slipping(
                new Slip(Cause.SIGN_REVERSED, turned(T)),
                new Slip(Cause.SD_FOR_STANDARD_ERROR, mean.over(sd)),
                new Slip(Cause.N_NOT_ROOTED, mean.over(sd.over(N)))),
        measure(
                "t_paired_df",
                DF,
                s ->
                    isByNormal(s)
                        ? Definition.undefined("no-degrees-by-normal")
                        : Definition.of(N.minus(number(1)), needs))
            .in(Dimension.DEGREES),
        measure("t_paired_p", P, s -> Definition.of(area(s), needs)).in(Dimension.PROBABILITY),
        measure("effect_paired", EFFECT, new Absolute(mean).over(sd), needs));
  }

  private static boolean isByNormal(MeasureContext context) {
    return context.isByNormal(context.data().total());
  }

  private static Formula area(MeasureContext context) {
    return isByNormal(context) ? context.areaOfNormal(T) : context.areaOfT(DF, T);
  }
}
