package promedio.core.catalogue.groups;

import static promedio.core.catalogue.groups.GroupParts.K;
import static promedio.core.catalogue.groups.GroupParts.MEAN_J;
import static promedio.core.catalogue.groups.GroupParts.N;
import static promedio.core.catalogue.groups.GroupParts.X;
import static promedio.core.catalogue.groups.GroupParts.groups;
import static promedio.core.catalogue.groups.GroupParts.measure;
import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.stream.Stream;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Area;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Dimension;
import promedio.core.measure.FastPath;
import promedio.core.measure.Measure;
import promedio.core.measure.Moments;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.sample.Groups;
import promedio.core.sample.Tally;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * One-factor analysis of variance (Fisher 1925): the sums of squares between the groups, within
 * them and in all, in the square of the unit; their degrees of freedom, mean squares, the ratio F,
 * its p, and η² from 0 to 1. F is absent where no group has two values, and where no value differs
 * from the mean of its group; η² where all values are equal.
 */
public final class AnalysisOfVariance {

  private static final Quantity BETWEEN = Quantity.of("ss_between", "SS_b", "SSb");
  private static final Quantity WITHIN = Quantity.of("ss_within", "SS_w", "SSw");
  private static final Quantity TOTAL = Quantity.of("ss_total", "SS_t", "SSt");
  private static final Quantity DF_BETWEEN = Quantity.of("df_between", "\\mathit{df}_b", "dfb");
  private static final Quantity DF_WITHIN = Quantity.of("df_within", "\\mathit{df}_w", "dfw");
  private static final Quantity DF_TOTAL = Quantity.of("df_total", "\\mathit{df}_t", "dft");
  private static final Quantity MS_BETWEEN = Quantity.of("ms_between", "MS_b", "MSb");
  private static final Quantity MS_WITHIN = Quantity.of("ms_within", "MS_w", "MSw");
  private static final Quantity F = Quantity.of("f_ratio", "F", "F");
  private static final Quantity P = Quantity.of("f_p", "p", "p");
  private static final Quantity ETA_SQUARED = Quantity.of("eta_squared", "\\eta^2", "η²");

  private AnalysisOfVariance() {}

  /** {@return the table of the analysis, line by line} */
  public static List<Measure> all() {
    return Stream.concat(sums().stream(), ratios().stream()).toList();
  }

  private static List<Measure> sums() {
    Formula mean = CombinedMeasures.MEAN.formula();
    return List.of(
        measure("ss_between", BETWEEN, CombinedMeasures.between()).in(Dimension.SQUARE),
        measure("ss_within", WITHIN, new Sum(new Sum(X.minus(MEAN_J).power(2))))
            .in(Dimension.SQUARE)
            .quickly(within()),
        measure("ss_total", TOTAL, new Sum(new Sum(X.minus(mean).power(2))))
            .in(Dimension.SQUARE)
            .quickly(known -> new Result.Found(squares(groups(known.context()).all().tally()))),
        measure("df_between", DF_BETWEEN, K.minus(number(1))).in(Dimension.DEGREES),
        measure("df_within", DF_WITHIN, N.minus(K)).in(Dimension.DEGREES),
        measure("df_total", DF_TOTAL, N.minus(number(1))).in(Dimension.DEGREES));
  }

  private static FastPath within() {
    return known -> {
      Exact sum = Exact.ZERO;
      for (Groups.Group group : groups(known.context()).samples()) {
        sum = sum.plus(squares(group.sample().tally()));
      }
      return new Result.Found(sum);
    };
  }

  private static Exact squares(Tally tally) {
    Moments moments = Moments.of(tally);
    return moments.m2().times(moments.n());
  }

  private static List<Measure> ratios() {
    Condition degrees = Condition.positive(DF_WITHIN.formula(), "no-degrees-within");
    Condition[] ratio = {degrees, Condition.notZero(WITHIN.formula(), "no-spread-within")};
    Formula area =
        new Area(
            Distribution.F,
            List.of(DF_BETWEEN.formula(), DF_WITHIN.formula()),
            Tail.UPPER,
            F.formula());
    return List.of(
        measure("ms_between", MS_BETWEEN, BETWEEN.formula().over(DF_BETWEEN.formula()))
            .in(Dimension.SQUARE),
        measure("ms_within", MS_WITHIN, WITHIN.formula().over(DF_WITHIN.formula()), degrees)
            .in(Dimension.SQUARE),
        measure("f", F, MS_BETWEEN.formula().over(MS_WITHIN.formula()), ratio)
            .slipping(
                new Slip(Cause.SUMS_NOT_DIVIDED, BETWEEN.formula().over(WITHIN.formula())),
                new Slip(Cause.F_TURNED, MS_WITHIN.formula().over(MS_BETWEEN.formula()))),
        measure("f_p", P, area, ratio).in(Dimension.PROBABILITY),
        measure(
            "eta_squared",
            ETA_SQUARED,
            BETWEEN.formula().over(TOTAL.formula()),
            Condition.notZero(TOTAL.formula(), "no-spread")));
  }
}
