package promedio.core.table;

import java.util.Optional;
import promedio.core.number.Exact;

/**
 * What there is in a column.
 *
 * @param n the entries that count: numbers of a number column, words otherwise
 * @param missing the entries that are missing
 * @param unreadable the entries of a number column that are neither
 * @param distinct the different entries among n
 * @param extent smallest, largest and sum of a number column that has numbers
 */
public record ColumnSummary(
    int n, int missing, int unreadable, int distinct, Optional<Extent> extent) {

  /**
   * Smallest, largest and sum.
   *
   * @param min the smallest number
   * @param max the largest number
   * @param sum the sum of all numbers
   */
  public record Extent(Exact min, Exact max, Exact sum) {}
}
