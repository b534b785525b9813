package promedio.core.formula;

import java.util.Optional;
import java.util.function.Function;

/** Puts other formulas in the place of parts, the largest first; all else is made anew. */
final class Replacing implements Formula.Visitor<Formula> {

  private final Function<Formula, Optional<Formula>> replacement;

  Replacing(Function<Formula, Optional<Formula>> replacement) {
    this.replacement = replacement;
  }

  Formula of(Formula formula) {
    return replacement.apply(formula).orElseGet(() -> formula.accept(this));
  }

  @Override
  public Formula numeral(Formula.Numeral numeral) {
    return numeral;
  }

  @Override
  public Formula named(Formula.Named named) {
    return named;
  }

  @Override
  public Formula ordered(Formula.Ordered ordered) {
    return new Formula.Ordered(of(ordered.position()));
  }

  @Override
  public Formula sum(Formula.Sum sum) {
    return new Formula.Sum(of(sum.body()));
  }

  @Override
  public Formula product(Formula.Product product) {
    return new Formula.Product(of(product.body()));
  }

  @Override
  public Formula operation(Formula.Operation operation) {
    return new Formula.Operation(operation.operator(), of(operation.left()), of(operation.right()));
  }

  @Override
  public Formula power(Formula.Power power) {
    return new Formula.Power(of(power.base()), of(power.exponent()));
  }

  @Override
  public Formula root(Formula.Root root) {
    return new Formula.Root(of(root.degree()), of(root.body()));
  }

  @Override
  public Formula absolute(Formula.Absolute absolute) {
    return new Formula.Absolute(of(absolute.body()));
  }

  @Override
  public Formula area(Formula.Area area) {
    return new Formula.Area(
        area.curve(),
        area.degrees().stream().map(this::of).toList(),
        area.tail(),
        of(area.statistic()));
  }

  @Override
  public Formula quantile(Formula.Quantile quantile) {
    return new Formula.Quantile(
        quantile.curve(), quantile.degrees().stream().map(this::of).toList(), of(quantile.below()));
  }
}
