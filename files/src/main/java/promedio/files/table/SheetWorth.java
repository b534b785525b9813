package promedio.files.table;

import java.util.List;

/**
 * How much of a table a sheet seems to hold: filled cells in rows of several, and numbers. A sheet
 * of notes has neither, and one that is hidden is proposed only where there is no other.
 */
final class SheetWorth implements RowSink {

  /** Rows that are looked at; a sheet that goes on after that is as large as any. */
  private static final int MOST_ROWS = 20_000;

  private final boolean hidden;
  private long cells;
  private int rows;
  private int filled;
  private int numbers;

  SheetWorth(boolean hidden) {
    this.hidden = hidden;
  }

  /** {@return the place of the sheet that is proposed: of those that are worth most the first} */
  static int best(List<SheetWorth> sheets) {
    int best = 0;
    for (int i = 1; i < sheets.size(); i++) {
      SheetWorth one = sheets.get(i);
      SheetWorth other = sheets.get(best);
      boolean better = one.visible() == other.visible() ? one.cells > other.cells : one.visible();
      best = better ? i : best;
    }
    return best;
  }

  /** An empty sheet is no better for being in sight. */
  private boolean visible() {
    return !hidden && cells > 0;
  }

  @Override
  public void begin(long line) {
    filled = 0;
    numbers = 0;
  }

  @Override
  public void cell(char[] text, int start, int length) {
    boolean digit = false;
    boolean letter = false;
    for (int i = start; i < start + length; i++) {
      digit |= Character.isDigit(text[i]);
      letter |= Character.isLetter(text[i]);
    }
    filled += length > 0 ? 1 : 0;
    numbers += digit && !letter ? 1 : 0;
  }

  @Override
  public boolean end() {
    cells += filled > 1 ? filled + numbers : 2L * numbers;
    return ++rows < MOST_ROWS;
  }
}
