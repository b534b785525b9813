package promedio.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import promedio.core.distribution.Distribution;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Operator;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.slip.Cause;

/**
 * The ways in which a formula is worked otherwise by one mistake: an operation left out, turned
 * over, reversed or exchanged, brackets ignored, squares and roots mixed up, a neighbour put into
 * the place of a quantity.
 */
final class FormulaEdits implements Formula.Visitor<Optional<Void>> {

  /**
   * One of them.
   *
   * @param cause what is done
   * @param params with what
   * @param formula what is worked then
   * @param depth how far below the top of the formula it is done, from 0
   */
  record Edit(Cause cause, Map<String, String> params, Formula formula, int depth) {}

  private static final Formula ONE = Formula.number(1);
  private static final Formula TWO = Formula.number(2);
  private static final Formula HUNDRED = Formula.number(100);

  private final Neighbours neighbours;
  private final List<Edit> found = new ArrayList<>();

  /** What the whole formula is with something in the place of the node that is looked at. */
  private UnaryOperator<Formula> whole = UnaryOperator.identity();

  private int depth;

  private FormulaEdits(Neighbours neighbours) {
    this.neighbours = neighbours;
  }

  /** {@return every formula that one mistake makes of this one} */
  static List<Edit> of(Formula formula, Neighbours neighbours) {
    FormulaEdits edits = new FormulaEdits(neighbours);
    formula.accept(edits);
    FormulaParts.of(formula).stream()
        .filter(Formula.Named.class::isInstance)
        .forEach(named -> edits.everywhere(formula, (Formula.Named) named));
    return edits.found;
  }

  /** A neighbour in every place of a quantity, which takes the places of the neighbour. */
  private void everywhere(Formula formula, Formula.Named named) {
    neighbours
        .of(named.quantity())
        .forEach(
            (name, other) -> {
              Formula changed =
                  formula.replacing(
                      part ->
                          part.equals(named)
                              ? Optional.of(other)
                              : part.equals(other) ? Optional.of(named) : Optional.empty());
              if (found.stream().noneMatch(edit -> edit.formula().equals(changed))) {
                mixedUp(named, name, changed);
              }
            });
  }

  private void mixedUp(Formula.Named named, String instead, Formula changed) {
    mixedUp(StepNames.of(named), instead, changed);
  }

  private void add(Cause cause, Map<String, String> params, Formula instead) {
    found.add(new Edit(cause, params, whole.apply(instead), depth));
  }

  private void leftOut(String operation, Formula of, Formula instead) {
    // Without f the rows still count once each, which a sum without any f would not say.
    boolean weight = of.equals(Quantity.F.formula());
    add(
        Cause.OPERATION_LEFT_OUT,
        Candidates.named("operation", operation, "of", StepNames.plain(of)),
        weight ? of.power(0).times(instead) : instead);
  }

  private void exchanged(String operation, String other, Formula instead) {
    add(
        Cause.OPERATION_EXCHANGED,
        Candidates.named("operation", operation, "instead", other),
        instead);
  }

  private void inside(Formula child, UnaryOperator<Formula> put) {
    UnaryOperator<Formula> outer = whole;
    whole = instead -> outer.apply(put.apply(instead));
    depth++;
    child.accept(this);
    depth--;
    whole = outer;
  }

  @Override
  public Optional<Void> numeral(Formula.Numeral numeral) {
    return Optional.empty();
  }

  @Override
  public Optional<Void> named(Formula.Named named) {
    neighbours.of(named.quantity()).forEach((name, other) -> mixedUp(named, name, other));
    return Optional.empty();
  }

  @Override
  public Optional<Void> ordered(Formula.Ordered ordered) {
    return Optional.empty();
  }

  @Override
  public Optional<Void> sum(Formula.Sum sum) {
    squareOutside(sum.body())
        .ifPresent(
            base ->
                add(
                    Cause.SQUARES_MIXED_UP,
                    Map.of("of", StepNames.plain(sum)),
                    new Formula.Sum(base).power(2)));
    weightedSquare(sum.body())
        .ifPresent(body -> add(Cause.FREQUENCY_SQUARED, Map.of(), new Formula.Sum(body)));
    if (sum.body().equals(Quantity.X.formula())) {
      Formula squared = new Formula.Sum(sum.body().power(2));
      add(Cause.SQUARES_MIXED_UP, Map.of("of", StepNames.plain(sum)), squared);
    }
    inside(sum.body(), Formula.Sum::new);
    return Optional.empty();
  }

  /** {@return x of x², f·x of f·x²} */
  private static Optional<Formula> squareOutside(Formula body) {
    if (body instanceof Formula.Power power && isTwo(power.exponent())) {
      return Optional.of(power.base());
    }
    return body instanceof Formula.Operation product && product.operator() == Operator.TIMES
        ? squareOutside(product.right()).map(product.left()::times)
        : Optional.empty();
  }

  /** {@return (f·d)² of f·d²} */
  private static Optional<Formula> weightedSquare(Formula body) {
    return body instanceof Formula.Operation product
            && product.left().equals(Quantity.F.formula())
            && product.right() instanceof Formula.Power power
            && isTwo(power.exponent())
        ? Optional.of(product.left().times(power.base()).power(2))
        : Optional.empty();
  }

  private static boolean isTwo(Formula formula) {
    return formula instanceof Formula.Numeral numeral && numeral.value().equals(Exact.of(2));
  }

  @Override
  public Optional<Void> product(Formula.Product product) {
    inside(product.body(), Formula.Product::new);
    return Optional.empty();
  }

  @Override
  public Optional<Void> operation(Formula.Operation operation) {
    Formula a = operation.left();
    Formula b = operation.right();
    switch (operation.operator()) {
      case PLUS -> {
        leftOut("add", b, a);
        leftOut("add", a, b);
        exchanged("add", "subtract", a.minus(b));
        exchanged("add", "subtract", b.minus(a));
      }
      case MINUS -> {
        if (b.equals(ONE) && neighbours.isCount(a)) {
          add(Cause.DIVISOR, Map.of("value", "n"), a);
        } else {
          leftOut("subtract", b, a);
        }
        leftOut("subtract", a, b);
        countedOtherwise(operation);
        add(Cause.SIGN_REVERSED, Map.of(), b.minus(a));
        exchanged("subtract", "add", a.plus(b));
        brackets(operation, b, Operator.PLUS, (c, d) -> a.minus(c).plus(d));
        brackets(operation, b, Operator.MINUS, (c, d) -> a.minus(c).minus(d));
      }
      case TIMES -> {
        leftOut("multiply", b, a);
        leftOut("multiply", a, b);
        exchanged("multiply", "divide", a.over(b));
        brackets(operation, b, Operator.PLUS, (c, d) -> a.times(c).plus(d));
        brackets(operation, b, Operator.MINUS, (c, d) -> a.times(c).minus(d));
        brackets(operation, a, Operator.PLUS, (c, d) -> c.plus(d.times(b)));
        brackets(operation, a, Operator.MINUS, (c, d) -> c.minus(d.times(b)));
      }
      case OVER -> {
        if (b instanceof Formula.Root root && neighbours.isCount(root.body())) {
          add(Cause.SD_FOR_STANDARD_ERROR, Map.of(), a);
        } else {
          leftOut("divide", b, a);
        }
        add(Cause.TURNED_OVER, Map.of(), b.over(a));
        perHundred(a).ifPresent(of -> add(Cause.TURNED_OVER, Map.of(), HUNDRED.times(b.over(of))));
        exchanged("divide", "multiply", a.times(b));
        brackets(operation, a, Operator.PLUS, (c, d) -> c.plus(d.over(b)));
        brackets(operation, a, Operator.MINUS, (c, d) -> c.minus(d.over(b)));
        brackets(operation, b, Operator.PLUS, (c, d) -> a.over(c).plus(d));
        brackets(operation, b, Operator.MINUS, (c, d) -> a.over(c).minus(d));
        brackets(operation, b, Operator.TIMES, (c, d) -> a.over(c).times(d));
        brackets(operation, b, Operator.OVER, (c, d) -> a.over(c).over(d));
      }
    }
    inside(a, other -> new Formula.Operation(operation.operator(), other, b));
    inside(b, other -> new Formula.Operation(operation.operator(), a, other));
    return Optional.empty();
  }

  /** Of a number of values another number is taken away: n − 1 for n − 2. */
  private void countedOtherwise(Formula.Operation less) {
    if (neighbours.isCount(less.left())) {
      for (Formula other : List.of(ONE, TWO)) {
        if (!other.equals(less.right())) {
          Formula instead = less.left().minus(other);
          mixedUp(StepNames.plain(less), StepNames.plain(instead), instead);
        }
      }
    }
  }

  /** {@return what a percentage takes a hundred times; the hundred stays where it stands} */
  private static Optional<Formula> perHundred(Formula formula) {
    if (!(formula instanceof Formula.Operation product) || product.operator() != Operator.TIMES) {
      return Optional.empty();
    }
    return product.left().equals(HUNDRED)
        ? Optional.of(product.right())
        : product.right().equals(HUNDRED) ? Optional.of(product.left()) : Optional.empty();
  }

  /** What becomes of two parts whose brackets are not typed. */
  private interface Typed {
    Formula of(Formula left, Formula right);
  }

  private void brackets(Formula around, Formula part, Operator operator, Typed typed) {
    if (part instanceof Formula.Operation inner && inner.operator() == operator) {
      add(
          Cause.BRACKETS_IGNORED,
          Map.of("of", StepNames.plain(around)),
          typed.of(inner.left(), inner.right()));
    }
  }

  @Override
  public Optional<Void> power(Formula.Power power) {
    leftOut("square", power.base(), power.base());
    if (power.base() instanceof Formula.Operation inner) {
      boolean adds = inner.operator() == Operator.PLUS || inner.operator() == Operator.MINUS;
      if (adds) {
        Formula squared = new Formula.Power(inner.right(), power.exponent());
        add(
            Cause.BRACKETS_IGNORED,
            Map.of("of", StepNames.plain(power)),
            new Formula.Operation(inner.operator(), inner.left(), squared));
      }
    }
    if (isTwo(power.exponent())) {
      exchanged("square", "multiply", power.base().times(TWO));
      if (power.base() instanceof Formula.Sum sum) {
        add(
            Cause.SQUARES_MIXED_UP,
            Map.of("of", StepNames.plain(power)),
            new Formula.Sum(squareInside(sum.body())));
      }
    }
    inside(power.base(), other -> new Formula.Power(other, power.exponent()));
    return Optional.empty();
  }

  private static Formula squareInside(Formula body) {
    boolean weighted =
        body instanceof Formula.Operation product
            && product.operator() == Operator.TIMES
            && product.left().equals(Quantity.F.formula());
    return weighted && body instanceof Formula.Operation product
        ? product.left().times(product.right().power(2))
        : body.power(2);
  }

  @Override
  public Optional<Void> root(Formula.Root root) {
    // Both have names of their own.
    add(
        neighbours.isCount(root.body()) ? Cause.N_NOT_ROOTED : Cause.ROOT_NOT_TAKEN,
        Map.of(),
        root.body());
    if (isTwo(root.degree())) {
      exchanged("root", "divide", root.body().over(TWO));
    }
    if (root.body() instanceof Formula.Operation inner) {
      boolean isPart = inner.operator() == Operator.OVER || inner.operator() == Operator.TIMES;
      if (isPart) {
        Formula first = new Formula.Root(root.degree(), inner.left());
        leftOut(
            "root", inner.right(), new Formula.Operation(inner.operator(), first, inner.right()));
      }
    }
    inside(root.body(), other -> new Formula.Root(root.degree(), other));
    return Optional.empty();
  }

  @Override
  public Optional<Void> absolute(Formula.Absolute absolute) {
    leftOut("absolute", absolute.body(), absolute.body());
    if (absolute.body() instanceof Formula.Operation inner && inner.operator() == Operator.MINUS) {
      add(Cause.SIGN_REVERSED, Map.of(), inner.right().minus(inner.left()));
    }
    inside(absolute.body(), Formula.Absolute::new);
    return Optional.empty();
  }

  @Override
  public Optional<Void> area(Formula.Area area) {
    onCurve(
        area.curve(),
        area.degrees(),
        (curve, degrees) -> new Formula.Area(curve, degrees, area.tail(), area.statistic()));
    inside(
        area.statistic(),
        other -> new Formula.Area(area.curve(), area.degrees(), area.tail(), other));
    return Optional.empty();
  }

  @Override
  public Optional<Void> quantile(Formula.Quantile quantile) {
    onCurve(
        quantile.curve(),
        quantile.degrees(),
        (curve, degrees) -> new Formula.Quantile(curve, degrees, quantile.below()));
    if (quantile.below() instanceof Formula.Numeral below) {
      // The area above it stands on both sides.
      Exact middle = below.value().times(2).minus(Exact.ONE);
      if (middle.signum() > 0) {
        mixedUp(
            "two_tails",
            "one_tail",
            new Formula.Quantile(
                quantile.curve(), quantile.degrees(), new Formula.Numeral(middle)));
      }
    }
    return Optional.empty();
  }

  /** Another curve, or another line of its table. */
  private void onCurve(
      Distribution curve,
      List<Formula> degrees,
      BiFunction<Distribution, List<Formula>, Formula> made) {
    if (curve == Distribution.T) {
      mixedUp("t", "z", made.apply(Distribution.NORMAL, List.of()));
    } else if (curve == Distribution.NORMAL) {
      mixedUp("z", "t", made.apply(Distribution.T, List.of(neighbours.degreesOfOne())));
    }
    if (degrees.size() == 2) {
      mixedUp("d1", "d2", made.apply(curve, List.of(degrees.get(1), degrees.get(0))));
    }
    for (int i = 0; i < degrees.size(); i++) {
      for (Formula other : List.of(degrees.get(i).plus(ONE), degrees.get(i).minus(ONE))) {
        List<Formula> changed = new ArrayList<>(degrees);
        changed.set(i, other);
        add(Cause.DF_OFF_BY_ONE, Map.of(), made.apply(curve, changed));
      }
    }
  }

  private void mixedUp(String quantity, String instead, Formula changed) {
    add(Cause.MIXED_UP, Candidates.named("quantity", quantity, "instead", instead), changed);
  }
}
