package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.formula.Formula;
import promedio.core.measure.MeasureContext;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;

/** Slips with the frequencies of a table. */
final class TableSlips {

  private final Problem problem;
  private final MeasureContext context;
  private final Candidates out;
  private final List<FrequencyTable.Row> rows;

  private TableSlips(Problem problem, Candidates out, List<FrequencyTable.Row> rows) {
    this.problem = problem;
    this.context = problem.context();
    this.out = out;
    this.rows = rows;
  }

  static void find(Problem problem, Candidates out) {
    Optional<List<FrequencyTable.Row>> rows = rows(problem);
    rows.ifPresent(found -> new TableSlips(problem, out, found).find());
    Optional<ClassTable> classes = problem.data().classes();
    if (classes.isPresent() && usesFrequencies(problem)) {
      List<Exact> ones = classes.get().rows().stream().map(row -> Exact.ONE).toList();
      add(problem, out, classes.get().withFrequencies(ones));
    }
  }

  /** Modes are found by them alone, and the ends of the data without them. */
  private static boolean usesFrequencies(Problem problem) {
    Computation computation = problem.computation();
    return problem.measure() != Measures.MODES
        && !computation.isMadeOf(problem.request(), Measures.MIN)
        && !computation.isMadeOf(problem.request(), Measures.MAX);
  }

  /** The rows with their values or midpoints, where all are known. */
  private static Optional<List<FrequencyTable.Row>> rows(Problem problem) {
    return problem
        .data()
        .frequencies()
        .map(FrequencyTable::rows)
        .or(() -> Midpoints.of(problem).map(midpoints -> midpoints.table().rows()));
  }

  private void find() {
    if (usesFrequencies(problem)) {
      ignored(rows);
      ignored(rows.stream().filter(row -> row.frequency().signum() > 0).toList());
    }
    if (problem.measure() == Measures.MEAN) {
      divided(context.n(), rows.size());
    }
    if (problem.hasPart(context.squares())) {
      Formula oneLess = context.n().minus(Formula.number(1));
      boolean byOneLess = problem.hasPart(oneLess);
      Formula divisor = byOneLess ? oneLess : context.n();
      divided(divisor, rows.size());
      if (byOneLess && rows.size() > 1) {
        divided(divisor, rows.size() - 1);
      }
      problem.computation().value(context.mean()).ifPresent(this::squares);
    }
  }

  private void ignored(List<FrequencyTable.Row> counted) {
    List<Exact> values = new ArrayList<>();
    counted.forEach(row -> values.add(row.value()));
    add(problem, out, new Sample(Values.of(values)));
  }

  private static void add(Problem problem, Candidates out, Data data) {
    out.add(
        Cause.FREQUENCIES_IGNORED, Computation.of(data, problem.rules()).result(problem.request()));
  }

  private void divided(Formula divisor, int by) {
    out.add(Cause.DIVIDED_BY_CLASSES, problem.instead(divisor, Formula.number(by)));
  }

  private void squares(Exact mean) {
    for (boolean all : new boolean[] {true, false}) {
      Exact unweighted = Exact.ZERO;
      for (FrequencyTable.Row row : rows) {
        if (all || row.frequency().signum() > 0) {
          unweighted = unweighted.plus(row.value().minus(mean).pow(2));
        }
      }
      sum(Cause.SQUARES_NOT_WEIGHTED, unweighted);
    }
    Exact n = problem.data().tally().total();
    Exact squared = Exact.ZERO;
    for (FrequencyTable.Row row : rows) {
      squared = squared.plus(row.frequency().times(row.value()).pow(2));
    }
    sum(Cause.FREQUENCY_SQUARED, squared.minus(mean.pow(2).times(n)));
  }

  /** Another number stands in the place of Σf(x−x̄)². */
  private void sum(Cause cause, Exact instead) {
    out.add(cause, problem.instead(context.squares(), new Formula.Numeral(instead)));
  }
}
