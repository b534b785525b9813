package promedio.core.catalogue.association;

import static promedio.core.catalogue.association.PairParts.N;
import static promedio.core.catalogue.association.PairParts.pairs;
import static promedio.core.catalogue.association.PairParts.turned;
import static promedio.core.catalogue.association.PairParts.xVaries;
import static promedio.core.catalogue.association.PairParts.yVaries;
import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.FastPathInput;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.Result;
import promedio.core.measure.SeveralQuantities;
import promedio.core.number.Exact;
import promedio.core.rules.RankTies;
import promedio.core.rules.Rule;
import promedio.core.sample.PairSums;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The rank correlation (Spearman 1904): the correlation of the ranks, equal values sharing the mean
 * of theirs, or by the rule 1 − 6Σd²/(n(n²−1)) also where ranks are shared. Without a unit, from −1
 * to 1. Absent of fewer than two pairs, and where x or y does not vary.
 */
public final class RankCorrelation {

  private static final Quantity RANK_CORRELATION = Quantity.of("rank_correlation", "r_s", "rₛ");
  private static final Quantity MEAN_RANK = Quantity.of("mean_rank", "\\bar{R}", "R̄");

  private RankCorrelation() {}

  /** {@return the mean of all ranks, (n+1)/2, which the formula names} */
  public static Measure meanRank() {
    return PairParts.measure("mean_rank", MEAN_RANK, N.plus(number(1)).over(number(2)));
  }

  /** {@return the measure} */
  public static Measure measure() {
    return PairParts.measure(
            "rank_correlation",
            RANK_CORRELATION,
            s ->
                Definition.of(
                    isByFormula(s) ? byDifferences() : ofRanks(), pairs(2), xVaries(), yVaries()))
        .quickly(RankCorrelation::fast)
        .by(
            Method.RANK_DIFFERENCES,
            s -> isByFormula(s) || sharesRanks(s) ? Optional.empty() : Optional.of(byDifferences()))
        .slipping(
            s ->
                List.of(
                    isByFormula(s)
                        ? new Slip(
                            Cause.RANK_TIES, Map.of("value", RankTies.SHARED.code()), ofRanks())
                        : new Slip(Cause.TIED_FORMULA, byDifferences()),
                    new Slip(Cause.ONE_RANKING_TURNED, turned(RANK_CORRELATION))));
  }

  private static boolean isByFormula(MeasureContext context) {
    return context.rules().get(Rule.RANK_TIES) == RankTies.FORMULA;
  }

  private static Result fast(FastPathInput known) {
    PairSums sums = PairParts.sums(known.context());
    if (sums.n().compareTo(Exact.of(2)) < 0) {
      return Result.absent("too-few-pairs", "2");
    }
    if (sums.sxx().signum() == 0) {
      return Result.absent("x-constant");
    }
    if (sums.syy().signum() == 0) {
      return Result.absent("y-constant");
    }
    if (!isByFormula(known.context())) {
      return new Result.Found(sums.rankCorrelation());
    }
    Exact below = sums.n().times(sums.n().pow(2).minus(Exact.ONE));
    return new Result.Found(Exact.ONE.minus(sums.squaredRankDifferences().times(6).over(below)));
  }

  /** Σ(Rₓ−R̄)(Rᵧ−R̄)/√(Σ(Rₓ−R̄)²·Σ(Rᵧ−R̄)²). */
  private static Formula ofRanks() {
    Formula ofX = SeveralQuantities.RANK_X.formula().minus(MEAN_RANK.formula());
    Formula ofY = SeveralQuantities.RANK_Y.formula().minus(MEAN_RANK.formula());
    Formula below = new Sum(ofX.power(2)).times(new Sum(ofY.power(2))).root();
    return new Sum(ofX.times(ofY)).over(below);
  }

  /** 1 − 6Σd²/(n(n²−1)), the same where no ranks are shared. */
  private static Formula byDifferences() {
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
}
