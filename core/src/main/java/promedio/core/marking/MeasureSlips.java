package promedio.core.marking;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.formula.Formula;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.measure.Result.Found;
import promedio.core.measure.Result.Several;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/** Something else was given than what was asked. */
final class MeasureSlips {

  private MeasureSlips() {}

  static void find(Problem problem, Candidates out) {
    Computation computation = problem.computation();
    Set<Formula> own = new HashSet<>();
    for (Slip slip : problem.measure().slips(problem.context())) {
      own.add(slip.instead());
      problem.value(slip.instead()).ifPresent(value -> out.addSlip(slip, problem.result(value)));
    }
    for (Measure other : Measures.of(problem.data())) {
      Optional<String> name = other.givenForAnother();
      boolean hasOwnCause = own.contains(computation.symbol(other).formula());
      if (name.isPresent() && other != problem.measure() && !hasOwnCause) {
        out.add(Cause.OTHER_MEASURE, single(computation.result(other)), "measure", name.get());
      }
    }
    if (problem.measure() == Measures.MODES) {
      out.add(Cause.FREQUENCY_GIVEN, new Several(List.of(highestFrequency(problem.data()))));
    }
  }

  /** One mode may be given for another measure; several are not. */
  private static Result single(Result result) {
    return result instanceof Several several && several.values().size() == 1
        ? new Found(several.values().get(0))
        : result;
  }

  private static Exact highestFrequency(Data data) {
    return data.classes()
        .flatMap(
            table -> table.rows().stream().map(ClassTable.Row::frequency).max(Exact::compareTo))
        .orElseGet(() -> data.tally().highestFrequency());
  }
}
