package promedio.core.formula;

import java.util.LinkedHashSet;
import java.util.Set;

/** Collects what a formula names: its quantities but those of a row, and its sums over the rows. */
final class Parts implements Formula.Visitor<Set<Formula>> {

  private final Set<Formula> found = new LinkedHashSet<>();

  /** Whether a sum is looked into. */
  private boolean summing;

  @Override
  public Set<Formula> numeral(Formula.Numeral numeral) {
    return found;
  }

  @Override
  public Set<Formula> named(Formula.Named named) {
    if (!named.quantity().isOfRow()) {
      found.add(named);
    }
    return found;
  }

  @Override
  public Set<Formula> ordered(Formula.Ordered ordered) {
    return ordered.position().accept(this);
  }

  @Override
  public Set<Formula> sum(Formula.Sum sum) {
    boolean outermost = !summing;
    summing = true;
    sum.body().accept(this);
    summing = !outermost;
    // A sum inside of another is a number in each row of it, not one of the whole.
    if (outermost) {
      found.add(sum);
    }
    return found;
  }

  @Override
  public Set<Formula> product(Formula.Product product) {
    product.body().accept(this);
    found.add(product);
    return found;
  }

  @Override
  public Set<Formula> operation(Formula.Operation operation) {
    operation.left().accept(this);
    return operation.right().accept(this);
  }

  @Override
  public Set<Formula> power(Formula.Power power) {
    power.base().accept(this);
    return power.exponent().accept(this);
  }

  @Override
  public Set<Formula> root(Formula.Root root) {
    root.degree().accept(this);
    return root.body().accept(this);
  }

  @Override
  public Set<Formula> absolute(Formula.Absolute absolute) {
    return absolute.body().accept(this);
  }

  @Override
  public Set<Formula> area(Formula.Area area) {
    area.statistic().accept(this);
    area.degrees().forEach(each -> each.accept(this));
    return found;
  }

  @Override
  public Set<Formula> quantile(Formula.Quantile quantile) {
    quantile.below().accept(this);
    quantile.degrees().forEach(each -> each.accept(this));
    return found;
  }
}
