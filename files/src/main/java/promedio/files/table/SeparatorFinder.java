package promedio.files.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;

/** Finds what parts the cells, from the first lines of a text. */
final class SeparatorFinder {

  private static final int MOST_LINES = 200;

  /** A quoted cell goes across no more lines than this. */
  private static final int LONGEST_RECORD = 20;

  /** Commas come last: they may be decimal signs in a table that another separator parts. */
  private static final List<Separator> BEFORE_COMMA =
      List.of(Separator.SEMICOLON, Separator.TAB, Separator.BAR);

  private static final Pattern NUMBER_LIKE =
      Pattern.compile("[-+−]?[\\d.,/×x%eE+-]*\\d[.%]?|[-–—?]");
  private static final Pattern LETTER = Pattern.compile("\\p{L}");
  private static final Pattern PARTS = Pattern.compile("[\\h,;]+");

  private final List<String> lines;
  private final char quote;

  private SeparatorFinder(List<String> lines, char quote) {
    this.lines = lines;
    this.quote = quote;
  }

  /**
   * {@return the separator of the text}
   *
   * @param head the first lines; the last one whole
   * @param quote what stands around cells that hold the separator
   */
  static Separator find(List<String> head, char quote) {
    SeparatorFinder finder = new SeparatorFinder(records(head, quote), quote);
    if (finder.isList()) {
      return Separator.LIST;
    }
    for (Separator candidate : BEFORE_COMMA) {
      if (finder.parts(candidate)) {
        return candidate;
      }
    }
    if (finder.parts(Separator.COMMA)) {
      return Separator.COMMA;
    }
    return finder.partedByBlanks() ? Separator.BLANKS : Separator.NONE;
  }

  /**
   * Numbers alone, in one line or in lines of different length: a list, whatever parts it. A tab or
   * a bar only ever parts the cells of a table.
   */
  private boolean isList() {
    boolean heading = LETTER.matcher(lines.get(0)).find();
    List<String> body = heading ? lines.subList(1, lines.size()) : lines;
    if (body.isEmpty()
        || lines.stream().anyMatch(line -> line.indexOf('\t') >= 0 || line.indexOf('|') >= 0)
        || !body.stream().allMatch(SeparatorFinder::isNumbers)) {
      return false;
    }
    long[] counts = body.stream().mapToLong(line -> PARTS.split(line.strip()).length).toArray();
    if (Arrays.stream(counts).max().orElse(0) < 2) {
      return false;
    }
    boolean blanksOnly = body.stream().noneMatch(line -> line.matches(".*[,;](?:\\S.*)?"));
    long different = Arrays.stream(counts).distinct().count();
    if (heading) {
      // As many names as numbers make a table.
      return different > 1 && blanksOnly && PARTS.split(lines.get(0).strip()).length != counts[0];
    }
    boolean even = body.size() > 1 && different == 1;
    return !even || blanksOnly;
  }

  private static boolean isNumbers(String line) {
    return PARTS
        .splitAsStream(line.strip())
        .filter(piece -> !piece.isEmpty())
        .allMatch(piece -> NUMBER_LIKE.matcher(piece).matches());
  }

  /**
   * Whether the separator parts most lines into the same number of cells, from the first line that
   * it parts so; or, where rows are of uneven length, nearly all lines into some.
   */
  private boolean parts(Separator candidate) {
    int[] counts = lines.stream().mapToInt(line -> count(line, candidate.character())).toArray();
    Map<Integer, Integer> frequency = new TreeMap<>();
    Arrays.stream(counts).filter(c -> c > 0).forEach(c -> frequency.merge(c, 1, Integer::sum));
    if (frequency.isEmpty()) {
      return false;
    }
    int most = frequency.values().stream().max(Integer::compare).orElse(0);
    int usual =
        frequency.entrySet().stream()
            .filter(entry -> entry.getValue() == most)
            .mapToInt(Map.Entry::getKey)
            .max()
            .orElse(0);
    int first = 0;
    while (counts[first] != usual) {
      first++;
    }
    long parted = Arrays.stream(counts, first, counts.length).filter(c -> c > 0).count();
    int after = counts.length - first;
    return 2 * most > after || (5 * parted >= 4L * after && !isProse(candidate));
  }

  /** Commas and semicolons with a blank behind each are those of sentences. */
  private boolean isProse(Separator candidate) {
    String mark = Pattern.quote(String.valueOf(candidate.character()));
    Pattern tight = Pattern.compile(mark + "\\S");
    return lines.stream().noneMatch(line -> tight.matcher(line).find());
  }

  private int count(String line, char separator) {
    if (line.indexOf(separator) < 0) {
      return 0;
    }
    Quotes quotes = new Quotes(quote);
    int count = 0;
    for (int i = 0; i < line.length(); i++) {
      boolean quoted = quotes.pass(line.charAt(i));
      count += !quoted && line.charAt(i) == separator ? 1 : 0;
    }
    return count;
  }

  /** The lines that hold anything; those that a quoted cell goes across are one. */
  private static List<String> records(List<String> head, char quote) {
    List<String> records = new ArrayList<>();
    for (int i = 0; i < head.size() && records.size() < MOST_LINES; i++) {
      String record = head.get(i);
      int end = i;
      while (isOpen(record, quote) && end + 1 < Math.min(head.size(), i + LONGEST_RECORD)) {
        record = record + "\n" + head.get(++end);
      }
      // A quotation mark that stays open is no mark of a cell.
      if (isOpen(record, quote)) {
        record = head.get(i);
      } else {
        i = end;
      }
      if (!record.isBlank()) {
        records.add(record);
      }
    }
    return records;
  }

  private static boolean isOpen(String text, char quote) {
    if (text.indexOf(quote) < 0) {
      return false;
    }
    Quotes quotes = new Quotes(quote);
    boolean open = false;
    for (int i = 0; i < text.length(); i++) {
      open = quotes.pass(text.charAt(i));
    }
    return open;
  }

  /** Follows a text, and knows whether it is within quotes, which open at the start of a cell. */
  private static final class Quotes {

    private final char quote;
    private boolean quoted;
    private boolean cellStart = true;

    Quotes(char quote) {
      this.quote = quote;
    }

    /** {@return whether what follows this character is within quotes} */
    boolean pass(char c) {
      if (c == quote && (quoted || cellStart)) {
        quoted = !quoted;
        // After a closing mark another one is a quoted mark, and opens again.
        cellStart = !quoted;
      } else if (!quoted) {
        cellStart = ";\t|,\n".indexOf(c) >= 0 || (cellStart && Blanks.is(c));
      }
      return quoted;
    }
  }

  /** Blanks part a table where they do so in every line from some early line on. */
  private boolean partedByBlanks() {
    for (int first = 0; first < Math.min(lines.size() - 1, 20); first++) {
      List<String> below = lines.subList(first, lines.size());
      if (BlankFeed.even(below)
          && below.stream().anyMatch(line -> !LETTER.matcher(line).find() || hasNumber(line))) {
        return true;
      }
    }
    boolean wide =
        lines.stream().filter(line -> line.strip().matches(".*\\S\\h{2,}\\S.*")).count() * 2
            > lines.size();
    return wide && BlankFeed.columnStarts(lines).length > 1;
  }

  private static boolean hasNumber(String line) {
    return PARTS.splitAsStream(line.strip()).anyMatch(p -> NUMBER_LIKE.matcher(p).matches());
  }
}
