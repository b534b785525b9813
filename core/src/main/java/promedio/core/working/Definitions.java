package promedio.core.working;

import static promedio.core.formula.Formula.number;

import java.util.Map;
import java.util.Optional;
import promedio.core.catalogue.several.Several;
import promedio.core.computation.Computation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.MeasureContext;
import promedio.core.sample.Subject;

/** What each quantity is made of when it is worked by a method. */
final class Definitions {

  private static final Formula A = Quantity.ASSUMED_MEAN.formula();
  private static final Formula H = Quantity.STEP.formula();
  private static final Formula D = Quantity.DEVIATION_FROM_ASSUMED_MEAN.formula();
  private static final Formula U = Quantity.CODED_VALUE.formula();
  private static final Formula M1 = Quantity.FIRST_RAW_MOMENT.formula();
  private static final Formula M2 = Quantity.SECOND_RAW_MOMENT.formula();
  private static final Formula M3 = Quantity.THIRD_RAW_MOMENT.formula();
  private static final Formula M4 = Quantity.FOURTH_RAW_MOMENT.formula();

  private final MeasureContext context;
  private final Method method;

  /** x, or m of a class table. */
  private final Formula x;

  Definitions(Computation computation, Method method) {
    this.context = computation.context();
    this.method = method;
    this.x = context.x();
  }

  /** {@return the formula of the quantity, where the method has one of its own} */
  Optional<Formula> ofMethod(Quantity quantity) {
    return switch (method) {
      case SHORTCUT ->
          context.data().subject() == Subject.ONE
              ? spread(quantity, x, Optional.empty())
              : Several.shortcut(quantity, context);
      case ASSUMED_MEAN -> assumed(quantity, D, Optional.empty());
      case STEP -> assumed(quantity, U, Optional.of(H));
      case RAW_MOMENTS -> moments(quantity);
      case DEFINITION, CROSSING_OFF, CUMULATIVE -> Optional.empty();
    };
  }

  /** {@return the formula of a quantity that has another value in each row, if it is one} */
  Optional<Formula> inRow(Quantity quantity) {
    Formula column = quantity.formula();
    Formula made = Columns.inRow(column, x);
    return made.equals(column) ? Optional.empty() : Optional.of(made);
  }

  private Optional<Formula> assumed(Quantity quantity, Formula row, Optional<Formula> step) {
    if (quantity.equals(context.mean())) {
      Formula meanOfRows = context.sum(row).over(context.n());
      return Optional.of(A.plus(step.map(h -> h.times(meanOfRows)).orElse(meanOfRows)));
    }
    return spread(quantity, row, step);
  }

  /** Σx² − (Σx)²/n over n − 1 or n, of x or of what stands for it. */
  private Optional<Formula> spread(Quantity quantity, Formula row, Optional<Formula> step) {
    Formula n = context.n();
    Formula squares = context.sum(row.power(2)).minus(context.sum(row).power(2).over(context.n()));
    Formula sample = squares.over(n.minus(number(1)));
    Formula population = squares.over(n);
    Map<Quantity, Formula> own =
        Map.of(
            Quantity.VARIANCE, context.corrected(scaled(sample, step)),
            Quantity.POPULATION_VARIANCE, context.corrected(scaled(population, step)),
            Quantity.STANDARD_DEVIATION, root(sample, step),
            Quantity.POPULATION_DEVIATION, root(population, step));
    return Optional.ofNullable(own.get(quantity));
  }

  /** h·√…, but with Sheppard's correction the root of the whole. */
  private Formula root(Formula variance, Optional<Formula> step) {
    Formula scaled = scaled(variance, step);
    Formula corrected = context.corrected(scaled);
    return corrected.equals(scaled) ? times(step, variance.root()) : corrected.root();
  }

  private static Formula scaled(Formula formula, Optional<Formula> step) {
    return times(step.map(h -> h.power(2)), formula);
  }

  private static Formula times(Optional<Formula> factor, Formula formula) {
    return factor.map(f -> f.times(formula)).orElse(formula);
  }

  private Optional<Formula> moments(Quantity quantity) {
    Formula n = context.n();
    Formula m2 = Quantity.SECOND_MOMENT.formula();
    Map<Quantity, Formula> own =
        Map.of(
            Quantity.FIRST_RAW_MOMENT,
            raw(1),
            Quantity.SECOND_RAW_MOMENT,
            raw(2),
            Quantity.THIRD_RAW_MOMENT,
            raw(3),
            Quantity.FOURTH_RAW_MOMENT,
            raw(4),
            Quantity.SECOND_MOMENT,
            M2.minus(M1.power(2)),
            Quantity.THIRD_MOMENT,
            M3.minus(number(3).times(M1).times(M2)).plus(number(2).times(M1.power(3))),
            Quantity.FOURTH_MOMENT,
            M4.minus(number(4).times(M1).times(M3))
                .plus(number(6).times(M1.power(2)).times(M2))
                .minus(number(3).times(M1.power(4))),
            Quantity.STANDARD_DEVIATION,
            n.over(n.minus(number(1))).times(m2).root());
    return Optional.ofNullable(own.get(quantity));
  }

  private Formula raw(int order) {
    return context.sum(order == 1 ? x : x.power(order)).over(context.n());
  }
}
