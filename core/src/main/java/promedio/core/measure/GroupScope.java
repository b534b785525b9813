package promedio.core.measure;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.formula.Scope;
import promedio.core.number.Exact;
import promedio.core.sample.Groups;
import promedio.core.sample.Tally;

/**
 * The groups as rows, each with its size, mean and variances; inside of a group its values.
 *
 * @param groups what is known of each
 */
record GroupScope(List<Row> groups) implements Scope {

  /** What is known of a group. */
  record Row(Tally tally, Moments moments) {}

  static GroupScope of(Groups groups) {
    return new GroupScope(
        groups.samples().stream()
            .map(group -> group.sample().tally())
            .map(tally -> new Row(tally, Moments.of(tally)))
            .toList());
  }

  @Override
  public int rows() {
    return groups.size();
  }

  @Override
  public List<Quantity> variables() {
    return List.of(
        SeveralQuantities.SIZE_OF_GROUP,
        SeveralQuantities.MEAN_OF_GROUP,
        SeveralQuantities.VARIANCE_OF_GROUP);
  }

  @Override
  public Optional<Exact> value(Quantity quantity, int row) {
    Moments moments = groups.get(row).moments();
    if (quantity.equals(SeveralQuantities.SIZE_OF_GROUP)) {
      return Optional.of(moments.n());
    }
    if (quantity.equals(SeveralQuantities.MEAN_OF_GROUP)) {
      return Optional.of(moments.mean());
    }
    if (quantity.equals(SeveralQuantities.POPULATION_VARIANCE_OF_GROUP)) {
      return Optional.of(moments.m2());
    }
    return quantity.equals(SeveralQuantities.VARIANCE_OF_GROUP)
        ? Optional.of(varianceOfSample(moments))
        : Optional.empty();
  }

  /** Of one value it is told as 0, since it counts n − 1 = 0 times wherever it stands. */
  private static Exact varianceOfSample(Moments moments) {
    Exact n = moments.n();
    return n.equals(Exact.ONE) ? Exact.ZERO : moments.m2().times(n).over(n.minus(Exact.ONE));
  }

  /** Means and variances of groups do not. */
  @Override
  public boolean addsUp(Quantity quantity) {
    return quantity.equals(SeveralQuantities.SIZE_OF_GROUP);
  }

  @Override
  public Optional<Scope> inner(int row) {
    return Optional.of(Scope.of(groups.get(row).tally(), Quantity.X));
  }
}
