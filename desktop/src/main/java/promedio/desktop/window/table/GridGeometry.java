package promedio.desktop.window.table;

/**
 * Where the cells of a grid are. The last rows stay in sight below the scrolled ones where not all
 * have room.
 *
 * @param lefts where each column begins, and where the last ends, as if all were in sight
 * @param room what there is to lay out in
 * @param rows how many rows there are
 * @param lastRows how many of them are kept at the foot
 * @param top the first row in sight
 * @param scrolledRows how many rows from there are in sight
 * @param scrolledBy how far the columns are moved to the left
 */
@SuppressWarnings("ArrayRecordComponent") // made anew at every layout, and compared by nobody
record GridGeometry(
    double[] lefts,
    Room room,
    int rows,
    int lastRows,
    int top,
    int scrolledRows,
    double scrolledBy) {

  private static final double TEAR = 5;

  static final GridGeometry NOTHING =
      new GridGeometry(new double[1], new Room(0, 0, 0, 1), 0, 0, 0, 0, 0);

  /**
   * What there is to lay out in.
   *
   * @param rowHead the width of what stands at the left of each row
   * @param rowHeight the height of a row
   */
  record Room(double width, double height, double rowHead, double rowHeight) {

    /** {@return what is left of it below heads of this height} */
    Room below(double heads) {
      return new Room(width, height - heads, rowHead, rowHeight);
    }
  }

  static GridGeometry of(
      double[] widths, Room room, int rows, int keptRows, double top, double scrolledBy) {
    double[] lefts = new double[widths.length + 1];
    for (int i = 0; i < widths.length; i++) {
      lefts[i + 1] = lefts[i] + widths[i];
    }
    int fit = (int) Math.max(1, Math.floor(room.height() / room.rowHeight()));
    if (rows <= fit) {
      return new GridGeometry(lefts, room, rows, 0, 0, rows, scrolledBy);
    }
    int kept = fit > 3 * keptRows ? keptRows : 0;
    int scrolled =
        kept == 0
            ? fit
            : (int) Math.floor((room.height() - kept * room.rowHeight() - TEAR) / room.rowHeight());
    int first = (int) Math.max(0, Math.min(top, rows - kept - scrolled));
    return new GridGeometry(lefts, room, rows, kept, first, scrolled, scrolledBy);
  }

  double rowHeadWidth() {
    return room.rowHead();
  }

  double rowHeight() {
    return room.rowHeight();
  }

  double totalWidth() {
    return lefts[lefts.length - 1];
  }

  int visibleRows() {
    return scrolledRows + lastRows;
  }

  /** {@return the row at this place from the top of what is in sight} */
  int row(int place) {
    return place < scrolledRows ? top + place : rows - lastRows + place - scrolledRows;
  }

  double y(int place) {
    return place * room.rowHeight() + (place < scrolledRows ? 0 : TEAR);
  }

  /** {@return where rows between the scrolled and the last ones are left out, −1 where none are} */
  double tearY() {
    boolean leftOut = lastRows > 0 && top + scrolledRows < rows - lastRows;
    return leftOut ? scrolledRows * room.rowHeight() : -1;
  }

  double x(int column) {
    return room.rowHead() + lefts[column] - scrolledBy;
  }

  double width(int column) {
    return lefts[column + 1] - lefts[column];
  }

  int firstColumn() {
    int column = 0;
    while (column < lefts.length - 2 && lefts[column + 1] <= scrolledBy) {
      column++;
    }
    return column;
  }

  int lastColumn() {
    int column = firstColumn();
    double right = scrolledBy + room.width() - room.rowHead();
    while (column < lefts.length - 2 && lefts[column + 1] < right) {
      column++;
    }
    return lefts.length < 2 ? -1 : column;
  }

  /** {@return the row at this height, −1 where there is none} */
  int rowAt(double y) {
    int place = (int) Math.floor(y / room.rowHeight());
    if (place >= scrolledRows) {
      place = (int) Math.floor((y - TEAR) / room.rowHeight());
    }
    return y < 0 || place < 0 || place >= visibleRows() ? -1 : row(place);
  }

  /** {@return the column at this distance from the left, −1 where there is none} */
  int columnAt(double x) {
    double at = x - room.rowHead() + scrolledBy;
    for (int column = 0; column < lefts.length - 1; column++) {
      if (at < lefts[column + 1]) {
        return at < 0 ? -1 : column;
      }
    }
    return -1;
  }
}
