package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.formula.Formula;
import promedio.core.measure.Setting;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;

/** Slips with the frequencies of a table. */
final class TableSlips {

  private final Question question;
  private final Setting setting;
  private final Candidates out;
  private final List<FrequencyTable.Row> rows;

  private TableSlips(Question question, Candidates out, List<FrequencyTable.Row> rows) {
    this.question = question;
    this.setting = question.setting();
    this.out = out;
    this.rows = rows;
  }

  static void find(Question question, Candidates out) {
    Optional<List<FrequencyTable.Row>> rows = rows(question);
    rows.ifPresent(found -> new TableSlips(question, out, found).find());
    Optional<ClassTable> classes = question.data().classes();
    if (classes.isPresent() && usesFrequencies(question)) {
      List<Exact> ones = classes.get().rows().stream().map(row -> Exact.ONE).toList();
      add(question, out, classes.get().withFrequencies(ones));
    }
  }

  /** Modes are found by them alone, and the ends of the data without them. */
  private static boolean usesFrequencies(Question question) {
    Computation computation = question.computation();
    return question.measure() != Measures.MODES
        && !computation.isMadeOf(question.task(), Measures.MIN)
        && !computation.isMadeOf(question.task(), Measures.MAX);
  }

  /** The rows with their values or midpoints, where all are known. */
  private static Optional<List<FrequencyTable.Row>> rows(Question question) {
    return question
        .data()
        .frequencies()
        .map(FrequencyTable::rows)
        .or(() -> Midpoints.of(question).map(midpoints -> midpoints.table().rows()));
  }

  private void find() {
    if (usesFrequencies(question)) {
      ignored(rows);
      ignored(rows.stream().filter(row -> row.frequency().signum() > 0).toList());
    }
    if (question.measure() == Measures.MEAN) {
      divided(setting.n(), rows.size());
    }
    if (question.hasPart(setting.squares())) {
      Formula oneLess = setting.n().minus(Formula.number(1));
      boolean byOneLess = question.hasPart(oneLess);
      Formula divisor = byOneLess ? oneLess : setting.n();
      divided(divisor, rows.size());
      if (byOneLess && rows.size() > 1) {
        divided(divisor, rows.size() - 1);
      }
      question.computation().value(setting.mean()).ifPresent(this::squares);
    }
  }

  private void ignored(List<FrequencyTable.Row> counted) {
    List<Exact> values = new ArrayList<>();
    counted.forEach(row -> values.add(row.value()));
    add(question, out, new Sample(Values.of(values)));
  }

  private static void add(Question question, Candidates out, Data data) {
    out.add(
        Cause.FREQUENCIES_IGNORED, Computation.of(data, question.rules()).result(question.task()));
  }

  private void divided(Formula divisor, int by) {
    out.add(Cause.DIVIDED_BY_CLASSES, question.instead(divisor, Formula.number(by)));
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
    out.add(cause, question.instead(setting.squares(), new Formula.Numeral(instead)));
  }
}
