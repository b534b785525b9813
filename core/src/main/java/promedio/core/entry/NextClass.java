package promedio.core.entry;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;

/** The class that would come next in a printed table. */
public final class NextClass {

  /** Widths that tables are printed with, up to a power of ten. */
  private static final List<Exact> USUAL_WIDTHS =
      List.of(Exact.of(1), Exact.of(2), Exact.of(5), Exact.of(5, 2));

  private static final Exact TEN = Exact.of(10);

  private NextClass() {}

  /**
   * {@return the class after the last one, as wide and at the same gap}; none after an open one
   *
   * <p>After a single class the gap is not known: 10–19 is taken to go on with 20–29, since ten is
   * a usual width and nine is not, and 10–20 with 20–30.
   */
  public static Optional<ClassTable.Row> after(ClassTable table) {
    List<ClassTable.Row> rows = table.rows();
    if (rows.isEmpty() || rows.get(rows.size() - 1).isOpen()) {
      return Optional.empty();
    }
    ClassTable.Row last = rows.get(rows.size() - 1);
    Exact upper = last.upper().orElseThrow();
    Exact width = upper.minus(last.lower().orElseThrow());
    Exact gap = rows.size() > 1 ? table.gap() : likelyGap(last, width);
    Exact lower = upper.plus(gap);
    return Optional.of(ClassTable.Row.of(lower, lower.plus(width), Exact.ZERO));
  }

  private static Exact likelyGap(ClassTable.Row row, Exact width) {
    Exact unit = Exact.ONE;
    for (int i = 0; i < 12 && !isWhole(row, unit); i++) {
      unit = unit.over(10);
    }
    return !isUsual(width) && isUsual(width.plus(unit)) ? unit : Exact.ZERO;
  }

  private static boolean isWhole(ClassTable.Row row, Exact unit) {
    return row.lower().orElseThrow().over(unit).isWhole()
        && row.upper().orElseThrow().over(unit).isWhole();
  }

  private static boolean isUsual(Exact width) {
    Exact scaled = width;
    while (scaled.compareTo(TEN) >= 0) {
      scaled = scaled.over(TEN);
    }
    while (scaled.compareTo(Exact.ONE) < 0) {
      scaled = scaled.times(TEN);
    }
    return USUAL_WIDTHS.contains(scaled);
  }
}
