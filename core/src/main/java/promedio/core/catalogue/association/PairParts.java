package promedio.core.catalogue.association;

import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.FastPath;
import promedio.core.measure.FormulaMeasure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Result;
import promedio.core.measure.SeveralQuantities;
import promedio.core.number.Exact;
import promedio.core.sample.PairSums;
import promedio.core.sample.Subject;

/** What the formulas of pairs (x, y) share: their names, and what must hold of the pairs. */
final class PairParts {

  static final Formula X = Quantity.X.formula();
  static final Formula Y = SeveralQuantities.Y.formula();

  /** How many pairs there are. */
  static final Formula N = Quantity.N.formula();

  static final Quantity MEAN_X = Quantity.of("mean_x", "\\bar{x}", "x̄");
  static final Quantity MEAN_Y = Quantity.of("mean_y", "\\bar{y}", "ȳ");
  static final Quantity SXX = Quantity.of("sxx", "S_{xx}", "Sxx");
  static final Quantity SYY = Quantity.of("syy", "S_{yy}", "Syy");
  static final Quantity SXY = Quantity.of("sxy", "S_{xy}", "Sxy");

  private PairParts() {}

  static FormulaMeasure measure(
      String key, Quantity quantity, Function<MeasureContext, Definition> by) {
    return FormulaMeasure.of(key, Subject.PAIRS, quantity, by);
  }

  static FormulaMeasure measure(String key, Quantity quantity, Formula right, Condition... needs) {
    return FormulaMeasure.of(key, Subject.PAIRS, quantity, right, needs);
  }

  static Condition pairs(int fewest) {
    return Condition.atLeast(N, fewest, "too-few-pairs");
  }

  static Condition xVaries() {
    return Condition.notZero(SXX.formula(), "x-constant");
  }

  static Condition yVaries() {
    return Condition.notZero(SYY.formula(), "y-constant");
  }

  static PairSums sums(MeasureContext context) {
    return context.data().pairs().orElseThrow().sums();
  }

  /** {@return a way by sums that are there already, of at least so many pairs} */
  static FastPath quick(int fewest, Function<PairSums, Exact> way) {
    return known -> {
      PairSums sums = sums(known.context());
      if (sums.n().compareTo(Exact.of(fewest)) >= 0) {
        return new Result.Found(way.apply(sums));
      }
      return fewest == 1
          ? Result.absent("no-values")
          : Result.absent("too-few-pairs", String.valueOf(fewest));
    };
  }

  /** {@return the number with its sign turned} */
  static Formula turned(Quantity quantity) {
    return Formula.number(0).minus(quantity.formula());
  }
}
