package promedio.core.formula;

import java.util.List;
import java.util.function.Predicate;

/** Whether such a quantity is named anywhere in a formula. */
final class Mentions implements Formula.Visitor<Boolean> {

  private final Predicate<Quantity> sought;

  Mentions(Predicate<Quantity> sought) {
    this.sought = sought;
  }

  @Override
  public Boolean numeral(Formula.Numeral numeral) {
    return false;
  }

  @Override
  public Boolean named(Formula.Named named) {
    return sought.test(named.quantity());
  }

  @Override
  public Boolean ordered(Formula.Ordered ordered) {
    return ordered.position().accept(this);
  }

  @Override
  public Boolean sum(Formula.Sum sum) {
    return sum.body().accept(this);
  }

  @Override
  public Boolean product(Formula.Product product) {
    return product.body().accept(this);
  }

  @Override
  public Boolean operation(Formula.Operation operation) {
    return operation.left().accept(this) || operation.right().accept(this);
  }

  @Override
  public Boolean power(Formula.Power power) {
    return power.base().accept(this) || power.exponent().accept(this);
  }

  @Override
  public Boolean root(Formula.Root root) {
    return root.degree().accept(this) || root.body().accept(this);
  }

  @Override
  public Boolean absolute(Formula.Absolute absolute) {
    return absolute.body().accept(this);
  }

  @Override
  public Boolean area(Formula.Area area) {
    return area.statistic().accept(this) || anyOf(area.degrees());
  }

  @Override
  public Boolean quantile(Formula.Quantile quantile) {
    return quantile.below().accept(this) || anyOf(quantile.degrees());
  }

  private boolean anyOf(List<Formula> formulas) {
    return formulas.stream().anyMatch(each -> each.accept(this));
  }
}
