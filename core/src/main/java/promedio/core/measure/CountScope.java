package promedio.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.formula.Scope;
import promedio.core.number.Exact;
import promedio.core.sample.CrossTable;
import promedio.core.sample.GoodnessOfFitData;

/**
 * Counts, each observed and expected.
 *
 * @param cells row by row
 * @param expected which of the expected counts it is
 */
record CountScope(List<Cell> cells, Quantity expected) implements Scope {

  private static final Exact HALF = Exact.of(1, 2);

  /** One count: what it is called, and what is known of it. */
  record Cell(String name, Map<Quantity, Exact> values) {}

  static CountScope of(CrossTable table) {
    List<Cell> cells = new ArrayList<>();
    for (int row = 0; row < table.rows().size(); row++) {
      for (int column = 0; column < table.columns().size(); column++) {
        Exact observed = table.count(row, column);
        Exact expected = table.expected(row, column);
        cells.add(
            new Cell(
                table.rows().get(row) + " · " + table.columns().get(column),
                Map.of(
                    SeveralQuantities.OBSERVED, observed,
                    SeveralQuantities.ROW_TOTAL, table.rowTotal(row),
                    SeveralQuantities.COLUMN_TOTAL, table.columnTotal(column),
                    SeveralQuantities.EXPECTED, expected,
                    SeveralQuantities.CORRECTED_DISTANCE, corrected(observed, expected))));
      }
    }
    return new CountScope(cells, SeveralQuantities.EXPECTED);
  }

  static CountScope of(GoodnessOfFitData fit) {
    List<Cell> cells = new ArrayList<>();
    for (int i = 0; i < fit.expected().size(); i++) {
      cells.add(
          new Cell(
              fit.counted().rows().get(i).name(),
              Map.of(
                  SeveralQuantities.OBSERVED, fit.counted().rows().get(i).frequency(),
                  SeveralQuantities.SHARE, fit.share(i),
                  SeveralQuantities.EXPECTED_BY_SHARE, fit.expectedCount(i))));
    }
    return new CountScope(cells, SeveralQuantities.EXPECTED_BY_SHARE);
  }

  /** Yates takes a half off the distance, never below 0. */
  private static Exact corrected(Exact observed, Exact expected) {
    Exact left = observed.minus(expected).abs().minus(HALF);
    return left.signum() < 0 ? Exact.ZERO : left;
  }

  @Override
  public int rows() {
    return cells.size();
  }

  @Override
  public List<Quantity> variables() {
    return List.of(SeveralQuantities.OBSERVED);
  }

  @Override
  public Optional<Exact> value(Quantity quantity, int row) {
    return Optional.ofNullable(cells.get(row).values().get(quantity));
  }

  /** What is expected adds up to what was counted. */
  @Override
  public boolean addsUp(Quantity quantity) {
    return quantity.equals(SeveralQuantities.OBSERVED) || quantity.equals(expected);
  }

  @Override
  public Optional<String> name(int row) {
    return Optional.of(cells.get(row).name());
  }
}
