package promedio.files.table;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import promedio.core.table.Dates;

/** Finds the header, and where the rows of the table begin, from the first rows. */
final class HeaderFinder {

  private static final Set<String> UNITS =
      Set.of(
          "g", "kg", "mg", "t", "mm", "cm", "m", "km", "s", "min", "h", "d", "%", "°c", "°f", "°bx",
          "ml", "l", "€", "$", "£", "ph", "n", "m/s", "km/h", "cm²", "m²", "-");
  private static final Pattern BRACKETED = Pattern.compile("[(\\[].*[)\\]]");
  private static final int LONGEST_NAME = 200;

  private final List<RawRow> rows;
  private final NumberForms forms;
  private final Predicate<String> missing;
  private final int width;

  /** For each column whether its entries are numbers or dates, so that a name stands out. */
  private final boolean[] typed;

  private HeaderFinder(List<RawRow> rows, NumberForms forms, Predicate<String> missing) {
    this.rows = rows;
    this.forms = forms;
    this.missing = missing;
    this.width = usualWidth(rows);
    this.typed = new boolean[width];
    for (int column = 0; column < width; column++) {
      typed[column] = isTyped(column);
    }
  }

  /**
   * Where the table begins.
   *
   * @param header the place of the header among the rows, −1 where there is none
   * @param firstRow the place of the first row of the table
   */
  record Found(int header, int firstRow) {}

  /** {@return where the table begins in these rows, of which there is at least one} */
  static Found find(List<RawRow> rows, NumberForms forms, Predicate<String> missing) {
    return new HeaderFinder(rows, forms, missing).find();
  }

  /** {@return how many cells most rows have; of equally many the larger number} */
  static int usualWidth(List<RawRow> rows) {
    Map<Integer, Integer> frequency = new HashMap<>();
    rows.forEach(row -> frequency.merge(row.cells().size(), 1, Integer::sum));
    return frequency.entrySet().stream()
        .max(
            Map.Entry.<Integer, Integer>comparingByValue()
                .thenComparing(Map.Entry.comparingByKey()))
        .map(Map.Entry::getKey)
        .orElse(1);
  }

  private Found find() {
    boolean anyTyped = IntStream.range(0, width).anyMatch(column -> typed[column]);
    int firstData = anyTyped ? firstDataRow() : firstFullRow() + (firstRowNames() ? 1 : 0);
    if (firstData == 0 && anyTyped && yearsAreNames()) {
      firstData = 1;
    }
    int header = firstData - 1;
    while (header >= 0 && (!isName(rows.get(header)) || isUnits(header) || isLikeData(header))) {
      header--;
    }
    if (header < 0) {
      return new Found(-1, notesAbove());
    }
    int first = header + 1;
    if (first < rows.size() && first < firstData && isUnits(first)) {
      first++;
    }
    return new Found(header, first);
  }

  /** Rows of a single cell above wider ones are notes. */
  private int notesAbove() {
    int notes = 0;
    while (width > 1 && notes < rows.size() - 1 && rows.get(notes).cells().size() == 1) {
      notes++;
    }
    return notes;
  }

  private boolean isTyped(int column) {
    int present = 0;
    int numbers = 0;
    int dates = 0;
    for (RawRow row : rows) {
      String cell = row.cell(column);
      if (!missing.test(cell)) {
        present++;
        boolean number = forms.isNumber(cell);
        numbers += number ? 1 : 0;
        dates += !number && Dates.isDate(cell) ? 1 : 0;
      }
    }
    return (numbers > 0 && 2 * numbers >= present) || (dates > 0 && 2 * dates >= present);
  }

  private boolean isOfType(String cell) {
    return forms.isNumber(cell) || Dates.isDate(cell);
  }

  private int firstDataRow() {
    for (int i = 0; i < rows.size(); i++) {
      RawRow row = rows.get(i);
      int present = 0;
      int fit = 0;
      for (int column = 0; column < width; column++) {
        if (typed[column] && !missing.test(row.cell(column))) {
          present++;
          fit += isOfType(row.cell(column)) ? 1 : 0;
        }
      }
      if (2 * fit > present && 2 * row.cells().size() > width) {
        return i;
      }
    }
    return 0;
  }

  private int firstFullRow() {
    for (int i = 0; i < rows.size(); i++) {
      if (rows.get(i).cells().size() >= width) {
        return i;
      }
    }
    return 0;
  }

  /** Words alone: the first row names the columns unless one of its words comes again below. */
  private boolean firstRowNames() {
    int first = firstFullRow();
    RawRow names = rows.get(first);
    return IntStream.range(0, width)
        .noneMatch(
            column ->
                rows.subList(first + 1, rows.size()).stream()
                    .anyMatch(
                        row ->
                            !names.cell(column).isEmpty()
                                && row.cell(column).equals(names.cell(column))));
  }

  /** Years one after the other, above numbers that are none, name columns. */
  private boolean yearsAreNames() {
    int last = 0;
    int years = 0;
    boolean words = false;
    for (int column = 0; column < width; column++) {
      String cell = rows.get(0).cell(column);
      if (cell.matches("(19|20)\\d\\d")) {
        int year = Integer.parseInt(cell);
        if (years > 0 && year != last + 1) {
          return false;
        }
        last = year;
        years++;
      } else if (!typed[column] && !cell.isEmpty()) {
        words = true;
      } else if (typed[column]) {
        return false;
      }
    }
    boolean yearsBelow =
        rows.size() > 1
            && rows.get(1).cells().stream().filter(cell -> cell.matches("(19|20)\\d\\d")).count()
                >= years;
    return words && years >= 2 && !yearsBelow;
  }

  /** A row that can be a header: about as wide as the table, with no entry of its columns in it. */
  private boolean isName(RawRow row) {
    int cells = row.cells().size();
    boolean wide = width == 1 ? cells == 1 : cells >= Math.max(2, width - 1);
    return wide
        && 2 * row.filled() >= width
        && row.cells().stream().allMatch(cell -> cell.length() <= LONGEST_NAME)
        && (IntStream.range(0, width).noneMatch(c -> typed[c] && isOfType(row.cell(c)))
            || yearsAreNames())
        && !row.cells().stream().allMatch(missing);
  }

  private boolean isUnits(int place) {
    if (place == 0 || rows.get(place - 1).cells().size() < Math.max(2, width - 1)) {
      return false;
    }
    RawRow row = rows.get(place);
    return row.filled() > 0
        && row.cells().stream()
            .filter(cell -> !cell.isEmpty())
            .allMatch(
                cell ->
                    BRACKETED.matcher(cell).matches()
                        || UNITS.contains(cell.toLowerCase(Locale.ROOT)));
  }

  /** A word that comes again below, or letters and digits formed like those below. */
  private boolean isLikeData(int place) {
    List<RawRow> below = rows.subList(place + 1, rows.size());
    for (int column = 0; column < width; column++) {
      String cell = rows.get(place).cell(column);
      if (width == 1) {
        // Below another name, what is mostly digits is a number gone wrong.
        return place > 0 && cell.replaceAll("\\D", "").length() * 2 >= cell.length();
      }
      if (typed[column] || cell.isEmpty()) {
        continue;
      }
      int at = column;
      Set<String> words = new HashSet<>();
      below.forEach(row -> words.add(row.cell(at)));
      boolean formed =
          cell.matches(".*\\d.*")
              && words.stream().filter(word -> shape(word).equals(shape(cell))).count() * 2
                  > words.size();
      if (words.contains(cell) || formed) {
        return true;
      }
    }
    return false;
  }

  private static String shape(String word) {
    return word.replaceAll("\\d+", "9").replaceAll("\\p{Lu}", "A").replaceAll("\\p{Ll}", "a");
  }
}
