package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.distribution.Approximate;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.measure.Rewriting;
import promedio.core.measure.SeveralQuantities;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.rules.Rule;
import promedio.core.sample.Categories;
import promedio.core.sample.CrossTable;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Pairs;
import promedio.core.sample.Subject;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;

/** Slips with data of more than one variable, and with what is read off curves. */
final class SeveralSlips {

  private static final int MOST_PLACES = 3;

  /** Where the last root may be left out. */
  private static final Set<String> ROOTS =
      Set.of(
          "cramers_v",
          "phi",
          "contingency",
          "residual_sd",
          "pooled_sd",
          "combined_sd",
          "difference_sd");

  /** The steps that are rounded before the next, by their keys, with what each is told as. */
  private static final List<Step> STEPS =
      List.of(
          new Step("mean_x", "mean"),
          new Step("mean_y", "mean"),
          new Step("combined_mean", "mean"),
          new Step("mean_a", "mean"),
          new Step("mean_b", "mean"),
          new Step("variance_a", "variance"),
          new Step("variance_b", "variance"),
          new Step("correlation", "correlation"),
          new Step("slope", "slope"),
          new Step("intercept", "intercept"),
          new Step("difference_mean", "difference_mean"),
          new Step("difference_sd", "difference_sd"),
          new Step("pooled_variance", "pooled_variance"),
          new Step("pooled_sd", "pooled_sd"),
          new Step("combined_variance", "variance"),
          new Step("ms_between", "ms_between"),
          new Step("ms_within", "ms_within"),
          new Step("plain_chi_squared", "chi_squared"),
          new Step("chi_squared", "chi_squared"),
          new Step("fit_chi_squared", "chi_squared"),
          new Step("t_paired", "t_paired"),
          new Step("correlation_t", "correlation_t"),
          new Step("t_two", "t_two"),
          new Step("t_two_df", "t_two_df"),
          new Step("f_ratio", "f"));

  /** A quantity, by its id, and the step that finds it. */
  private record Step(String id, String told) {}

  private final Problem problem;
  private final Candidates out;

  private SeveralSlips(Problem problem, Candidates out) {
    this.problem = problem;
    this.out = out;
  }

  static void find(Problem problem, Candidates out) {
    SeveralSlips slips = new SeveralSlips(problem, out);
    String key = problem.measure().key();
    if (problem.data().subject() != Subject.ONE) {
      slips.findRounded();
    }
    if (ROOTS.contains(key)) {
      slips.findRoot();
    }
    if (key.endsWith("_df") || key.startsWith("df_")) {
      slips.findDegrees();
    }
    if (problem.right() instanceof Result.Estimated) {
      slips.findProbability();
    }
    if (key.equals("rank_correlation")) {
      slips.findUnshared();
    }
    if (key.equals("chi_squared") && problem.right().number().isPresent()) {
      problem.data().cross().ifPresent(slips::findExpected);
    }
    if (key.equals("fit_chi_squared") && problem.right().number().isPresent()) {
      problem.data().fit().ifPresent(slips::findExpected);
    }
  }

  private void findRounded() {
    Set<Quantity> reached = problem.computation().dependencies(problem.request()).quantities();
    for (Quantity quantity : reached) {
      STEPS.stream()
          .filter(step -> step.id().equals(quantity.id()))
          .findFirst()
          .ifPresent(step -> findRounded(quantity, step.told()));
    }
  }

  private void findRounded(Quantity quantity, String step) {
    Rounding rounding = problem.rules().get(Rule.ROUNDING);
    for (int places = 0; places <= MOST_PLACES; places++) {
      out.addRounded(
          quantity, step, places, problem.by(Rewriting.rounded(quantity, places, rounding)));
      // What was found by it before may stand as it was.
      int kept = places;
      problem
          .computation()
          .value(quantity)
          .map(value -> new Formula.Numeral(Exact.of(value.rounded(kept, rounding))))
          .flatMap(rounded -> problem.instead(quantity.formula(), rounded))
          .ifPresent(value -> out.addRounded(quantity, step, kept, problem.result(value)));
    }
  }

  private void findRoot() {
    problem
        .formula()
        .filter(Formula.Root.class::isInstance)
        .flatMap(root -> problem.value(((Formula.Root) root).body()))
        .ifPresent(value -> out.add(Cause.ROOT_NOT_TAKEN, Optional.of(value)));
  }

  private void findDegrees() {
    if (problem.right() instanceof Result.Found found) {
      out.add(Cause.DF_OFF_BY_ONE, Optional.of(found.value().plus(Exact.ONE)));
      out.add(Cause.DF_OFF_BY_ONE, Optional.of(found.value().minus(Exact.ONE)));
    }
  }

  private void findProbability() {
    if (!(problem.formula().orElse(null) instanceof Formula.Area area)) {
      return;
    }
    boolean upperOnly = !area.curve().isSymmetric();
    boolean probability = problem.request().isProbability();
    if (probability && problem.right() instanceof Result.Estimated p) {
      Exact rest = Exact.ONE.minus(p.value().decimal());
      out.add(
          Cause.WRONG_TAIL,
          new Result.Estimated(new Approximate(rest.significant(Approximate.DIGITS))));
    }
    if (upperOnly && probability && problem.right() instanceof Result.Estimated p) {
      Exact right = p.value().decimal();
      for (Exact factor : List.of(Exact.of(1, 2), Exact.of(2))) {
        Approximate other = new Approximate(right.times(factor).significant(Approximate.DIGITS));
        out.add(Cause.TAILS_MIXED, new Result.Estimated(other));
      }
    }
  }

  /** Equal values ranked one after the other, in the given order. */
  private void findUnshared() {
    Pairs pairs = problem.data().pairs().orElseThrow();
    Pairs ranks = Pairs.of(ordinal(pairs.x()), ordinal(pairs.y()));
    Measure correlation = Measures.ofKey("correlation").orElseThrow();
    out.add(Cause.RANKS_NOT_SHARED, Computation.of(ranks, problem.rules()).result(correlation));
  }

  private static Values ordinal(Values values) {
    List<Integer> order =
        IntStream.range(0, values.size()).boxed().sorted(values::compare).toList();
    Exact[] ranks = new Exact[values.size()];
    for (int rank = 0; rank < ranks.length; rank++) {
      ranks[order.get(rank)] = Exact.of(rank + 1L);
    }
    return Values.of(List.of(ranks));
  }

  private void findExpected(CrossTable table) {
    List<Exact> expected = new ArrayList<>();
    for (int row = 0; row < table.rows().size(); row++) {
      for (int column = 0; column < table.columns().size(); column++) {
        expected.add(table.expected(row, column));
      }
    }
    findExpected(table.counts().stream().flatMap(List::stream).toList(), expected);
  }

  private void findExpected(GoodnessOfFitData fit) {
    List<Categories.Row> rows = fit.counted().rows();
    findExpected(
        rows.stream().map(Categories.Row::frequency).toList(),
        IntStream.range(0, rows.size()).mapToObj(fit::expectedCount).toList());
  }

  /** Expected counts that were rounded before they were used. */
  private void findExpected(List<Exact> observed, List<Exact> expected) {
    Rounding rounding = problem.rules().get(Rule.ROUNDING);
    for (int places = 0; places <= MOST_PLACES; places++) {
      Optional<Result> outcome = rounded(observed, expected, places, rounding);
      if (outcome.isPresent()) {
        out.addRounded(SeveralQuantities.EXPECTED, "expected", places, outcome.get());
      }
    }
  }

  private static Optional<Result> rounded(
      List<Exact> observed, List<Exact> expected, int places, Rounding rounding) {
    Exact sum = Exact.ZERO;
    for (int i = 0; i < observed.size(); i++) {
      Exact other = Exact.of(expected.get(i).rounded(places, rounding));
      if (other.signum() == 0) {
        return Optional.empty();
      }
      sum = sum.plus(observed.get(i).minus(other).pow(2).over(other));
    }
    return Optional.of(new Result.Found(sum));
  }
}
