package promedio.core.question;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The lines of a question as rows of numbers, with or without a name before them. */
final class NumberRows {

  private static final int CASELESS = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE;

  /** The last letter of a name that counts stands so many signs behind its begin at the most. */
  private static final int FARTHEST_LETTER = 80;

  /** So many signs may stand behind that letter. */
  private static final int MOST_BEHIND = 60;

  private final List<Line> lines;
  private final Numerals numerals;
  private final Pattern entry;
  private final Pattern numbers;
  private final Pattern namedRow;
  private final Pattern totals;

  /** What was found of lines as numbers behind a name, by their places. */
  private final Map<Integer, Optional<Matcher>> named = new HashMap<>();

  /** The lines in which nothing but numbers stands. */
  private final BitSet numeric;

  NumberRows(List<Line> lines, Words words, Numerals numerals) {
    this.lines = lines;
    this.numerals = numerals;
    String n = "(?:" + numerals.pattern() + "|[-–—](?=\\s|$))";
    this.entry = Pattern.compile("(" + numerals.pattern() + ")|(?<=^|[\\s|,;])[-–—](?=$|[\\s|,;])");
    this.numbers = Pattern.compile("[\\s|]*" + n + "(?:[\\s|;]+" + n + ")*[\\s|;]*");
    this.namedRow =
        Pattern.compile(
            "[\\s|]*(?<name>[^\\n|:=]{0,140}?\\p{L}[^\\n|:=\\d\\p{L}]{0,60}?)(?<colon>\\s*[:=])?[\\s|]+(?<row>"
                + n
                + "(?:[\\s|,;]+(?:(?:"
                + words.text("and")
                + ")\\s+)?"
                + n
                + ")*)[\\s|.;]*");
    this.totals = Pattern.compile("(?:" + words.text("totals") + ")", CASELESS);
    this.numeric = numericLines();
  }

  /**
   * A row of numbers behind a name.
   *
   * @param name its name, empty where there is none
   * @param colon whether a colon or sign of equality stands between
   * @param total whether the line says that its last number is the total of the others
   * @param numbers its numbers, as plain decimals; empty where an entry is left out
   */
  record Row(String name, boolean colon, boolean total, List<String> numbers) {}

  private BitSet numericLines() {
    BitSet numeric = new BitSet();
    for (int i = 0; i < lines.size(); i++) {
      Line line = lines.get(i);
      numeric.set(
          i,
          line.isShort()
              && Line.endsAsRow(line.text())
              && !line.hasLetters()
              && (line.isOfWholeNumbers() || numbers.matcher(line.text()).matches()));
    }
    return numeric;
  }

  /** {@return whether nothing but numbers stands in the line} */
  boolean isNumeric(int at) {
    return numeric.get(at);
  }

  /** {@return the numbers of a line of numbers alone} */
  Optional<Row> numeric(int at) {
    return numeric.get(at)
        ? Optional.of(new Row("", false, false, tokens(lines.get(at).text())))
        : Optional.empty();
  }

  /** {@return the numbers of a line behind a name without colon} */
  Optional<Row> labelled(int at) {
    Line line = lines.get(at);
    if (!line.isShort() || !line.hasLetters() || !Line.endsAsRow(line.text())) {
      return Optional.empty();
    }
    return named(at)
        .filter(matcher -> matcher.group("colon") == null)
        .map(
            matcher ->
                new Row(matcher.group("name").strip(), false, false, tokens(matcher.group("row"))));
  }

  /** {@return the numbers of a line behind a name, of which there are at least three} */
  Optional<Row> behindName(int at) {
    Line line = lines.get(at);
    Optional<String> total = total(line);
    String text = total.map(cell -> cutLast(line.text(), cell)).orElse(line.text());
    if (!Line.endsAsRow(text)) {
      return Optional.empty();
    }
    return (total.isPresent() ? named(text) : named(at))
        .map(
            matcher ->
                new Row(
                    matcher.group("name").strip(),
                    matcher.group("colon") != null,
                    total.isPresent(),
                    tokens(matcher.group("row"))))
        .filter(row -> row.numbers().size() >= 3);
  }

  /** {@return whether a name is that of totals} */
  boolean isTotal(String name) {
    return totals.matcher(name).matches();
  }

  /** A line as numbers behind a name; asked twice of most lines, so that it is kept. */
  private Optional<Matcher> named(int at) {
    return named.computeIfAbsent(at, line -> named(lines.get(line).text()));
  }

  private Optional<Matcher> named(String text) {
    return Optional.of(namedRow.matcher(text))
        .filter(Matcher::matches)
        .filter(matcher -> isName(matcher.group("name")));
  }

  /** A name has a letter not far from its begin, and from there on no digit and not many signs. */
  private static boolean isName(String name) {
    int from = Math.min(name.length() - 1, FARTHEST_LETTER);
    int after = 0;
    for (int i = name.length() - 1; i >= 0 && after <= MOST_BEHIND; i--, after++) {
      if (Character.isDigit(name.charAt(i))) {
        return false;
      }
      if (i <= from && Character.isLetter(name.charAt(i))) {
        return true;
      }
    }
    return false;
  }

  private List<String> tokens(String text) {
    List<String> tokens = new ArrayList<>();
    Matcher matcher = entry.matcher(text);
    while (matcher.find()) {
      tokens.add(matcher.group(1) == null ? "" : numerals.plain(matcher.group(1)).orElse(""));
    }
    return tokens;
  }

  /** The last cell of a line, where it says that totals stand below it. */
  private Optional<String> total(Line line) {
    boolean can = line.hasCells() && !Line.endsAsRow(line.text());
    List<String> cells = can ? line.cells() : List.of();
    return Optional.of(cells)
        .filter(each -> each.size() > 3)
        .map(each -> each.get(each.size() - 1))
        .filter(this::isTotal);
  }

  private static String cutLast(String line, String cell) {
    return line.substring(0, line.lastIndexOf(cell));
  }
}
