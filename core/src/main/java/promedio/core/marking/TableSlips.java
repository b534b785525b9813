package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.formula.Formula;
import promedio.core.formula.Formulas;
import promedio.core.measure.Measure;
import promedio.core.measure.Measures;
import promedio.core.measure.Result.Found;
import promedio.core.number.Exact;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.UnusableDataException;
import promedio.core.sample.Values;

/** Slips with the frequencies of a table. */
final class TableSlips {

  private static final Set<Measure> WITHOUT_FREQUENCIES =
      Set.of(Measure.MODES, Measure.MIN, Measure.MAX, Measure.RANGE, Measure.MIDRANGE);

  private final Question question;
  private final Formulas formulas;
  private final Candidates out;
  private final List<FrequencyTable.Row> rows;

  private TableSlips(Question question, Candidates out, List<FrequencyTable.Row> rows) {
    this.question = question;
    this.formulas = question.formulas();
    this.out = out;
    this.rows = rows;
  }

  static void find(Question question, Candidates out) {
    Optional<List<FrequencyTable.Row>> rows = rows(question);
    rows.ifPresent(found -> new TableSlips(question, out, found).find());
    if (question.data() instanceof ClassTable table
        && !WITHOUT_FREQUENCIES.contains(question.measure())) {
      List<Exact> ones = table.rows().stream().map(row -> Exact.ONE).toList();
      add(question, out, table.withFrequencies(ones));
    }
  }

  /** The rows with their values or midpoints, where all are known. */
  private static Optional<List<FrequencyTable.Row>> rows(Question question) {
    if (question.data() instanceof FrequencyTable table) {
      return Optional.of(table.rows());
    }
    return question.data() instanceof ClassTable table
        ? Midpoints.of(table, question.rules()).map(midpoints -> midpoints.table().rows())
        : Optional.empty();
  }

  private void find() {
    Measure measure = question.measure();
    if (!WITHOUT_FREQUENCIES.contains(measure)) {
      ignored(rows);
      ignored(rows.stream().filter(row -> row.frequency().signum() > 0).toList());
    }
    if (measure == Measure.MEAN) {
      divided(formulas.n(), rows.size());
    }
    if (SumSlips.isOfSquares(measure)) {
      boolean ofSample = question.rules().get(Rule.DIVISOR) == Divisor.N_MINUS_1;
      Formula divisor = ofSample ? formulas.n().minus(Formula.number(1)) : formulas.n();
      divided(divisor, rows.size());
      if (ofSample && rows.size() > 1) {
        divided(divisor, rows.size() - 1);
      }
      formulas.value(formulas.symbol(Measure.MEAN)).ifPresent(this::squares);
    }
  }

  private void ignored(List<FrequencyTable.Row> counted) {
    List<Exact> values = new ArrayList<>();
    counted.forEach(row -> values.add(row.value()));
    add(question, out, new Sample(Values.of(values)));
  }

  private static void add(Question question, Candidates out, Data data) {
    try {
      out.add(
          Cause.FREQUENCIES_IGNORED, Measures.of(data, question.rules()).get(question.measure()));
    } catch (UnusableDataException e) {
      throw new IllegalStateException("frequencies of 1 are usable", e);
    }
  }

  private void divided(Formula divisor, int by) {
    out.add(Cause.DIVIDED_BY_CLASSES, SumSlips.instead(question, divisor, Formula.number(by)));
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
    Exact n = question.data().tally().total();
    Exact squared = Exact.ZERO;
    for (FrequencyTable.Row row : rows) {
      squared = squared.plus(row.frequency().times(row.value()).pow(2));
    }
    sum(Cause.FREQUENCY_SQUARED, squared.minus(mean.pow(2).times(n)));
  }

  /** Another number stands in the place of Σf(x−x̄)². */
  private void sum(Cause cause, Exact instead) {
    SumSlips.instead(question, formulas.squares(), new Formula.Numeral(instead))
        .ifPresent(value -> out.add(cause, new Found(value)));
  }
}
