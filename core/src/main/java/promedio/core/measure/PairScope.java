package promedio.core.measure;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.formula.Scope;
import promedio.core.number.Exact;
import promedio.core.sample.Pairs;

/**
 * The rows of pairs: x and y, their difference, and their ranks.
 *
 * @param pairs the pairs
 */
record PairScope(Pairs pairs) implements Scope {

  @Override
  public int rows() {
    return pairs.size();
  }

  @Override
  public List<Quantity> variables() {
    return List.of(Quantity.X, SeveralQuantities.Y);
  }

  @Override
  public Optional<Exact> value(Quantity quantity, int row) {
    if (quantity.equals(Quantity.X)) {
      return Optional.of(pairs.x().get(row));
    }
    if (quantity.equals(SeveralQuantities.Y)) {
      return Optional.of(pairs.y().get(row));
    }
    if (quantity.equals(SeveralQuantities.DIFFERENCE)) {
      return Optional.of(pairs.x().get(row).minus(pairs.y().get(row)));
    }
    if (quantity.equals(SeveralQuantities.RANK_DIFFERENCE)) {
      return Optional.of(Exact.of(pairs.doubledRankOfX(row) - (long) pairs.doubledRankOfY(row), 2));
    }
    if (quantity.equals(SeveralQuantities.RANK_X)) {
      return Optional.of(Exact.of(pairs.doubledRankOfX(row), 2));
    }
    return quantity.equals(SeveralQuantities.RANK_Y)
        ? Optional.of(Exact.of(pairs.doubledRankOfY(row), 2))
        : Optional.empty();
  }
}
