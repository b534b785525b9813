package promedio.core.measure;

import java.util.ArrayList;
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
  record Row(String name, Tally tally, Moments moments) {}

  static GroupScope of(Groups groups) {
    List<Row> rows = new ArrayList<>();
    for (Groups.Group group : groups.samples()) {
      Tally tally = group.sample().tally();
      // By its number, as in x̄₁ and μ₁, and by its name.
      rows.add(new Row((rows.size() + 1) + " " + group.name(), tally, Moments.of(tally)));
    }
    return new GroupScope(rows);
  }

  @Override
  public int rows() {
    return groups.size();
  }

  @Override
  public List<Quantity> variables() {
    return List.of(SeveralQuantities.SIZE_OF_GROUP);
  }

  @Override
  public Optional<Exact> value(Quantity quantity, int row) {
    Moments moments = groups.get(row).moments();
    if (quantity.equals(SeveralQuantities.SIZE_OF_GROUP)) {
      return Optional.of(moments.n());
    }
    if (quantity.equals(SeveralQuantities.TOTAL_OF_GROUP)) {
      return Optional.of(moments.sum());
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
    return moments.n().equals(Exact.ONE) ? Exact.ZERO : moments.sampleVariance();
  }

  /** Means and variances of groups do not. */
  @Override
  public boolean addsUp(Quantity quantity) {
    return quantity.equals(SeveralQuantities.SIZE_OF_GROUP)
        || quantity.equals(SeveralQuantities.TOTAL_OF_GROUP);
  }

  @Override
  public Optional<String> name(int row) {
    return Optional.of(groups.get(row).name());
  }

  @Override
  public Optional<Scope> inner(int row) {
    return Optional.of(Scope.of(groups.get(row).tally(), Quantity.X));
  }
}
