package promedio.core.measure;

import java.math.BigInteger;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import promedio.core.formula.RootOfProduct;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/**
 * What no course rule changes, but for the one that closes open classes; computed once for all
 * rules. Safe for use by several threads.
 */
public final class Summary {

  private final Tally tally;
  private final boolean hasMidpoints;
  private @Nullable Moments moments;
  private @Nullable Result geometricMean;
  private @Nullable Result harmonicMean;

  private Summary(Tally tally, boolean hasMidpoints) {
    this.tally = tally;
    this.hasMidpoints = hasMidpoints;
  }

  /** {@return the summary of the values of a setting} */
  public static Summary of(MeasureContext context) {
    return new Summary(context.tally(), context.hasMidpoints());
  }

  /** {@return the values with their frequencies} */
  public Tally tally() {
    return tally;
  }

  /** {@return the moments; none where there are no values, or not all of them are known} */
  public synchronized Optional<Moments> moments() {
    Moments known = moments;
    if (known == null && hasMidpoints && !tally.isEmpty()) {
      known = Moments.of(tally);
      moments = known;
    }
    return Optional.ofNullable(known);
  }

  /** {@return why there are no moments} */
  public Result whyNoMoments() {
    return Result.absent(tally.isEmpty() ? "no-values" : "open-no-midpoint");
  }

  /** {@return the geometric mean} */
  public synchronized Result geometricMean() {
    Result known = geometricMean;
    if (known == null) {
      known = ofPositive(() -> Result.of(RootOfProduct.of(tally)));
      geometricMean = known;
    }
    return known;
  }

  /** {@return the harmonic mean} */
  public synchronized Result harmonicMean() {
    Result known = harmonicMean;
    if (known == null) {
      known = ofPositive(() -> ReciprocalSum.of(tally));
      harmonicMean = known;
    }
    return known;
  }

  private Result ofPositive(Supplier<Result> mean) {
    if (!hasMidpoints) {
      return whyNoMoments();
    }
    return tally.value(0).signum() <= 0 ? Result.absent("not-positive") : mean.get();
  }

  /** {@return Σf·|x−c|/n, where those below c count c−x and the others x−c} */
  public Exact meanDeviation(Exact center) {
    int below = 0;
    int end = tally.size();
    while (below < end) {
      int middle = (below + end) >>> 1;
      if (tally.value(middle).compareTo(center) < 0) {
        below = middle + 1;
      } else {
        end = middle;
      }
    }
    Exact sumBelow = tally.sumBelow(below);
    Exact numberBelow = below == 0 ? Exact.ZERO : tally.cumulative(below - 1);
    Exact sum = tally.sumBelow(tally.size());
    return sum.minus(sumBelow.times(2))
        .plus(center.times(numberBelow.times(2).minus(tally.total())))
        .over(tally.total());
  }

  /** {@return the sum of the values at the first positions when all are in order} */
  public Exact sumOfFirst(BigInteger positions) {
    if (positions.signum() == 0) {
      return Exact.ZERO;
    }
    int rank = tally.rankAt(positions);
    Exact before = rank == 0 ? Exact.ZERO : tally.cumulative(rank - 1);
    return tally.sumBelow(rank).plus(tally.value(rank).times(Exact.of(positions).minus(before)));
  }
}
