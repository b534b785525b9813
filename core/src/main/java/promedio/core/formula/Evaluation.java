package promedio.core.formula;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.distribution.Distribution;
import promedio.core.message.Message;
import promedio.core.number.BracketedReal;
import promedio.core.number.Exact;
import promedio.core.number.Real;

/**
 * What formulas come to over the rows of a scope, with the quantities that they name given. A
 * formula has no value where a quantity that it needs has none, something is divided by 0, or the
 * result is no fraction and no square root of one.
 */
public final class Evaluation {

  private final Evaluator evaluator;

  /**
   * Makes one.
   *
   * @param scope what sums run over
   * @param quantities knows the values of the quantities that are of no row
   */
  public Evaluation(Scope scope, Function<Quantity, Optional<Exact>> quantities) {
    this.evaluator = new Evaluator(scope, quantities::apply);
  }

  /** {@return what the formula comes to, if it has a value} */
  public Optional<Exact> of(Formula formula) {
    return formula.accept(evaluator);
  }

  /**
   * {@return what the formula comes to}, where that is exact, the sum of a fraction and a root, or
   * a root of any degree of a positive number
   */
  public Optional<Real> real(Formula formula) {
    Optional<Exact> exact = of(formula);
    if (exact.isPresent()) {
      return exact.map(value -> value);
    }
    if (formula instanceof Formula.Operation sum) {
      return sum(sum);
    }
    return formula instanceof Formula.Root root ? root(root) : Optional.empty();
  }

  private Optional<Real> sum(Formula.Operation operation) {
    Optional<Exact> left = of(operation.left());
    Optional<Exact> right =
        switch (operation.operator()) {
          case PLUS -> of(operation.right());
          case MINUS -> of(operation.right()).map(Exact::negate);
          case TIMES, OVER -> Optional.empty();
        };
    return left.flatMap(a -> right.flatMap(b -> sum(a, b)));
  }

  private static Optional<Real> sum(Exact a, Exact b) {
    if (a.isRational() == b.isRational()) {
      return Optional.empty();
    }
    return Optional.of(a.isRational() ? BracketedReal.sum(a, b) : BracketedReal.sum(b, a));
  }

  private Optional<Real> root(Formula.Root root) {
    Optional<Exact> degree = of(root.degree()).filter(d -> d.compareTo(Exact.ONE) >= 0);
    Optional<Exact> body = of(root.body()).filter(b -> b.isRational() && b.signum() > 0);
    return degree.flatMap(d -> body.flatMap(b -> RootOfProduct.of(d, b)));
  }

  /** {@return why nothing is read off a curve, where its degrees of freedom or the area say so} */
  public Optional<Message> problem(Formula.CurveReading reading) {
    List<Exact> degrees = reading.degrees().stream().flatMap(each -> of(each).stream()).toList();
    return reading
        .curve()
        .problem(degrees)
        .or(
            () ->
                reading instanceof Formula.Quantile quantile
                    ? of(quantile.below()).flatMap(Distribution::problem)
                    : Optional.empty());
  }

  /** {@return what the formula comes to in a row, from 0, of some scope} */
  public Optional<Exact> inRow(Formula formula, Scope scope, int row) {
    return evaluator.inRow(formula, scope, row);
  }
}
