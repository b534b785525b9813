package promedio.core.working;

import static promedio.core.formula.Formula.number;

import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Formulas;
import promedio.core.formula.Quantity;

/** What each quantity is made of when it is worked by a method. */
final class Definitions {

  private static final Formula A = Quantity.ASSUMED_MEAN.formula();
  private static final Formula H = Quantity.STEP.formula();
  private static final Formula D = Quantity.DISTANCE.formula();
  private static final Formula U = Quantity.STEPS.formula();
  private static final Formula M1 = Quantity.FIRST_RAW_MOMENT.formula();
  private static final Formula M2 = Quantity.SECOND_RAW_MOMENT.formula();
  private static final Formula M3 = Quantity.THIRD_RAW_MOMENT.formula();
  private static final Formula M4 = Quantity.FOURTH_RAW_MOMENT.formula();

  private final Formulas formulas;
  private final Method method;

  /** x, or m of a class table. */
  private final Formula x;

  Definitions(Formulas formulas, Method method) {
    this.formulas = formulas;
    this.method = method;
    this.x = formulas.x();
  }

  /** {@return the formula of the quantity by the method} */
  Optional<Formula> of(Quantity quantity) {
    Optional<Formula> own =
        switch (method) {
          case SHORTCUT -> spread(quantity, x, Optional.empty());
          case ASSUMED_MEAN -> assumed(quantity, D, Optional.empty());
          case STEP -> assumed(quantity, U, Optional.of(H));
          case RAW_MOMENTS -> moments(quantity);
          case DEFINITION, CROSSING_OFF, CUMULATIVE -> Optional.empty();
        };
    return own.or(() -> formulas.definition(quantity));
  }

  /** {@return the formula of a quantity that has another value in each row, if it is one} */
  Optional<Formula> inRow(Quantity quantity) {
    Formula column = quantity.formula();
    Formula made = Columns.inRow(column, x);
    return made.equals(column) ? Optional.empty() : Optional.of(made);
  }

  private Optional<Formula> assumed(Quantity quantity, Formula row, Optional<Formula> step) {
    if (quantity == Quantity.MEAN || quantity == Quantity.POPULATION_MEAN) {
      Formula meanOfRows = formulas.sum(row).over(formulas.n());
      return Optional.of(A.plus(step.map(h -> h.times(meanOfRows)).orElse(meanOfRows)));
    }
    return spread(quantity, row, step);
  }

  /** Σx² − (Σx)²/n over n − 1 or n, of x or of what stands for it. */
  private Optional<Formula> spread(Quantity quantity, Formula row, Optional<Formula> step) {
    Formula n = formulas.n();
    Formula squares =
        formulas.sum(row.power(2)).minus(formulas.sum(row).power(2).over(formulas.n()));
    Formula sample = squares.over(n.minus(number(1)));
    Formula population = squares.over(n);
    return switch (quantity) {
      case VARIANCE -> Optional.of(formulas.corrected(scaled(sample, step)));
      case POPULATION_VARIANCE -> Optional.of(formulas.corrected(scaled(population, step)));
      case DEVIATION -> Optional.of(root(sample, step));
      case POPULATION_DEVIATION -> Optional.of(root(population, step));
      default -> Optional.empty();
    };
  }

  /** h·√…, but with Sheppard's correction the root of the whole. */
  private Formula root(Formula variance, Optional<Formula> step) {
    Formula scaled = scaled(variance, step);
    Formula corrected = formulas.corrected(scaled);
    return corrected.equals(scaled) ? times(step, variance.root()) : corrected.root();
  }

  private static Formula scaled(Formula formula, Optional<Formula> step) {
    return times(step.map(h -> h.power(2)), formula);
  }

  private static Formula times(Optional<Formula> factor, Formula formula) {
    return factor.map(f -> f.times(formula)).orElse(formula);
  }

  private Optional<Formula> moments(Quantity quantity) {
    return switch (quantity) {
      case FIRST_RAW_MOMENT -> Optional.of(raw(1));
      case SECOND_RAW_MOMENT -> Optional.of(raw(2));
      case THIRD_RAW_MOMENT -> Optional.of(raw(3));
      case FOURTH_RAW_MOMENT -> Optional.of(raw(4));
      case SECOND_MOMENT -> Optional.of(M2.minus(M1.power(2)));
      case THIRD_MOMENT ->
          Optional.of(M3.minus(number(3).times(M1).times(M2)).plus(number(2).times(M1.power(3))));
      case FOURTH_MOMENT ->
          Optional.of(
              M4.minus(number(4).times(M1).times(M3))
                  .plus(number(6).times(M1.power(2)).times(M2))
                  .minus(number(3).times(M1.power(4))));
      case DEVIATION ->
          Optional.of(
              formulas
                  .n()
                  .over(formulas.n().minus(number(1)))
                  .times(Quantity.SECOND_MOMENT.formula())
                  .root());
      default -> Optional.empty();
    };
  }

  private Formula raw(int order) {
    return formulas.sum(order == 1 ? x : x.power(order)).over(formulas.n());
  }
}
