package promedio.files.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.files.RefusedFileException;

/** Takes the rows of a table below its header and makes the columns of them. */
final class TableBuilder implements RowSink {

  /** Rows at the foot that are looked at for totals and notes. */
  private static final int FOOT = 8;

  /** What a row of totals is called. */
  private static final Set<String> TOTALS =
      Set.of(
          "total",
          "totals",
          "grand total",
          "sum",
          "sums",
          "mean",
          "average",
          "avg",
          "median",
          "sd",
          "std dev",
          "count",
          "σ",
          "∑",
          "suma",
          "media",
          "promedio",
          "totale",
          "somma",
          "summe",
          "gesamt",
          "mittelwert",
          "somme",
          "moyenne",
          "soma",
          "média");

  private final NumberForms forms;
  private final MissingEntries missing;
  private final ReadingChoices choices;
  private final long firstLine;

  /** The columns that hold words, as far as is known before they are read. */
  private final BitSet wordColumns;

  /** The units of the columns, by their places; none beyond the last. */
  private final List<Optional<ColumnUnit>> units;

  private final List<ColumnReader> columns = new ArrayList<>();
  private int[] lines = new int[64];
  private int rows;
  private boolean taken;

  /** Whether the row so far is a line drawn with hyphens. */
  private boolean drawn;

  private int cells;
  private int filled;
  private final int width;
  private int shorter;
  private int longer;
  private int firstUneven;

  /** How many cells the last rows have, by row modulo {@link #FOOT}. */
  private final int[] lastCells = new int[FOOT];

  /**
   * Makes a builder.
   *
   * @param firstLine rows in lines above this one are passed over
   * @param width how many cells a row should have
   * @param wordColumns the columns that hold words, as far as is known before they are read
   * @param units the units of the columns
   */
  TableBuilder(
      NumberForms forms,
      MissingEntries missing,
      ReadingChoices choices,
      long firstLine,
      int width,
      BitSet wordColumns,
      List<Optional<ColumnUnit>> units) {
    this.forms = forms;
    this.missing = missing;
    this.choices = choices;
    this.firstLine = firstLine;
    this.width = width;
    this.wordColumns = wordColumns;
    this.units = units;
    for (int i = 0; i < width; i++) {
      columns.add(column(i));
    }
  }

  @Override
  public void begin(long line) {
    taken = line >= firstLine;
    cells = 0;
    filled = 0;
    drawn = true;
    if (taken) {
      if (rows == lines.length) {
        lines = Arrays.copyOf(lines, 2 * rows);
      }
      lines[rows] = (int) line;
    }
  }

  @Override
  public void cell(char[] text, int start, int length) {
    if (!taken) {
      return;
    }
    int from = start;
    int to = start + length;
    while (from < to && Blanks.is(text[from])) {
      from++;
    }
    while (to > from && Blanks.is(text[to - 1])) {
      to--;
    }
    // Programs that run formulas have text begin with this mark.
    if (to - from > 1 && text[from] == '\'' && "=+-@'".indexOf(text[from + 1]) >= 0) {
      from++;
    }
    filled += to > from ? 1 : 0;
    drawn = drawn && isDrawn(text, from, to);
    if (cells < columns.size()) {
      columns.get(cells).add(text, from, to - from);
    } else {
      ColumnReader added = column(cells);
      for (int row = 0; row < rows; row++) {
        added.addMissing();
      }
      added.add(text, from, to - from);
      columns.add(added);
    }
    cells++;
  }

  @Override
  public boolean end() {
    if (!taken || cells == 0) {
      return true;
    }
    if (filled == 0 || (drawn && cells > 1)) {
      columns.subList(0, cells).forEach(ColumnReader::removeLast);
      return true;
    }
    for (int i = cells; i < columns.size(); i++) {
      columns.get(i).addMissing();
    }
    if (cells != width) {
      noteUneven();
    }
    lastCells[rows % FOOT] = cells;
    rows++;
    return true;
  }

  /** Tables in text have lines like |---|:--:| below their heads. */
  static boolean isDrawn(char[] text, int from, int to) {
    boolean hyphens = to - from != 1 && to - from != 2;
    for (int i = from; i < to && hyphens; i++) {
      hyphens = text[i] == '-' || text[i] == ':' || text[i] == '=';
    }
    return hyphens;
  }

  private void noteUneven() {
    firstUneven = firstUneven == 0 ? lines[rows] : firstUneven;
    shorter += cells < width ? 1 : 0;
    longer += cells > width ? 1 : 0;
  }

  private ColumnReader column(int place) {
    Kind decided = choices.kinds().get(place);
    boolean words = decided == null ? wordColumns.get(place) : decided != Kind.NUMBER;
    Optional<ColumnUnit> unit = place < units.size() ? units.get(place) : Optional.empty();
    return new ColumnReader(forms, missing, words, unit);
  }

  /** {@return how many rows there are, those at the foot among them} */
  int rows() {
    return rows;
  }

  /** {@return how many columns there are} */
  int columns() {
    return columns.size();
  }

  /** {@return the columns that were read as numbers and hold words, so must be read again} */
  BitSet columnsOfWords() {
    BitSet found = new BitSet();
    for (int i = 0; i < columns.size(); i++) {
      boolean decided = choices.kinds().get(i) == Kind.NUMBER;
      if (!decided && columns.get(i).isOfWords() && !columns.get(i).isEmpty()) {
        found.set(i);
      }
    }
    return found;
  }

  /** {@return how many rows at the foot are totals, or notes of a single cell} */
  int footRows() {
    int foot = 0;
    while (foot < Math.min(FOOT, rows - 1) && isFoot(rows - 1 - foot)) {
      foot++;
    }
    return foot;
  }

  private boolean isFoot(int row) {
    List<String> found =
        columns.stream().map(c -> c.word(row)).filter(word -> !word.isEmpty()).toList();
    if (found.isEmpty() || width < 2) {
      return false;
    }
    String first = found.get(0).toLowerCase(Locale.ROOT).replaceAll("[\\s:.]+$", "");
    boolean note = width > 1 && lastCells[row % FOOT] == 1;
    return note || TOTALS.contains(first);
  }

  /** Takes rows away at the end. */
  void removeLast(int count) {
    for (int i = 0; i < Math.min(count, rows); i++) {
      columns.forEach(ColumnReader::removeLast);
    }
    rows -= Math.min(count, rows);
  }

  /**
   * {@return the table}
   *
   * @param header the cells of the header, none where there is none
   * @throws RefusedFileException if an entry holds what no text has
   * @throws BadInputException if the numbers of a column are none that can be kept together
   */
  Table build(String source, List<String> header) throws RefusedFileException, BadInputException {
    if (columns.stream().anyMatch(ColumnReader::holdsNul)) {
      throw new RefusedFileException(Texts.of("file.binary", source));
    }
    List<String> names = names(header);
    // Long columns take a while, and each is by itself.
    List<Built> all =
        IntStream.range(0, columns.size())
            .parallel()
            .filter(place -> !isUnmeant(place, header))
            .mapToObj(place -> built(place, names.get(place)))
            .toList();
    List<Column> built = new ArrayList<>();
    for (Built each : all) {
      built.add(each.column());
    }
    return Table.of(built);
  }

  /** A separator at the end of every line makes an empty column that nobody meant. */
  private boolean isUnmeant(int place, List<String> header) {
    boolean unnamed = place >= header.size() || header.get(place).isEmpty();
    return unnamed && columns.get(place).isEmpty() && columns.size() > 1;
  }

  /** What became of a column. */
  @FunctionalInterface
  private interface Built {
    Column column() throws BadInputException;
  }

  private Built built(int place, String name) {
    Kind kind = choices.kinds().get(place);
    ColumnReader column = columns.get(place);
    try {
      Column built = kind == null ? column.build(name) : column.build(name, kind);
      return () -> built;
    } catch (BadInputException e) {
      return () -> {
        throw e;
      };
    }
  }

  private List<String> names(List<String> header) {
    Set<String> taken = new HashSet<>(header);
    Set<String> given = new HashSet<>();
    return IntStream.range(0, columns.size())
        .mapToObj(
            i -> {
              String name = i < header.size() ? header.get(i) : "";
              String base = name.isEmpty() ? Texts.of("entry.unnamed", i + 1) : name;
              String distinct = base;
              for (int copy = 2;
                  given.contains(distinct) || (!distinct.equals(name) && taken.contains(distinct));
                  copy++) {
                distinct = base + " (" + copy + ")";
              }
              given.add(distinct);
              return distinct;
            })
        .toList();
  }

  /** {@return the line in which each row begins} */
  int[] lines() {
    return Arrays.copyOf(lines, rows);
  }

  /** {@return what a person should know of rows of uneven length} */
  Optional<String> unevenness() {
    if (width < 2 || shorter + longer == 0) {
      return Optional.empty();
    }
    return Optional.of(Texts.of("table.uneven", shorter, longer, width, firstUneven));
  }
}
