package promedio.core.marking;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Result;
import promedio.core.measure.Rewriting;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.rules.Rule;

/** A step's result was rounded before the next step used it. */
final class EarlyRounding {

  private static final int MOST_PLACES = 3;

  private final Problem problem;
  private final Computation computation;
  private final MeasureContext context;
  private final Candidates out;
  private final Rounding rounding;
  private final Optional<Formula> top;

  private EarlyRounding(Problem problem, Candidates out) {
    this.problem = problem;
    this.computation = problem.computation();
    this.context = problem.context();
    this.out = out;
    this.rounding = problem.rules().get(Rule.ROUNDING);
    this.top = problem.formula();
  }

  static void find(Problem problem, Candidates out) {
    EarlyRounding early = new EarlyRounding(problem, out);
    for (int places = 0; places <= MOST_PLACES; places++) {
      early.find(places);
    }
  }

  private void find(int places) {
    for (Quantity mean : distinct(context.mean(), Quantity.MEAN)) {
      step("mean", mean, places);
      if (dependsOn(mean)) {
        Rewriting rounded = Rewriting.rounded(mean, places, rounding);
        add("mean", mean, places, problem.by(rounded.withTree(tree -> byShortcut(tree, mean))));
      }
    }
    variance(places);
    for (Quantity sd : distinct(context.sd(), Quantity.STANDARD_DEVIATION)) {
      step("sd", sd, places);
    }
    step("q1", Quantity.LOWER_QUARTILE, places);
    step("q3", Quantity.UPPER_QUARTILE, places);
    step("median", Quantity.MEDIAN, places);
    Midpoints.of(problem)
        .map(m -> m.changed(value -> rounded(value, places)))
        .ifPresent(m -> add("midpoint", Quantity.MIDPOINT, places, m.outcome(problem)));
  }

  /** The one by the course rule, and the one of a sample, where they are two. */
  private static List<Quantity> distinct(Quantity byRule, Quantity ofSample) {
    return Stream.of(byRule, ofSample).distinct().toList();
  }

  private boolean dependsOn(Quantity quantity) {
    return computation.dependsOn(problem.request(), quantity);
  }

  private Exact rounded(Exact value, int places) {
    return Exact.of(value.rounded(places, rounding));
  }

  /** A quantity is rounded wherever it is used, or in the last formula only. */
  private void step(String name, Quantity quantity, int places) {
    if (!dependsOn(quantity)) {
      return;
    }
    add(name, quantity, places, problem.by(Rewriting.rounded(quantity, places, rounding)));
    Optional<Exact> value = computation.value(quantity);
    if (value.isPresent() && top.isPresent()) {
      Formula inPlace = new Formula.Numeral(rounded(value.get(), places));
      inTop(quantity.formula(), inPlace).ifPresent(found -> add(name, quantity, places, found));
    }
  }

  private Optional<Result> inTop(Formula part, Formula inPlace) {
    return problem.instead(part, inPlace).map(problem::result);
  }

  /** Σ(x−x̄)² as Σx² − n·x̄². */
  private Formula byShortcut(Formula formula, Quantity mean) {
    Formula squareOfMean = mean.formula().power(2);
    Formula other = context.sum(context.x().power(2)).minus(context.n().times(squareOfMean));
    return formula.replacing(context.squares(mean), other);
  }

  /** The variance is rounded before its root is taken. */
  private void variance(int places) {
    if (problem.measure() == Measures.VARIANCE) {
      return;
    }
    for (Quantity variance : distinct(context.variance(), Quantity.VARIANCE)) {
      Optional<Exact> value = computation.value(variance);
      Optional<Formula> formula = computation.formula(variance);
      if (value.isPresent() && formula.isPresent()) {
        Formula inPlace = new Formula.Numeral(rounded(value.get(), places));
        add("variance", variance, places, problem.by(Rewriting.ofPart(formula.get(), inPlace)));
      }
    }
  }

  private void add(String step, Quantity at, int places, Result outcome) {
    out.addRounded(at, step, places, outcome);
  }
}
