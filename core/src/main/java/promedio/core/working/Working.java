package promedio.core.working;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Formulas;
import promedio.core.formula.Quantity;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.rules.Carry;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Tally;

/**
 * The working of a measure as a student hands it in: what is needed first, then the measure itself,
 * each step in symbols and with the numbers put in.
 *
 * @param measure what is worked
 * @param method how
 * @param steps the steps in their order; the last one finds the measure
 * @param table the table that the totals come from, where the working needs one
 * @param exact what the measure is without any rounding on the way
 */
public record Working(
    Measure measure,
    Method method,
    List<WorkingStep> steps,
    Optional<WorkTable> table,
    Exact exact) {

  /** Nobody works more rows by hand. */
  static final int MOST_ROWS = 2000;

  public Working {
    steps = List.copyOf(steps);
  }

  /**
   * {@return the working}; empty where the measure has no value, or none that its formula gives:
   * the mode, the mean of an n-th root, or more than {@value #MOST_ROWS} values
   *
   * @throws IllegalArgumentException if the measure is not worked by that method
   */
  public static Optional<Working> of(Data data, CourseRules rules, Measure measure, Method method) {
    if (!Method.of(measure).contains(method)) {
      throw new IllegalArgumentException(measure.key() + " is not worked by " + method.code());
    }
    boolean tooLong = data.tally().total().compareTo(Exact.of(MOST_ROWS)) > 0;
    return data.tally().isEmpty() || tooLong
        ? Optional.empty()
        : new Builder(data, rules, method).build(measure);
  }

  /** Finds the steps, each after those that it needs. */
  private static final class Builder {

    private final Tally tally;
    private final boolean frequencies;
    private final CourseRules rules;
    private final Method method;
    private final Formulas formulas;
    private final Evaluation evaluation;
    private final Map<Formula, Exact> known = new LinkedHashMap<>();
    private final List<WorkingStep> steps = new ArrayList<>();
    private final WorkTableBuilder table;

    Builder(Data data, CourseRules rules, Method method) {
      this.tally = data.tally();
      this.frequencies = data instanceof FrequencyTable;
      this.rules = rules;
      this.method = method;
      this.formulas = Formulas.of(data, rules);
      this.evaluation =
          new Evaluation(tally, quantity -> Optional.ofNullable(known.get(named(quantity))));
      this.table = new WorkTableBuilder(tally, frequencies, evaluation, this::carried);
    }

    private static Formula named(Quantity quantity) {
      return new Formula.Named(quantity);
    }

    Optional<Working> build(Measure measure) {
      Optional<Formula> formula = formula(measure);
      Optional<Exact> exact = formulas.value(measure);
      if (formula.isEmpty() || exact.isEmpty()) {
        return Optional.empty();
      }
      Formula left = named(formulas.symbol(measure));
      boolean found = find(left, formula.get());
      return found
          ? Optional.of(new Working(measure, method, steps, table.build(), exact.get()))
          : Optional.empty();
    }

    private Optional<Formula> formula(Measure measure) {
      if (method == Method.DEFINITION) {
        return formulas.of(measure).map(equation -> equation.right());
      }
      Formula variance = shortcut();
      return Optional.of(measure == Measure.SD ? variance.root() : variance);
    }

    /** Σx² − (Σx)²/n over n − 1 or n; in a table with f before each. */
    private Formula shortcut() {
      Formula x = named(Quantity.X);
      Formula f = named(Quantity.F);
      Formula n = named(frequencies ? Quantity.TABLE_COUNT : Quantity.N);
      Formula squares = new Formula.Sum(frequencies ? f.times(x.power(2)) : x.power(2));
      Formula total = new Formula.Sum(frequencies ? f.times(x) : x);
      Formula divisor = rules.get(Rule.DIVISOR) == Divisor.N ? n : n.minus(Formula.number(1));
      return squares.minus(total.power(2).over(n)).over(divisor);
    }

    /** Adds what the formula needs, then the step that it is. */
    private boolean find(Formula left, Formula formula) {
      Set<Formula> parts = formula.parts();
      for (Formula part : parts) {
        if (!known.containsKey(part) && !findPart(part)) {
          return false;
        }
      }
      Formula numbers = formula.withNumbers(this::numberOf);
      Optional<Exact> value = evaluation.of(numbers);
      if (value.isEmpty()) {
        return false;
      }
      Exact carried = carried(value.get());
      known.put(left, carried);
      // A total of the table was a step of its own already.
      if (!(formula instanceof Formula.Sum)) {
        steps.add(new WorkingStep(left, formula, numbers, value.get(), carried));
      }
      return true;
    }

    private boolean findPart(Formula part) {
      if (part instanceof Formula.Named name) {
        return formulas
            .definition(name.quantity())
            .map(definition -> find(part, definition))
            .orElse(false);
      }
      if (part instanceof Formula.Sum sum) {
        Optional<Exact> total = table.add(sum.body());
        total.ifPresent(
            t -> {
              known.put(part, carried(t));
              steps.add(new WorkingStep(part, part, new Formula.Numeral(t), t, carried(t)));
            });
        return total.isPresent();
      }
      return evaluation.of(part).map(v -> known.put(part, v) == null).orElse(false);
    }

    private Optional<Exact> numberOf(Formula part) {
      Exact value = known.get(part);
      return value != null ? Optional.of(value) : evaluation.of(part);
    }

    /** Steps are rounded only where the course rules say so; counts never need it. */
    private Exact carried(Exact value) {
      Carry carry = rules.get(Rule.CARRY);
      return carry.equals(Carry.EXACT)
          ? value
          : Exact.of(value.rounded(Integer.parseInt(carry.code()), rules.get(Rule.ROUNDING)));
    }
  }
}
