package promedio.files.table;

import java.util.ArrayList;
import java.util.List;

/** Collects the first rows as they stand. */
final class HeadRows implements RowSink {

  private final int most;
  private final List<RawRow> rows = new ArrayList<>();
  private List<String> cells = new ArrayList<>();
  private long line;

  HeadRows(int most) {
    this.most = most;
  }

  /** {@return the rows; those without any content are left out} */
  List<RawRow> rows() {
    return rows;
  }

  @Override
  public void begin(long at) {
    line = at;
    cells = new ArrayList<>();
  }

  @Override
  public void cell(char[] text, int start, int length) {
    cells.add(Blanks.strip(new String(text, start, length)));
  }

  @Override
  public boolean end() {
    boolean filled = cells.stream().anyMatch(cell -> !cell.isEmpty());
    boolean drawn =
        cells.size() > 1
            && cells.stream().allMatch(c -> TableBuilder.isDrawn(c.toCharArray(), 0, c.length()));
    if (filled && !drawn) {
      rows.add(new RawRow(line, cells));
    }
    return rows.size() < most;
  }
}
