package promedio.core.catalogue.several;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import promedio.core.distribution.Distribution;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Area;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.FastPath;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.Parameter;
import promedio.core.measure.Result;
import promedio.core.measure.SeveralQuantities;
import promedio.core.number.Exact;
import promedio.core.sample.PairSums;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Subject;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The measures of pairs (x, y): how both vary together, the lines of regression, ranks, and the
 * differences x − y. With Sxx = Σ(x−x̄)², Syy and Sxy = Σ(x−x̄)(y−ȳ).
 */
final class OfPairs {

  private static final Formula X = Quantity.X.formula();
  private static final Formula Y = SeveralQuantities.Y.formula();
  private static final Formula D = SeveralQuantities.DIFFERENCE.formula();

  static final Quantity MEAN_X = Quantity.of("mean_x", "\\bar{x}", "x̄");
  static final Quantity MEAN_Y = Quantity.of("mean_y", "\\bar{y}", "ȳ");
  static final Quantity SXX = Quantity.of("sxx", "S_{xx}", "Sxx");
  static final Quantity SYY = Quantity.of("syy", "S_{yy}", "Syy");
  static final Quantity SXY = Quantity.of("sxy", "S_{xy}", "Sxy");
  private static final Quantity COVARIANCE = Quantity.of("covariance", "s_{xy}", "sxy");
  private static final Quantity CORRELATION = Quantity.of("correlation", "r", "r");
  private static final Quantity DETERMINATION = Quantity.of("determination", "r^2", "r²");
  private static final Quantity SLOPE = Quantity.of("slope", "b", "b");
  private static final Quantity INTERCEPT = Quantity.of("intercept", "a", "a");
  private static final Quantity SLOPE_OF_X = Quantity.of("slope_of_x", "b_x", "bₓ");
  private static final Quantity INTERCEPT_OF_X = Quantity.of("intercept_of_x", "a_x", "aₓ");
  private static final Quantity PREDICTION = Quantity.of("prediction", "\\hat{y}", "ŷ");
  private static final Quantity AT = Quantity.of("x", "x_0", "x₀");
  private static final Quantity RESIDUAL_SD = Quantity.of("residual_sd", "s_e", "sₑ");
  private static final Quantity RANK_CORRELATION = Quantity.of("rank_correlation", "r_s", "rₛ");
  private static final Quantity MEAN_RANK = Quantity.of("mean_rank", "\\bar{R}", "R̄");
  private static final Quantity DIFFERENCE_MEAN = Quantity.of("difference_mean", "\\bar{d}", "d̄");
  private static final Quantity DIFFERENCE_SD = Quantity.of("difference_sd", "s_d", "s_d");
  private static final Quantity T_PAIRED = Quantity.of("t_paired", "t", "t");
  private static final Quantity T_PAIRED_DF = Quantity.of("t_paired_df", "\\mathit{df}", "df");
  private static final Quantity CORRELATION_T = Quantity.of("correlation_t", "t_r", "tᵣ");
  private static final Quantity CORRELATION_DF =
      Quantity.of("correlation_t_df", "\\mathit{df}_r", "dfᵣ");

  private static final Formula N = Several.N.formula();

  private OfPairs() {}

  private static FormulaMeasure measure(
      String key, Quantity quantity, Function<MeasureContext, Definition> by) {
    return FormulaMeasure.of(key, Subject.PAIRS, quantity, by);
  }

  private static Condition pairs(int fewest) {
    return Needs.atLeast(N, fewest, "too-few-pairs");
  }

  private static Condition xVaries() {
    return Condition.notZero(SXX.formula(), "x-constant");
  }

  private static Condition yVaries() {
    return Condition.notZero(SYY.formula(), "y-constant");
  }

  private static FastPath quick(Function<PairSums, Exact> way) {
    return known -> {
      PairSums sums = known.context().data().pairs().orElseThrow().sums();
      return sums.n().signum() == 0
          ? Result.absent("no-values")
          : new Result.Found(way.apply(sums));
    };
  }

  /** {@return what formulas name that nobody asks for itself} */
  static List<Measure> helpers() {
    return List.of(
        measure("mean_rank", MEAN_RANK, s -> Definition.of(N.plus(number(1)).over(number(2)))),
        measure("mean_x", MEAN_X, s -> Definition.of(new Sum(X).over(N)))
            .quickly(quick(PairSums::meanX)),
        measure("mean_y", MEAN_Y, s -> Definition.of(new Sum(Y).over(N)))
            .quickly(quick(PairSums::meanY)),
        measure("sxx", SXX, s -> Definition.of(squares(X, MEAN_X)))
            .quickly(quick(PairSums::sxx))
            .by(Method.SHORTCUT, rawSquares(X)),
        measure("syy", SYY, s -> Definition.of(squares(Y, MEAN_Y)))
            .quickly(quick(PairSums::syy))
            .by(Method.SHORTCUT, rawSquares(Y)),
        measure(
                "sxy",
                SXY,
                s ->
                    Definition.of(
                        new Sum(X.minus(MEAN_X.formula()).times(Y.minus(MEAN_Y.formula())))))
            .quickly(quick(PairSums::sxy))
            .by(Method.SHORTCUT, new Sum(X.times(Y)).minus(new Sum(X).times(new Sum(Y)).over(N))));
  }

  private static Formula squares(Formula variable, Quantity mean) {
    return new Sum(variable.minus(mean.formula()).power(2));
  }

  /** {@return those that are asked for without arguments, in the order in which they are told} */
  static List<Measure> all() {
    return Stream.of(together(), lines(), ranks(), differences(), tested())
        .flatMap(List::stream)
        .toList();
  }

  private static List<Measure> together() {
    return List.of(
        measure(
                "covariance",
                COVARIANCE,
                s ->
                    Definition.of(
                        SXY.formula().over(s.isPopulation() ? N : N.minus(number(1))),
                        pairs(s.isPopulation() ? 1 : 2)))
            .in(Dimension.SQUARE)
            .slipping(
                new Slip(Cause.PRODUCTS_NOT_CENTRED, new Sum(X.times(Y)).over(N)),
                new Slip(Cause.PRODUCTS_NOT_CENTRED, new Sum(X.times(Y)).over(N.minus(number(1))))),
        measure(
                "correlation",
                CORRELATION,
                s ->
                    Definition.of(
                        SXY.formula().over(SXX.formula().times(SYY.formula()).root()),
                        pairs(2),
                        xVaries(),
                        yVaries()))
            .slipping(s -> correlationSlips(s.isPopulation() ? N : N.minus(number(1)))),
        measure(
            "determination",
            DETERMINATION,
            s ->
                Definition.of(
                    SXY.formula().power(2).over(SXX.formula().times(SYY.formula())),
                    pairs(2),
                    xVaries(),
                    yVaries())));
  }

  private static List<Slip> correlationSlips(Formula divisor) {
    Formula squares = SXX.formula().times(SYY.formula());
    Formula less = N.minus(number(1));
    return List.of(
        new Slip(Cause.DIVISORS_MIXED, CORRELATION.formula().times(N).over(less)),
        new Slip(Cause.DIVISORS_MIXED, CORRELATION.formula().times(less).over(N)),
        new Slip(Cause.ROOT_NOT_TAKEN, SXY.formula().over(squares)),
        new Slip(Cause.ROOT_NOT_TAKEN, SXY.formula().times(divisor).over(squares)));
  }

  private static List<Measure> lines() {
    return List.of(
        measure("slope", SLOPE, s -> Definition.of(SXY.formula().over(SXX.formula()), xVaries()))
            .slipping(new Slip(Cause.AXES_SWAPPED, SLOPE_OF_X.formula())),
        measure(
                "intercept",
                INTERCEPT,
                s ->
                    Definition.of(
                        MEAN_Y.formula().minus(SLOPE.formula().times(MEAN_X.formula())), xVaries()))
            .slipping(
                new Slip(Cause.AXES_SWAPPED, INTERCEPT_OF_X.formula()),
                new Slip(
                    Cause.SIGN_REVERSED,
                    MEAN_Y.formula().plus(SLOPE.formula().times(MEAN_X.formula())))),
        measure(
                "slope_of_x",
                SLOPE_OF_X,
                s -> Definition.of(SXY.formula().over(SYY.formula()), yVaries()))
            .slipping(new Slip(Cause.AXES_SWAPPED, SLOPE.formula())),
        measure(
                "intercept_of_x",
                INTERCEPT_OF_X,
                s ->
                    Definition.of(
                        MEAN_X.formula().minus(SLOPE_OF_X.formula().times(MEAN_Y.formula())),
                        yVaries()))
            .slipping(new Slip(Cause.AXES_SWAPPED, INTERCEPT.formula())),
        measure(
            "residual_sd",
            RESIDUAL_SD,
            s ->
                Definition.of(
                    SYY.formula()
                        .minus(SXY.formula().power(2).over(SXX.formula()))
                        .over(N.minus(number(2)))
                        .root(),
                    pairs(3),
                    xVaries())));
  }

  private static List<Measure> ranks() {
    Formula middle = MEAN_RANK.formula();
    Formula ofX = SeveralQuantities.RANK_X.formula().minus(middle);
    Formula ofY = SeveralQuantities.RANK_Y.formula().minus(middle);
    return List.of(
        measure(
                "rank_correlation",
                RANK_CORRELATION,
                s ->
                    Definition.of(
                        new Sum(ofX.times(ofY))
                            .over(new Sum(ofX.power(2)).times(new Sum(ofY.power(2))).root()),
                        pairs(2),
                        xVaries(),
                        yVaries()))
            .quickly(
                known -> {
                  PairSums sums = known.context().data().pairs().orElseThrow().sums();
                  if (sums.n().compareTo(Exact.of(2)) < 0) {
                    return Result.absent("too-few-pairs", "2");
                  }
                  if (sums.sxx().signum() == 0) {
                    return Result.absent("x-constant");
                  }
                  return sums.syy().signum() == 0
                      ? Result.absent("y-constant")
                      : new Result.Found(sums.rankCorrelation());
                })
            .by(
                Method.SHORTCUT,
                s -> sharesRanks(s) ? Optional.empty() : Optional.of(byRankDifferences()))
            .slipping(
                new Slip(Cause.TIED_FORMULA, byRankDifferences()),
                new Slip(Cause.ONE_RANKING_TURNED, turned(RANK_CORRELATION))));
  }

  /** The number with its sign turned. */
  private static Formula turned(Quantity quantity) {
    return number(0).minus(quantity.formula());
  }

  private static List<Measure> differences() {
    Formula apart = new Sum(D.minus(DIFFERENCE_MEAN.formula()).power(2));
    return List.of(
        measure("difference_mean", DIFFERENCE_MEAN, s -> Definition.of(new Sum(D).over(N)))
            .in(Dimension.VALUE)
            .quickly(quick(sums -> sums.meanX().minus(sums.meanY())))
            .slipping(new Slip(Cause.SIGN_REVERSED, turned(DIFFERENCE_MEAN))),
        measure(
                "difference_sd",
                DIFFERENCE_SD,
                s -> Definition.of(apart.over(N.minus(number(1))).root(), pairs(2)))
            .in(Dimension.VALUE)
            .quickly(
                known -> {
                  PairSums sums = known.context().data().pairs().orElseThrow().sums();
                  return sums.n().compareTo(Exact.of(2)) < 0
                      ? Result.absent("too-few-pairs", "2")
                      : new Result.Found(sums.sdOfDifferences());
                }));
  }

  private static Condition[] pairedNeeds() {
    return new Condition[] {
      pairs(2), Condition.notZero(DIFFERENCE_SD.formula(), "no-spread-of-differences")
    };
  }

  private static Condition[] correlatedNeeds() {
    return new Condition[] {
      pairs(3),
      xVaries(),
      yVaries(),
      Needs.positive(number(1).minus(DETERMINATION.formula()), "on-a-line")
    };
  }

  private static List<Measure> tested() {
    Formula paired = N.minus(number(1));
    Formula correlated = N.minus(number(2));
    return List.of(
        measure(
                "t_paired",
                T_PAIRED,
                s ->
                    Definition.of(
                        DIFFERENCE_MEAN.formula().over(DIFFERENCE_SD.formula().over(N.root())),
                        pairedNeeds()))
            .slipping(
                new Slip(Cause.SIGN_REVERSED, turned(T_PAIRED)),
                new Slip(
                    Cause.SD_FOR_STANDARD_ERROR,
                    DIFFERENCE_MEAN.formula().over(DIFFERENCE_SD.formula())),
                new Slip(
                    Cause.N_NOT_ROOTED,
                    DIFFERENCE_MEAN.formula().over(DIFFERENCE_SD.formula().over(N)))),
        measure("t_paired_df", T_PAIRED_DF, s -> Definition.of(paired, pairedNeeds()))
            .in(Dimension.DEGREES),
        measure(
                "t_paired_p",
                Quantity.of("t_paired_p", "p", "p"),
                s ->
                    Definition.of(
                        new Area(
                            Distribution.T,
                            List.of(T_PAIRED_DF.formula()),
                            Several.tail(s),
                            T_PAIRED.formula()),
                        pairedNeeds()))
            .in(Dimension.PROBABILITY),
        measure(
            "effect_paired",
            Quantity.of("effect_paired", "d_z", "d_z"),
            s ->
                Definition.of(
                    new Formula.Absolute(DIFFERENCE_MEAN.formula()).over(DIFFERENCE_SD.formula()),
                    pairedNeeds())),
        measure(
            "correlation_t",
            CORRELATION_T,
            s ->
                Definition.of(
                    CORRELATION
                        .formula()
                        .times(correlated.root())
                        .over(number(1).minus(DETERMINATION.formula()).root()),
                    correlatedNeeds())),
        measure(
                "correlation_t_df",
                CORRELATION_DF,
                s -> Definition.of(correlated, correlatedNeeds()))
            .in(Dimension.DEGREES),
        measure(
                "correlation_t_p",
                Quantity.of("correlation_t_p", "p_r", "pᵣ"),
                s ->
                    Definition.of(
                        new Area(
                            Distribution.T,
                            List.of(CORRELATION_DF.formula()),
                            Several.tail(s),
                            CORRELATION_T.formula()),
                        correlatedNeeds()))
            .in(Dimension.PROBABILITY));
  }

  /** {@return y on the line of regression at some x} */
  static Measure prediction() {
    return measure(
            "prediction",
            PREDICTION,
            s ->
                Definition.of(
                    INTERCEPT.formula().plus(SLOPE.formula().times(AT.formula())), xVaries()))
        .slipping(
            new Slip(
                Cause.AXES_SWAPPED,
                INTERCEPT_OF_X.formula().plus(SLOPE_OF_X.formula().times(AT.formula()))))
        .about(Parameter.any(AT));
  }

  /** Σx² − (Σx)²/n. */
  private static Formula rawSquares(Formula variable) {
    return new Sum(variable.power(2)).minus(new Sum(variable).power(2).over(N));
  }

  /** 1 − 6Σd²/(n(n²−1)), of ranks that are not shared (Spearman 1904). */
  private static Formula byRankDifferences() {
    Formula apart = SeveralQuantities.RANK_DIFFERENCE.formula();
    Formula below = N.times(N.power(2).minus(number(1)));
    return number(1).minus(number(6).times(new Sum(apart.power(2))).over(below));
  }

  private static boolean sharesRanks(MeasureContext context) {
    Pairs pairs = context.data().pairs().orElseThrow();
    return IntStream.range(0, pairs.size())
            .anyMatch(
                row -> pairs.doubledRankOfX(row) % 2 != 0 || pairs.doubledRankOfY(row) % 2 != 0)
        || isTied(pairs.x())
        || isTied(pairs.y());
  }

  private static boolean isTied(Values values) {
    return new Sample(values).tally().size() < values.size();
  }

  /** {@return how many pairs there are} */
  static Measure count() {
    return measure("n", Several.N, s -> Definition.of(new Numeral(s.data().total())));
  }
}
