package promedio.files.table;

import java.util.List;
import org.jspecify.annotations.Nullable;
import promedio.core.table.Table;

/**
 * A table as it was read.
 *
 * @param source the name of the file
 * @param recognised how it was read
 * @param table its columns; a row remembers its number among the data rows
 * @param lines the line of the file each row begins in
 * @param notices what a person should know, in sentences
 */
@SuppressWarnings("ArrayRecordComponent") // as long as the table; nobody changes or compares it
public record ReadTable(
    String source, Recognised recognised, Table table, int[] lines, List<String> notices) {

  public ReadTable {
    notices = List.copyOf(notices);
  }

  /** Two are never compared cell by cell. */
  @Override
  public boolean equals(@Nullable Object other) {
    return this == other;
  }

  @Override
  public int hashCode() {
    return System.identityHashCode(this);
  }

  /** {@return the line of the file in which the row, from 0, begins} */
  public int line(int row) {
    return lines[row];
  }
}
