package promedio.core.formula;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import promedio.core.distribution.Tail;
import promedio.core.number.Exact;

/**
 * The exact value of a formula over some data. Empty where there is none: a quantity that it needs
 * has no value, something is divided by 0, or the result is no fraction and no square root of one.
 */
final class Evaluator implements Formula.Visitor<Optional<Exact>> {

  private static final Exact TWO = Exact.of(2);

  private final Scope scope;
  private final Quantities quantities;

  /** The rows of the sums that are being added up, the innermost first. */
  private final Deque<At> rows = new ArrayDeque<>();

  /** A row of a scope. */
  private record At(Scope scope, int row) {}

  /** Knows the values of the quantities that formulas name. */
  @FunctionalInterface
  interface Quantities {

    /** {@return the value of the quantity, if it has one} */
    Optional<Exact> valueOf(Quantity quantity);
  }

  /** Makes one over the rows, for which the quantities that are of no row are known elsewhere. */
  Evaluator(Scope scope, Quantities quantities) {
    this.scope = scope;
    this.quantities = quantities;
  }

  /** {@return what the formula comes to in one row of a scope} */
  Optional<Exact> inRow(Formula formula, Scope other, int row) {
    rows.push(new At(other, row));
    try {
      return formula.accept(this);
    } finally {
      rows.pop();
    }
  }

  @Override
  public Optional<Exact> numeral(Formula.Numeral numeral) {
    return Optional.of(numeral.value());
  }

  @Override
  public Optional<Exact> named(Formula.Named named) {
    for (At at : rows) {
      Optional<Exact> value = at.scope().value(named.quantity(), at.row());
      if (value.isPresent()) {
        return value;
      }
    }
    return quantities.valueOf(named.quantity());
  }

  @Override
  public Optional<Exact> ordered(Formula.Ordered ordered) {
    return ordered.position().accept(this).flatMap(scope::ordered);
  }

  @Override
  public Optional<Exact> sum(Formula.Sum sum) {
    return overRows(
        sum.body(), Exact.ZERO, Evaluator::plus, (term, times) -> Optional.of(term.times(times)));
  }

  @Override
  public Optional<Exact> product(Formula.Product product) {
    return overRows(product.body(), Exact.ONE, (a, b) -> Optional.of(a.times(b)), Evaluator::whole);
  }

  /** Makes one number of two, where they have a result. */
  private interface Joining {
    Optional<Exact> of(Exact a, Exact b);
  }

  /**
   * Inside of a row that is a group the rows of the group are added up. In a plain sample a value
   * that stands several times is so many rows; in a table f stands in the formula itself.
   */
  private Optional<Exact> overRows(Formula body, Exact start, Joining joining, Joining repeating) {
    At outer = rows.peek();
    Scope over = outer == null ? scope : outer.scope().inner(outer.row()).orElse(scope);
    boolean weighted = body.mentions(over.weightSymbol());
    Optional<Exact> result = Optional.of(start);
    for (int row = 0; row < over.rows() && result.isPresent(); row++) {
      Optional<Exact> term = inRow(body, over, row);
      Exact times = over.weight(row);
      Optional<Exact> terms = weighted ? term : term.flatMap(t -> repeating.of(t, times));
      result = result.flatMap(so -> terms.flatMap(more -> joining.of(so, more)));
    }
    return result;
  }

  @Override
  public Optional<Exact> operation(Formula.Operation operation) {
    Optional<Exact> left = operation.left().accept(this);
    Optional<Exact> right = operation.right().accept(this);
    if (left.isEmpty() || right.isEmpty()) {
      return Optional.empty();
    }
    return switch (operation.operator()) {
      case PLUS -> plus(left.get(), right.get());
      case MINUS -> plus(left.get(), right.get().negate());
      case TIMES -> Optional.of(left.get().times(right.get()));
      case OVER ->
          right.get().signum() == 0 ? Optional.empty() : Optional.of(left.get().over(right.get()));
    };
  }

  /** The sum of two roots is no root, but for 0 beside one. */
  private static Optional<Exact> plus(Exact a, Exact b) {
    if (a.signum() == 0 || b.signum() == 0) {
      return Optional.of(a.signum() == 0 ? b : a);
    }
    return a.isRational() && b.isRational() ? Optional.of(a.plus(b)) : Optional.empty();
  }

  @Override
  public Optional<Exact> power(Formula.Power power) {
    return join(
        power.base(),
        power.exponent(),
        (base, exponent) -> {
          Exact doubled = exponent.times(TWO);
          if (exponent.isWhole()) {
            return whole(base, exponent);
          }
          // x^(3/2) is the cube of the root of x.
          return doubled.isWhole() && base.isRational() && base.signum() >= 0
              ? whole(base.sqrt(), doubled)
              : Optional.empty();
        });
  }

  private static Optional<Exact> whole(Exact base, Exact exponent) {
    boolean sensible = exponent.numerator().bitLength() < 16;
    boolean pole = base.signum() == 0 && exponent.signum() < 0;
    return sensible && !pole
        ? Optional.of(base.pow(exponent.numerator().intValueExact()))
        : Optional.empty();
  }

  @Override
  public Optional<Exact> root(Formula.Root root) {
    return join(
        root.degree(),
        root.body(),
        (degree, body) ->
            degree.equals(TWO) && body.isRational() && body.signum() >= 0
                ? Optional.of(body.sqrt())
                : Optional.empty());
  }

  private Optional<Exact> join(Formula first, Formula second, Joining joining) {
    return first.accept(this).flatMap(a -> second.accept(this).flatMap(b -> joining.of(a, b)));
  }

  @Override
  public Optional<Exact> absolute(Formula.Absolute absolute) {
    return absolute.body().accept(this).map(Exact::abs);
  }

  @Override
  public Optional<Exact> area(Formula.Area area) {
    return onCurve(
        area.statistic(),
        area.degrees(),
        (statistic, degrees) -> area.curve().sureArea(statistic, degrees, area.tail()));
  }

  @Override
  public Optional<Exact> quantile(Formula.Quantile quantile) {
    return onCurve(
        quantile.below(),
        quantile.degrees(),
        (below, degrees) -> quantile.curve().sureValue(below, degrees, Tail.LOWER));
  }

  /** Reads a number off a curve with degrees of freedom, of which its first digits are sure. */
  private interface Reading {
    Optional<Exact> of(Exact at, List<Exact> degrees);
  }

  private Optional<Exact> onCurve(Formula at, List<Formula> degrees, Reading reading) {
    List<Exact> numbers = degrees.stream().flatMap(each -> each.accept(this).stream()).toList();
    return numbers.size() == degrees.size()
        ? at.accept(this).flatMap(number -> reading.of(number, numbers))
        : Optional.empty();
  }
}
