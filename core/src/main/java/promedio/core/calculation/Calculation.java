package promedio.core.calculation;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.number.Exact;
import promedio.core.sample.Values;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/**
 * A formula or condition over the columns of a table, such as {@code (weight − box) ÷ 1000}, {@code
 * √length}, {@code z(weight)}, or {@code weight > 200 and variety = Blanca or weight is missing}.
 * What needs a missing entry is missing itself.
 */
public final class Calculation {

  /** Significant digits of an entry that is no fraction. */
  public static final int DIGITS = 30;

  private static final String YES = "yes";
  private static final String NO = "no";

  private final Operand operand;
  private final int rows;

  private Calculation(Operand operand, int rows) {
    this.operand = operand;
    this.rows = rows;
  }

  /**
   * {@return the calculation that the text says}
   *
   * @param table gives the columns that may be named
   * @throws CalculationException if it is none; it says what is wrong and where
   */
  public static Calculation read(String text, Table table) throws CalculationException {
    return new Calculation(Parser.parse(text, Names.of(table)), table.rows());
  }

  /**
   * A column that was computed.
   *
   * @param column its entries
   * @param rounded how many are no fractions, or fractions without a common denominator of sensible
   *     size, and are given to {@link #DIGITS} digits
   */
  public record Computed(Column column, int rounded) {}

  /** {@return the column of what it comes to in each row; a statement gives yes and no} */
  public Computed column(String name) {
    if (operand instanceof Operand.Numbers numbers) {
      return numbers(name, numbers);
    }
    List<String> entries = new ArrayList<>(rows);
    for (int row = 0; row < rows; row++) {
      Cancellation.check(row);
      entries.add(word(row));
    }
    WordColumn words =
        operand instanceof Operand.Truths
            ? WordColumn.ordered(name, List.of(YES, NO), entries)
            : WordColumn.of(name, Kind.CATEGORY, entries);
    return new Computed(words, 0);
  }

  private String word(int row) {
    if (operand instanceof Operand.Truths truths) {
      Boolean truth = truths.at(row);
      return truth == null ? "" : truth ? YES : NO;
    }
    String word = ((Operand.Words) operand).at(row);
    return word == null ? "" : word;
  }

  private Computed numbers(String name, Operand.Numbers numbers) {
    List<Exact> values = new ArrayList<>(rows);
    BitSet missing = new BitSet();
    int rounded = 0;
    for (int row = 0; row < rows; row++) {
      Cancellation.check(row);
      Exact value = numbers.at(row);
      boolean fraction = value != null && value.isRational();
      rounded += value == null || fraction ? 0 : 1;
      missing.set(row, value == null);
      values.add(value == null ? Exact.ZERO : fraction ? value : shortened(value));
    }
    try {
      return new Computed(new NumberColumn(name, pack(values, missing), Map.of()), rounded);
    } catch (BadInputException e) {
      return decimals(name, values, missing);
    }
  }

  private Computed decimals(String name, List<Exact> values, BitSet missing) {
    List<Exact> decimals = values.stream().map(Calculation::shortened).toList();
    try {
      NumberColumn column = new NumberColumn(name, pack(decimals, missing), Map.of());
      return new Computed(column, rows - missing.cardinality());
    } catch (BadInputException e) {
      throw new IllegalStateException("decimals have a common denominator", e);
    }
  }

  private static Exact shortened(Exact value) {
    return value.signum() == 0 ? value : Exact.of(value.significant(DIGITS).stripTrailingZeros());
  }

  private static Values pack(List<Exact> values, BitSet missing) throws BadInputException {
    ValuesBuilder builder = new ValuesBuilder();
    for (int row = 0; row < values.size(); row++) {
      Cancellation.check(row);
      if (missing.get(row)) {
        builder.addMissing();
      } else {
        builder.add(values.get(row));
      }
    }
    return builder.build();
  }

  /**
   * {@return the rows in which the statement holds}
   *
   * @throws CalculationException if it is no statement
   */
  public BitSet rowsWhereItHolds() throws CalculationException {
    if (!(operand instanceof Operand.Truths truths)) {
      throw new CalculationException(0, "formula.no-condition");
    }
    BitSet holds = new BitSet();
    for (int row = 0; row < rows; row++) {
      Cancellation.check(row);
      holds.set(row, Boolean.TRUE.equals(truths.at(row)));
    }
    return holds;
  }
}
