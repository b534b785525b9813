package promedio.core.marking;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Equation;
import promedio.core.formula.Formula;
import promedio.core.formula.Formulas;
import promedio.core.formula.Quantity;
import promedio.core.formula.Rewriting;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.rules.GroupedMode;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;

/** A step's result was rounded before the next step used it. */
final class EarlyRounding {

  private static final int MOST_PLACES = 3;

  private final Question question;
  private final Formulas formulas;
  private final Candidates out;
  private final Rounding rounding;
  private final Optional<Formula> top;

  private EarlyRounding(Question question, Candidates out) {
    this.question = question;
    this.formulas = question.formulas();
    this.out = out;
    this.rounding = question.rules().get(Rule.ROUNDING);
    this.top = formulas.of(question.measure()).map(Equation::right);
  }

  static void find(Question question, Candidates out) {
    EarlyRounding early = new EarlyRounding(question, out);
    for (int places = 0; places <= MOST_PLACES; places++) {
      early.find(places);
    }
  }

  private void find(int places) {
    Quantity mean = formulas.symbol(Measure.MEAN);
    step("mean", mean, places);
    if (hangsOn(mean)) {
      Rewriting shortcut = Rewriting.rounded(mean, places, rounding).withTree(this::byShortcut);
      add("mean", places, formulas.rewritten(shortcut).value(question.measure()));
    }
    variance(places);
    step("sd", formulas.symbol(Measure.SD), places);
    step("sd", Quantity.DEVIATION, places);
    step("q1", Quantity.LOWER_QUARTILE, places);
    step("q3", Quantity.UPPER_QUARTILE, places);
    step("median", Quantity.MEDIAN, places);
    if (question.data() instanceof ClassTable table) {
      Midpoints.of(table, question.rules())
          .map(m -> m.changed(value -> rounded(value, places)))
          .ifPresent(
              m -> m.outcomes(question).forEach(outcome -> add("midpoint", places, outcome)));
      empiricalMode(places);
    }
  }

  private boolean hangsOn(Quantity quantity) {
    return formulas.hangsOn(question.measure(), quantity);
  }

  private Exact rounded(Exact value, int places) {
    return Exact.of(value.rounded(places, rounding));
  }

  /** A quantity is rounded wherever it is used, or in the last formula only. */
  private void step(String name, Quantity quantity, int places) {
    if (!hangsOn(quantity) || quantity == formulas.symbol(question.measure())) {
      return;
    }
    Rewriting everywhere = Rewriting.rounded(quantity, places, rounding);
    add(name, places, formulas.rewritten(everywhere).value(question.measure()));
    Optional<Exact> value = formulas.value(quantity);
    if (value.isPresent() && top.isPresent()) {
      Formula inPlace = new Formula.Numeral(rounded(value.get(), places));
      Formula last = top.get().replacing(quantity.formula(), inPlace);
      add(name, places, formulas.value(last));
    }
  }

  /** Σ(x−x̄)² as Σx² − n·x̄². */
  private Formula byShortcut(Formula formula) {
    Formula mean = formulas.symbol(Measure.MEAN).formula();
    Formula other = formulas.sum(formulas.x().power(2)).minus(formulas.n().times(mean.power(2)));
    return formula.replacing(formulas.squares(), other);
  }

  /** The variance is rounded before its root is taken. */
  private void variance(int places) {
    if (question.measure() == Measure.VARIANCE) {
      return;
    }
    for (Quantity variance : List.of(formulas.symbol(Measure.VARIANCE), Quantity.VARIANCE)) {
      Optional<Formula> definition = formulas.definition(variance);
      Optional<Exact> value = formulas.value(variance);
      if (definition.isEmpty() || value.isEmpty()) {
        continue;
      }
      Formula inPlace = new Formula.Numeral(rounded(value.get(), places));
      Rewriting rewriting = Rewriting.ofPart(definition.get(), inPlace);
      add("variance", places, formulas.rewritten(rewriting).value(question.measure()));
    }
  }

  /** 3·median − 2·mean, of a rounded median or mean. */
  private void empiricalMode(int places) {
    boolean empirical =
        question.measure() == Measure.MODES
            && question.rules().get(Rule.GROUPED_MODE) == GroupedMode.EMPIRICAL;
    Optional<Exact> mean = formulas.value(formulas.symbol(Measure.MEAN));
    Optional<Exact> median = formulas.value(Quantity.MEDIAN);
    if (empirical && mean.isPresent() && median.isPresent()) {
      add("mean", places, mode(median.get(), rounded(mean.get(), places)));
      add("median", places, mode(rounded(median.get(), places), mean.get()));
    }
  }

  private static Result mode(Exact median, Exact mean) {
    return new Result.Several(List.of(median.times(3).minus(mean.times(2))));
  }

  private void add(String step, int places, Optional<Exact> outcome) {
    outcome.ifPresent(value -> add(step, places, new Result.Found(value)));
  }

  private void add(String step, int places, Result outcome) {
    out.add(Cause.ROUNDED_EARLY, outcome, "step", step, "places", String.valueOf(places));
  }
}
