package promedio.core.formula;

import java.util.Optional;
import java.util.function.Function;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/** What formulas come to over some data, with the quantities that they name given. */
public final class Evaluation {

  private final Evaluator evaluator;

  /**
   * Makes one.
   *
   * @param tally the data
   * @param quantities knows the values of the quantities that formulas name, but x and f
   */
  public Evaluation(Tally tally, Function<Quantity, Optional<Exact>> quantities) {
    this.evaluator = new Evaluator(tally, quantities::apply);
  }

  /** {@return what the formula comes to, if it has a value} */
  public Optional<Exact> of(Formula formula) {
    return formula.accept(evaluator);
  }

  /** {@return what the formula comes to where x and f are these} */
  public Optional<Exact> inRow(Formula formula, Exact x, Exact f) {
    return evaluator.inRow(formula, x, f);
  }
}
