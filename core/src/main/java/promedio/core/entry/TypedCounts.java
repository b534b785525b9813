package promedio.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.sample.CrossTable;
import promedio.core.sample.PrintedTotals;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/**
 * Reads a printed table of counts: names of columns in its first line, a name and the counts in
 * each further one. Tabs, semicolons or several spaces part names that have spaces. Without any
 * names the rows and columns are 1, 2, …
 */
public final class TypedCounts {

  private static final Pattern WIDE_GAP = Pattern.compile("\\t|;|\\|| {2,}");
  private static final Pattern GAP = Pattern.compile("\\s+");

  private final DecimalSign sign;
  private final List<Entry> entries = new ArrayList<>();
  private final List<String> names = new ArrayList<>();
  private final List<List<Optional<Exact>>> counts = new ArrayList<>();
  private List<String> head = List.of();

  private TypedCounts(DecimalSign sign) {
    this.sign = sign;
  }

  /** A piece of a line. */
  private record Piece(int start, String text) {}

  /**
   * {@return the counts of the text}
   *
   * @param text as typed
   * @param sign the decimal sign of the one who typed it
   */
  public static Typed read(String text, DecimalSign sign) {
    TypedCounts table = new TypedCounts(sign);
    int start = 0;
    for (String line : text.split("\n", -1)) {
      if (!line.isBlank()) {
        table.readLine(start, line);
      }
      start += line.length() + 1;
    }
    Sample none = new Sample(Values.of(List.of()));
    try {
      return text.isBlank()
          ? new Typed(List.of(), none, Optional.empty())
          : new Typed(table.entries, table.made(), Optional.empty());
    } catch (BadInputException e) {
      return new Typed(table.entries, none, Optional.of(e.why()));
    }
  }

  private void readLine(int start, String line) {
    List<Piece> pieces = pieces(start, line);
    int counted = pieces.size();
    while (counted > 0 && isNumber(pieces.get(counted - 1))) {
      counted--;
    }
    if (counts.isEmpty() && counted == pieces.size()) {
      head = pieces.stream().map(Piece::text).toList();
      return;
    }
    names.add(String.join(" ", pieces.subList(0, counted).stream().map(Piece::text).toList()));
    List<Optional<Exact>> row = new ArrayList<>();
    for (Piece piece : pieces.subList(counted, pieces.size())) {
      Entry entry = entry(piece);
      entries.add(entry);
      row.add(
          entry.content() instanceof Entry.Figure figure
              ? Optional.of(figure.value())
              : Optional.empty());
    }
    counts.add(row);
  }

  /** Names with spaces are told apart where more than a space parts them. */
  private static List<Piece> pieces(int start, String line) {
    Pattern gap = WIDE_GAP.matcher(line.strip()).find() ? WIDE_GAP : GAP;
    List<Piece> pieces = new ArrayList<>();
    int from = 0;
    for (String text : gap.split(line, -1)) {
      int at = line.indexOf(text, from);
      from = at + text.length();
      if (!text.isBlank()) {
        pieces.add(new Piece(start + at + text.indexOf(text.strip()), text.strip()));
      }
    }
    return pieces;
  }

  private boolean isNumber(Piece piece) {
    return MissingSigns.matches(piece.text())
        || NumberText.read(piece.text(), sign) instanceof Reading.Numeral;
  }

  private Entry entry(Piece piece) {
    int end = piece.start() + piece.text().length();
    if (NumberText.read(piece.text(), sign) instanceof Reading.Numeral numeral) {
      boolean count = numeral.value().isWhole() && numeral.value().signum() >= 0;
      return new Entry(
          piece.start(),
          end,
          count
              ? new Entry.Figure(numeral.value(), 1)
              : new Entry.Unreadable(Message.of("cross.no-count", piece.text())));
    }
    return new Entry(piece.start(), end, new Entry.Missing());
  }

  private CrossTable made() throws BadInputException {
    int wide = counts.stream().mapToInt(List::size).max().orElse(0);
    for (int row = 0; row < counts.size(); row++) {
      if (counts.get(row).size() != wide) {
        throw new BadInputException(
            Message.of(
                "cross.row-ragged",
                names.get(row).isEmpty() ? String.valueOf(row + 1) : names.get(row),
                String.valueOf(counts.get(row).size()),
                String.valueOf(wide)));
      }
    }
    return PrintedTotals.read(
        names.stream().allMatch(String::isEmpty) ? numbered(names.size()) : names,
        columns(wide),
        counts);
  }

  /** The corner above the names of the rows may be named too. */
  private List<String> columns(int wide) throws BadInputException {
    if (head.isEmpty()) {
      return numbered(wide);
    }
    if (head.size() == wide + 1) {
      return head.subList(1, head.size());
    }
    if (head.size() != wide) {
      throw new BadInputException(
          Message.of("cross.names", String.valueOf(head.size()), String.valueOf(wide)));
    }
    return head;
  }

  private static List<String> numbered(int size) {
    return IntStream.rangeClosed(1, size).mapToObj(String::valueOf).toList();
  }
}
