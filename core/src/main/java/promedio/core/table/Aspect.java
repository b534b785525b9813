package promedio.core.table;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A thing that is recognised when a table is read, and that a person may decide otherwise. */
public enum Aspect {
  /** UTF-8, UTF-16 or Windows-1252. */
  ENCODING,
  /** What parts the cells: one character, {@code tab}, {@code blanks} or {@code none}. */
  SEPARATOR,
  /** What stands around cells that hold the separator: one character or {@code none}. */
  QUOTE,
  /** The sign before the decimals: {@code .} or {@code ,}. */
  DECIMAL,
  /** The sign between groups of three digits: one character or {@code none}. */
  GROUPING,
  /** The line of the header, counted from 1, or 0 where there is none. */
  HEADER_LINE,
  /** The lines above the table that are passed over; where there is a header, those above it. */
  PASS_OVER,
  /** The sheet of a workbook. */
  SHEET,
  /** What stands for a missing entry besides the usual signs, parted by blanks. */
  MISSING,
  /** How many rows at the foot are totals or notes, and left out. */
  FOOT_ROWS;

  /** {@return its name in files and on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** {@return the aspect of this code} */
  public static Optional<Aspect> ofCode(String code) {
    return Arrays.stream(values()).filter(aspect -> aspect.code().equals(code)).findFirst();
  }
}
