package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.FastPathInput;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.Moments;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The variance Σ(x−x̄)²/(n−1), or Σ(x−x̄)²/n; less Sheppard's h²/12 (Sheppard 1898) where that rule
 * is on and all classes are equally wide. In the square of the unit, at least 0. Absent by n − 1 of
 * one value, where the correction makes it negative, and where the mean is absent.
 */
final class Variance extends BasicMeasure {

  /** Whether it is divided by n − 1 whatever the rule says, as the standard error wants it. */
  private final boolean ofSample;

  private Variance(boolean ofSample) {
    super("variance", Family.SPREAD, Quantity.VARIANCE);
    this.ofSample = ofSample;
  }

  static Variance byRule() {
    return new Variance(false);
  }

  static Variance ofSample() {
    return new Variance(true);
  }

  @Override
  public Quantity quantity(MeasureContext context) {
    return ofSample ? Quantity.VARIANCE : context.variance();
  }

  @Override
  public Definition definition(MeasureContext context) {
    Formula variance = ofSample ? context.varianceOfSample() : context.uncorrectedVariance();
    return Definition.of(context.corrected(variance), needs(variance, !byN(context), context));
  }

  @Override
  public Optional<Definition.ByFormula> way(Method method, MeasureContext context) {
    if (method == Method.MEAN_SQUARE) {
      return Optional.of(Definition.of(context.corrected(byMeanSquare(!byN(context), context))));
    }
    return CodedRows.ofSquares(method, context)
        .map(rows -> rows.scaled(overDivisor(rows, !byN(context), context), 2))
        .map(variance -> Definition.of(context.corrected(variance)));
  }

  /** {@return Σx²/n − x̄², by n − 1 times n/(n−1)} */
  static Formula byMeanSquare(boolean byOneLess, MeasureContext context) {
    Formula n = context.n();
    Formula mean = (byOneLess ? Quantity.MEAN : context.mean()).formula();
    Formula byN = context.sum(context.x().power(2)).over(n).minus(mean.power(2));
    return byOneLess ? n.over(n.minus(number(1))).times(byN) : byN;
  }

  /** {@return Σu²−(Σu)²/n over n − 1 or n} */
  static Formula overDivisor(CodedRows rows, boolean byOneLess, MeasureContext context) {
    Formula n = context.n();
    return rows.squares(context).over(byOneLess ? n.minus(number(1)) : n);
  }

  /** {@return what must hold for a variance, or its root, to be there} */
  static Condition[] needs(Formula variance, boolean byOneLess, MeasureContext context) {
    List<Condition> needs = new ArrayList<>();
    if (byOneLess) {
      needs.add(Condition.moreThanOne(context));
    }
    if (context.sheppardWidth().isPresent()) {
      needs.add(Condition.notNegative(context.corrected(variance), "sheppard-negative"));
    }
    return needs.toArray(Condition[]::new);
  }

  private boolean byN(MeasureContext context) {
    return context.isPopulation() && !ofSample;
  }

  @Override
  public Dimension dimension(List<Exact> arguments) {
    return Dimension.SQUARE;
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return List.of(
        new Slip(Cause.ROOT_TAKEN, context.sd().formula()),
        new Slip(Cause.DEVIATIONS_NOT_SQUARED, Quantity.MEAN_DEVIATION.formula()));
  }

  @Override
  public Optional<FastPath> fast(MeasureContext context) {
    return Optional.of(this::fast);
  }

  private Result fast(FastPathInput known) {
    MeasureContext context = known.context();
    Optional<Moments> moments = known.summary().moments();
    if (moments.isEmpty()) {
      return known.summary().whyNoMoments();
    }
    Exact n = moments.get().n();
    if (!byN(context) && n.compareTo(Exact.ONE) <= 0) {
      return Result.absent("too-few", "2");
    }
    Exact m2 = moments.get().m2();
    Exact raw = byN(context) ? m2 : m2.times(n).over(n.minus(Exact.ONE));
    Exact correction =
        context.sheppardWidth().map(width -> width.pow(2).over(12)).orElse(Exact.ZERO);
    Exact corrected = raw.minus(correction);
    return corrected.signum() < 0
        ? Result.absent("sheppard-negative")
        : new Result.Found(corrected);
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of(key());
  }
}
