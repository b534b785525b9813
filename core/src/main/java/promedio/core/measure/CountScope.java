package promedio.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.formula.Scope;
import promedio.core.number.Exact;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Fit;

/**
 * Counts, each observed and expected.
 *
 * @param cells row by row
 */
record CountScope(List<Cell> cells) implements Scope {

  private static final Exact HALF = Exact.of(1, 2);

  /** One count. */
  record Cell(Exact observed, Exact expected) {}

  static CountScope of(CrossTable table) {
    List<Cell> cells = new ArrayList<>();
    for (int row = 0; row < table.rows().size(); row++) {
      for (int column = 0; column < table.columns().size(); column++) {
        cells.add(new Cell(table.count(row, column), table.expected(row, column)));
      }
    }
    return new CountScope(cells);
  }

  static CountScope of(Fit fit) {
    List<Cell> cells = new ArrayList<>();
    for (int i = 0; i < fit.expected().size(); i++) {
      cells.add(new Cell(fit.counted().rows().get(i).frequency(), fit.expectedCount(i)));
    }
    return new CountScope(cells);
  }

  @Override
  public int rows() {
    return cells.size();
  }

  @Override
  public List<Quantity> variables() {
    return List.of(SeveralQuantities.OBSERVED, SeveralQuantities.EXPECTED);
  }

  @Override
  public Optional<Exact> value(Quantity quantity, int row) {
    Cell cell = cells.get(row);
    if (quantity.equals(SeveralQuantities.OBSERVED)) {
      return Optional.of(cell.observed());
    }
    if (quantity.equals(SeveralQuantities.EXPECTED)) {
      return Optional.of(cell.expected());
    }
    return quantity.equals(SeveralQuantities.CORRECTED_DISTANCE)
        ? Optional.of(corrected(cell))
        : Optional.empty();
  }

  /** Yates takes a half off the distance, never below 0. */
  private static Exact corrected(Cell cell) {
    Exact left = cell.observed().minus(cell.expected()).abs().minus(HALF);
    return left.signum() < 0 ? Exact.ZERO : left;
  }
}
