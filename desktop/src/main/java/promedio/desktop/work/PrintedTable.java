package promedio.desktop.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import promedio.core.entry.ClassLine;
import promedio.core.number.DecimalSign;

/**
 * A typed table taken apart into the rows of a printed one, and put together again.
 *
 * @param rows its rows; nothing that was typed is left out
 * @param cumulative whether the frequencies are cumulative ones
 * @param total the total that is written below, empty for none
 */
public record PrintedTable(List<Row> rows, boolean cumulative, String total) {

  private static final Pattern TOTAL =
      Pattern.compile("(?:n|Σf?|total|sum)\\s*[=:]?\\s*([\\d.,]+)", Pattern.CASE_INSENSITIVE);
  private static final Pattern LAST_PART =
      Pattern.compile("(.*[^\\s:;,|])[\\s:;,|]+([^\\s%]+\\s*%?)");
  private static final String CUMULATIVE = "cumulative";

  public PrintedTable {
    rows = List.copyOf(rows);
  }

  /**
   * A row as it is typed.
   *
   * @param label the value, or the limits of the class
   * @param frequency its frequency, empty while there is none
   * @param start where the line begins in the text
   */
  public record Row(String label, String frequency, int start) {

    /** {@return whether nothing is typed} */
    public boolean isBlank() {
      return label.isBlank() && frequency.isBlank();
    }

    private String line() {
      return isBlank() ? "" : label.strip() + "\t" + frequency.strip();
    }
  }

  /** {@return the class table of this text, in rows} */
  public static PrintedTable ofClasses(String text, DecimalSign sign) {
    ClassLine reader = new ClassLine(sign);
    List<Row> rows = new ArrayList<>();
    boolean cumulative = false;
    String total = "";
    int start = 0;
    for (String line : text.split("\n", -1)) {
      Matcher sum = TOTAL.matcher(line.strip());
      if (sum.matches()) {
        total = sum.group(1);
      } else if (line.strip().toLowerCase(Locale.ROOT).equals(CUMULATIVE)) {
        cumulative = true;
      } else {
        boolean whole =
            reader.read(line) instanceof ClassLine.Read read && read.frequency().isEmpty();
        rows.add(row(line, whole, start));
      }
      start += line.length() + 1;
    }
    return new PrintedTable(withoutEnd(rows), cumulative, total);
  }

  /** {@return the table of values and frequencies of this text, in rows} */
  public static PrintedTable ofValues(String text) {
    List<Row> rows = new ArrayList<>();
    int start = 0;
    for (String line : text.split("\n", -1)) {
      rows.add(row(line, false, start));
      start += line.length() + 1;
    }
    return new PrintedTable(withoutEnd(rows), false, "");
  }

  private static Row row(String line, boolean whole, int start) {
    int tab = line.lastIndexOf('\t');
    if (tab >= 0) {
      return new Row(line.substring(0, tab), line.substring(tab + 1), start);
    }
    Matcher parts = LAST_PART.matcher(line.strip());
    return whole || !parts.matches()
        ? new Row(line.strip(), "", start)
        : new Row(parts.group(1), parts.group(2), start);
  }

  /** Empty rows at the end are not part of the table. */
  private static List<Row> withoutEnd(List<Row> rows) {
    int end = rows.size();
    while (end > 0 && rows.get(end - 1).isBlank()) {
      end--;
    }
    return rows.subList(0, end);
  }

  /** {@return the text that says this} */
  public String text() {
    List<String> lines = new ArrayList<>();
    if (cumulative) {
      lines.add(CUMULATIVE);
    }
    withoutEnd(rows).forEach(row -> lines.add(row.line()));
    if (!total.isBlank()) {
      lines.add("n = " + total.strip());
    }
    return lines.stream().collect(Collectors.joining("\n"));
  }
}
