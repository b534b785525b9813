package promedio.core.formula;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/**
 * The exact value of a formula over some data. Empty where there is none: a quantity that it needs
 * has no value, something is divided by 0, or the result is no fraction and no square root of one.
 */
final class Evaluator implements Formula.Visitor<Optional<Exact>> {

  private static final Exact TWO = Exact.of(2);

  private final Tally tally;
  private final Quantities quantities;

  /** What x and f are in the row of a sum that is being added up. */
  private final Map<Quantity, Exact> row = new EnumMap<>(Quantity.class);

  /** Knows the values of the quantities that formulas name. */
  @FunctionalInterface
  interface Quantities {

    /** {@return the value of the quantity, if it has one} */
    Optional<Exact> valueOf(Quantity quantity);
  }

  /** Makes one for the data, whose other quantities are known elsewhere. */
  Evaluator(Tally tally, Quantities quantities) {
    this.tally = tally;
    this.quantities = quantities;
  }

  /** {@return what the formula comes to in one row} */
  Optional<Exact> inRow(Formula formula, Exact x, Exact f) {
    putRow(x, f);
    Optional<Exact> value = formula.accept(this);
    row.clear();
    return value;
  }

  /** The values of a class table are its midpoints. */
  private void putRow(Exact x, Exact f) {
    row.put(Quantity.X, x);
    row.put(Quantity.MIDPOINT, x);
    row.put(Quantity.F, f);
  }

  @Override
  public Optional<Exact> numeral(Formula.Numeral numeral) {
    return Optional.of(numeral.value());
  }

  @Override
  public Optional<Exact> named(Formula.Named named) {
    Exact inRow = row.get(named.quantity());
    return inRow != null ? Optional.of(inRow) : quantities.valueOf(named.quantity());
  }

  @Override
  public Optional<Exact> ordered(Formula.Ordered ordered) {
    return ordered
        .position()
        .accept(this)
        .filter(position -> position.isWhole() && tally.hasPositions())
        .filter(p -> p.signum() > 0 && p.compareTo(tally.total()) <= 0)
        .map(position -> tally.at(position.numerator()));
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
   * In a plain sample a value that stands several times is so many rows; in a table f stands in the
   * formula itself.
   */
  private Optional<Exact> overRows(Formula body, Exact start, Joining joining, Joining repeating) {
    boolean weighted = body.mentions(Quantity.F);
    Optional<Exact> result = Optional.of(start);
    for (int i = 0; i < tally.size() && result.isPresent(); i++) {
      Exact times = tally.frequency(i);
      putRow(tally.value(i), times);
      Optional<Exact> term = body.accept(this);
      Optional<Exact> terms = weighted ? term : term.flatMap(t -> repeating.of(t, times));
      result = result.flatMap(so -> terms.flatMap(more -> joining.of(so, more)));
    }
    row.clear();
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
}
