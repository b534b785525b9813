package promedio.core.marking;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.formula.Scope;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;

/**
 * The way to a result: formulas one after the other, each of which may use what those before find.
 */
final class Way {

  private static final int DIGITS = 60;

  /** A step: what it finds, and how. */
  record Found(Formula left, Formula symbols, Optional<Exact> value) {

    /** {@return whether it uses what another step finds}; a total of the table is itself */
    boolean uses(Formula part) {
      return symbols.equals(part) ? !left.equals(part) : symbols.contains(part);
    }
  }

  private final List<Found> steps;
  private final List<OptionalInt> distances;
  private final Scope scope;
  private final Function<Quantity, Optional<Exact>> given;

  /**
   * Makes one.
   *
   * @param working whose way it is, without rounding
   * @param scope what sums run over
   * @param given knows what no step finds
   */
  Way(Working working, Scope scope, Function<Quantity, Optional<Exact>> given) {
    this.scope = scope;
    this.given = given;
    List<Found> found = new ArrayList<>();
    for (WorkingStep step : working.steps().subList(0, working.lastCalculation() + 1)) {
      step.fold(
          computed ->
              found.add(new Found(computed.left(), computed.symbols(), exact(computed.value()))),
          agreed -> found.add(new Found(agreed.left(), agreed.symbols(), number(agreed.numbers()))),
          list -> false,
          seen -> false);
    }
    this.steps = List.copyOf(found);
    this.distances = distances();
  }

  private static Optional<Exact> exact(Real value) {
    return value instanceof Exact exact ? Optional.of(exact) : Optional.empty();
  }

  private static Optional<Exact> number(Formula formula) {
    return formula instanceof Formula.Numeral numeral
        ? Optional.of(numeral.value())
        : Optional.empty();
  }

  /** {@return its steps} */
  List<Found> steps() {
    return steps;
  }

  /**
   * {@return how far the step, from 0, is from the last one: 1 where that uses what it finds; none
   * where nothing uses it}
   */
  OptionalInt distance(int step) {
    return distances.get(step);
  }

  private List<OptionalInt> distances() {
    if (steps.isEmpty()) {
      return List.of();
    }
    OptionalInt[] found = new OptionalInt[steps.size()];
    Arrays.fill(found, OptionalInt.empty());
    found[steps.size() - 1] = OptionalInt.of(0);
    for (int i = steps.size() - 2; i >= 0; i--) {
      Formula left = steps.get(i).left();
      found[i] =
          IntStream.range(i + 1, steps.size())
              .filter(user -> steps.get(user).uses(left) && found[user].isPresent())
              .map(user -> found[user].getAsInt() + 1)
              .min();
    }
    return List.of(found);
  }

  /** {@return what a formula comes to where the step, from 0, stands} */
  Optional<Real> value(Formula formula, int step) {
    return evaluate(formula, step, Map.of());
  }

  /** {@return the terms of the sum that the step, from 0, is; none where it is no sum of rows} */
  List<Exact> terms(int step) {
    Found found = steps.get(step);
    Formula sum = found.symbols() instanceof Formula.Sum ? found.symbols() : found.left();
    if (!(sum instanceof Formula.Sum rows)) {
      return List.of();
    }
    Evaluation evaluation = evaluation(step, Map.of(), UnaryOperator.identity());
    List<Exact> terms = new ArrayList<>();
    for (int row = 0; row < scope.rows(); row++) {
      evaluation.inRow(rows.body(), scope, row).ifPresent(terms::add);
    }
    return terms;
  }

  /** {@return what the way comes to where a step finds this instead} */
  Optional<Real> outcome(int changed, Real instead) {
    Map<Formula, Exact> other = new HashMap<>();
    other.put(steps.get(changed).left(), exactOrNear(instead));
    Optional<Real> last = Optional.of(instead);
    for (int i = changed + 1; i < steps.size(); i++) {
      Found step = steps.get(i);
      last = step.value().map(value -> value);
      if (other.keySet().stream().anyMatch(step::uses)) {
        last = evaluate(step.symbols(), i, other);
        if (last.isEmpty()) {
          return last;
        }
        other.put(step.left(), exactOrNear(last.get()));
      } else {
        // Found anew from numbers that nothing changed.
        other.remove(step.left());
      }
    }
    return last;
  }

  /** A sum with a root goes on as a decimal, which is more exact than any answer. */
  private static Exact exactOrNear(Real value) {
    return value instanceof Exact exact ? exact : Exact.of(value.significant(DIGITS));
  }

  private static Exact near(Exact value) {
    return value.isRational() ? value : Exact.of(value.significant(DIGITS));
  }

  private Optional<Real> evaluate(Formula formula, int step, Map<Formula, Exact> other) {
    Formula numbers =
        formula.withNumbers(
            part -> part instanceof Formula.Sum ? found(part, step, other) : Optional.empty());
    return evaluation(step, other, UnaryOperator.identity())
        .real(numbers)
        .or(() -> evaluation(step, other, Way::near).real(numbers));
  }

  /** Roots that do not go together go on as decimals. */
  private Evaluation evaluation(int step, Map<Formula, Exact> other, UnaryOperator<Exact> taken) {
    return new Evaluation(
        scope,
        quantity ->
            found(quantity.formula(), step, other).or(() -> given.apply(quantity)).map(taken));
  }

  /** What steps before this one found, as it is or changed. */
  private Optional<Exact> found(Formula part, int step, Map<Formula, Exact> other) {
    Exact changed = other.get(part);
    if (changed != null) {
      return Optional.of(changed);
    }
    if (part instanceof Formula.Sum && other.keySet().stream().anyMatch(part::contains)) {
      return Optional.empty();
    }
    for (int i = Math.min(step, steps.size()) - 1; i >= 0; i--) {
      if (steps.get(i).left().equals(part)) {
        return steps.get(i).value();
      }
    }
    return Optional.empty();
  }
}
