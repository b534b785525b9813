package promedio.files.report;

import java.util.ArrayList;
import java.util.List;

/** Sets cells under each other. */
final class Columns {

  private static final int GAP = 3;

  private Columns() {}

  /** {@return a line for each row, every column as wide as its longest cell, set to the right} */
  static List<String> aligned(List<List<String>> rows) {
    if (rows.isEmpty()) {
      return List.of();
    }
    int[] widths = new int[rows.get(0).size()];
    for (List<String> row : rows) {
      for (int i = 0; i < widths.length; i++) {
        widths[i] = Math.max(widths[i], row.get(i).length());
      }
    }
    List<String> lines = new ArrayList<>();
    for (List<String> row : rows) {
      StringBuilder line = new StringBuilder();
      for (int i = 0; i < widths.length; i++) {
        line.append(" ".repeat(widths[i] - row.get(i).length() + (i == 0 ? 0 : GAP)))
            .append(row.get(i));
      }
      lines.add(line.toString());
    }
    return lines;
  }
}
