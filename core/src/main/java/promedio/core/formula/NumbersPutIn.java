package promedio.core.formula;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;

/**
 * Puts numbers in the place of what a formula names: quantities, sums over the rows, and values by
 * their position. What has no value stays as it is.
 */
final class NumbersPutIn implements Formula.Visitor<Formula> {

  /** Knows what a part of a formula comes to. */
  @FunctionalInterface
  interface Values {

    /** {@return what the part comes to, if it has a value} */
    Optional<Exact> of(Formula part);
  }

  private final Values values;

  NumbersPutIn(Values values) {
    this.values = values;
  }

  private Formula number(Formula part) {
    return values.of(part).<Formula>map(Formula.Numeral::new).orElse(part);
  }

  @Override
  public Formula numeral(Formula.Numeral numeral) {
    return numeral;
  }

  @Override
  public Formula named(Formula.Named named) {
    return number(named);
  }

  @Override
  public Formula ordered(Formula.Ordered ordered) {
    return number(ordered);
  }

  @Override
  public Formula sum(Formula.Sum sum) {
    return number(sum);
  }

  @Override
  public Formula product(Formula.Product product) {
    return number(product);
  }

  @Override
  public Formula operation(Formula.Operation operation) {
    return new Formula.Operation(
        operation.operator(), operation.left().accept(this), operation.right().accept(this));
  }

  @Override
  public Formula power(Formula.Power power) {
    return new Formula.Power(power.base().accept(this), power.exponent().accept(this));
  }

  @Override
  public Formula root(Formula.Root root) {
    return new Formula.Root(root.degree().accept(this), root.body().accept(this));
  }

  @Override
  public Formula absolute(Formula.Absolute absolute) {
    return new Formula.Absolute(absolute.body().accept(this));
  }

  @Override
  public Formula area(Formula.Area area) {
    return new Formula.Area(
        area.curve(), putIn(area.degrees()), area.tail(), area.statistic().accept(this));
  }

  @Override
  public Formula quantile(Formula.Quantile quantile) {
    return new Formula.Quantile(
        quantile.curve(), putIn(quantile.degrees()), quantile.below().accept(this));
  }

  private List<Formula> putIn(List<Formula> formulas) {
    return formulas.stream().map(each -> each.accept(this)).toList();
  }
}
