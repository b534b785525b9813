package promedio.files.table;

import java.io.BufferedReader;
import java.io.IOException;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import promedio.core.entry.Entry;
import promedio.core.entry.TypedValues;
import promedio.core.number.DecimalSign;
import promedio.core.number.PlainText;

/** The rows of text whose cells blanks part, or of a list whose every value is a row. */
final class BlankFeed implements RowFeed {

  private static final Pattern RUN = Pattern.compile("[\\h]+");
  private static final int TAB_WIDTH = 8;
  private static final int LONGEST_PIECE = 1 << 16;
  private static final int NEAR = 24;

  private final DelimitedFeed.ReaderSupplier text;
  private final boolean list;

  /** Where the columns begin; empty where any run of blanks parts them. */
  private final int[] starts;

  private BlankFeed(DelimitedFeed.ReaderSupplier text, boolean list, int[] starts) {
    this.text = text;
    this.list = list;
    this.starts = starts;
  }

  /** {@return a feed that makes a row of every value} */
  static BlankFeed list(DelimitedFeed.ReaderSupplier text) {
    return new BlankFeed(text, true, new int[0]);
  }

  /**
   * {@return a feed of a table}
   *
   * @param head its first lines, which show whether the columns stand under each other
   */
  static BlankFeed table(DelimitedFeed.ReaderSupplier text, List<String> head) {
    int[] starts = columnStarts(head);
    boolean runs = even(head) && pieces(head.get(0)).length != starts.length;
    return new BlankFeed(text, false, runs ? new int[0] : starts);
  }

  /** {@return whether runs of blanks part all lines into as many pieces, at least two} */
  static boolean even(List<String> lines) {
    long[] counts = lines.stream().mapToLong(line -> pieces(line).length).distinct().toArray();
    return counts.length == 1 && counts[0] > 1;
  }

  /** {@return where columns begin that are parted by positions blank in every line} */
  static int[] columnStarts(List<String> lines) {
    BitSet used = new BitSet();
    for (String line : lines) {
      String wide = expand(line);
      for (int i = 0; i < wide.length(); i++) {
        if (!Blanks.is(wide.charAt(i))) {
          used.set(i);
        }
      }
    }
    List<Integer> starts = new ArrayList<>();
    for (int i = used.nextSetBit(0); i >= 0; i = used.nextSetBit(used.nextClearBit(i))) {
      starts.add(i);
    }
    return starts.stream().mapToInt(Integer::intValue).toArray();
  }

  @Override
  public void into(RowSink sink) throws IOException {
    try (BufferedReader reader = new BufferedReader(text.open())) {
      long line = 0;
      boolean more = true;
      for (String content = reader.readLine();
          content != null && more;
          content = reader.readLine()) {
        line++;
        if (!content.isBlank()) {
          more = list ? rows(content, line, sink) : row(cells(content), line, sink);
        }
      }
    }
  }

  private static boolean row(String[] cells, long line, RowSink sink) {
    sink.begin(line);
    for (String cell : cells) {
      RowFeed.cell(sink, cell);
    }
    return sink.end();
  }

  /** A line with letters in a list is a heading, one row; every other piece is a row of its own. */
  private static boolean rows(String content, long line, RowSink sink) {
    if (line == 1 && content.matches("(?U).*\\p{L}.*")) {
      return row(new String[] {content.strip()}, line, sink);
    }
    boolean more = true;
    for (int start = 0; start < content.length() && more; ) {
      int end = endOfPiece(content, start);
      String piece = content.substring(start, end);
      more =
          TypedValues.read(piece, DecimalSign.POINT).entries().stream()
              .flatMap(entry -> values(piece, entry))
              .map(value -> row(new String[] {value}, line, sink))
              .reduce(true, Boolean::logicalAnd);
      // What parts two pieces belongs to neither.
      start = end + 1;
    }
    return more;
  }

  /**
   * Millions of values in one line are read a piece at a time, which ends between two of them: at a
   * blank or semicolon with no fraction near, which may belong to the number before, or at a comma
   * where there are no others.
   */
  private static int endOfPiece(String content, int start) {
    if (content.length() - start <= LONGEST_PIECE) {
      return content.length();
    }
    for (String marks : List.of(" \t;", ",")) {
      for (int at = start + LONGEST_PIECE; at > start + LONGEST_PIECE / 2; at--) {
        boolean fraction =
            content
                    .substring(Math.max(start, at - NEAR), Math.min(content.length(), at + NEAR))
                    .indexOf('/')
                >= 0;
        if (marks.indexOf(content.charAt(at)) >= 0 && !fraction) {
          return at;
        }
      }
    }
    return content.length();
  }

  /** A value written once for several, as in {@code 12×3}, is so many rows. */
  private static Stream<String> values(String content, Entry entry) {
    return entry.content() instanceof Entry.Figure figure && figure.times() > 1
        ? Collections.nCopies(figure.times(), PlainText.of(figure.value())).stream()
        : Stream.of(content.substring(entry.start(), entry.end()));
  }

  private String[] cells(String content) {
    if (starts.length == 0) {
      return pieces(content);
    }
    String wide = expand(content);
    String[] cells = new String[starts.length];
    for (int i = 0; i < starts.length; i++) {
      int from = Math.min(starts[i], wide.length());
      int to = i + 1 < starts.length ? Math.min(starts[i + 1], wide.length()) : wide.length();
      cells[i] = wide.substring(from, to);
    }
    return cells;
  }

  private static String[] pieces(String line) {
    return RUN.split(Blanks.strip(line));
  }

  /** A tab goes to the next eighth column, as on a typewriter. */
  private static String expand(String line) {
    if (line.indexOf('\t') < 0) {
      return line;
    }
    StringBuilder wide = new StringBuilder();
    for (int i = 0; i < line.length(); i++) {
      char c = line.charAt(i);
      wide.append(c == '\t' ? " ".repeat(TAB_WIDTH - wide.length() % TAB_WIDTH) : c);
    }
    return wide.toString();
  }
}
