package promedio.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.sample.Categories;
import promedio.core.sample.Categories.Row;

/**
 * Reads names as they are written on paper: one for each time it was seen ({@code plum, pear,
 * plum}), or with its frequency behind it ({@code plum 12}, {@code plum: 12}, {@code plum × 12}).
 * Commas, semicolons and lines part them; spaces do not, since names have spaces. In a line with a
 * tab, as tables are copied, the name is what stands before it.
 */
public final class TypedCategories {

  /** A name with a frequency behind it. */
  private static final Pattern COUNTED =
      Pattern.compile("(.*?\\S)(?:\\s*[×:=]\\s*|\\s+)([-−+]?\\d\\S*|[-−+]?\\d\\S*\\s*%)");

  /** A comma between digits may be a decimal sign. */
  private static final Pattern PARTING = Pattern.compile("[;\\n]|,(?!\\d)|(?<!\\d),");

  private static final Pattern PARTING_AT_ALL = Pattern.compile("[,;\\n]");
  private static final Pattern LINE = Pattern.compile("\\n");
  private static final Pattern WORDS_IN_A_LINE = Pattern.compile("[^,;\\t\\n]*");

  private final DecimalSign sign;
  private final List<Entry> entries = new ArrayList<>();
  private int missing;

  private TypedCategories(DecimalSign sign) {
    this.sign = sign;
  }

  /**
   * {@return the categories of the text}
   *
   * @param text as typed
   * @param sign the decimal sign of the one who typed it
   */
  public static Typed read(String text, DecimalSign sign) {
    TypedCategories reader = new TypedCategories(sign);
    reader.parted(text, 0, LINE, reader::line);
    List<Row> rows = new ArrayList<>();
    for (Entry entry : reader.entries) {
      if (entry.content() instanceof Entry.Word word) {
        rows.add(new Row(word.name(), word.frequency()));
      }
    }
    try {
      return new Typed(reader.entries, Categories.read(rows, reader.missing), Optional.empty());
    } catch (BadInputException e) {
      return new Typed(reader.entries, Categories.NONE, Optional.of(e.why()));
    }
  }

  /**
   * {@return words that were typed as values, written as categories}: where nothing but spaces
   * parts them, they are parted by commas
   */
  public static String ofWords(String text) {
    String words = text.strip();
    return WORDS_IN_A_LINE.matcher(words).matches() ? words.replaceAll("\\s+", ", ") : text;
  }

  private interface Piece {
    void read(int start, String text);
  }

  private void parted(String text, int offset, Pattern parting, Piece piece) {
    Matcher matcher = parting.matcher(text);
    int start = 0;
    while (matcher.find()) {
      piece.read(offset + start, text.substring(start, matcher.start()));
      start = matcher.end();
    }
    piece.read(offset + start, text.substring(start));
  }

  private void line(int start, String line) {
    int tab = line.strip().indexOf('\t');
    if (tab < 0) {
      parted(line, start, sign == DecimalSign.COMMA ? PARTING : PARTING_AT_ALL, this::entry);
      return;
    }
    String row = line.strip();
    int from = start + line.indexOf(row);
    add(from, row, row.substring(0, tab).strip(), row.substring(tab).strip());
  }

  private void entry(int start, String piece) {
    String text = piece.strip();
    if (text.isEmpty()) {
      return;
    }
    int from = start + piece.indexOf(text);
    Matcher counted = COUNTED.matcher(text);
    if (counted.matches()) {
      add(from, text, counted.group(1), counted.group(2));
    } else {
      add(from, text, text, "1");
    }
  }

  private void add(int start, String text, String name, String frequency) {
    Entry.Content content = content(text, name, frequency);
    missing += content instanceof Entry.Missing ? 1 : 0;
    entries.add(new Entry(start, start + text.length(), content));
  }

  private Entry.Content content(String text, String name, String frequency) {
    if (MissingSigns.matches(name) || MissingSigns.matches(frequency)) {
      return new Entry.Missing();
    }
    Reading reading = NumberText.read(frequency, sign);
    if (!(reading instanceof Reading.Numeral numeral)) {
      // What only begins like a number belongs to the name: “3 mm”.
      return text.indexOf('\t') < 0
          ? new Entry.Word(text, Exact.ONE)
          : new Entry.Unreadable(((Reading.Unreadable) reading).why());
    }
    if (numeral.form() == Reading.Form.PERCENT) {
      return new Entry.Unreadable(Message.of("categories.percent", frequency));
    }
    return numeral.value().signum() < 0
        ? new Entry.Unreadable(Message.of("table.negative", name, numeral.value().toString()))
        : new Entry.Word(name, numeral.value());
  }
}
