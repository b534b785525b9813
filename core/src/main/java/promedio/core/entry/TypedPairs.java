package promedio.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.entry.Tokens.Token;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.sample.Pairs;
import promedio.core.sample.Values;
import promedio.core.sample.ValuesBuilder;

/**
 * Reads pairs of numbers: a line for each, {@code 3 12}, or two lines, all x in the first and all y
 * in the second. Names of x and y may stand before them.
 */
public final class TypedPairs {

  private static final int PAIR = 2;
  private static final String NOT_TWO = "pairs.not-two";

  private final List<Entry> entries = new ArrayList<>();
  private final ValuesBuilder x = new ValuesBuilder();
  private final ValuesBuilder y = new ValuesBuilder();
  private Optional<Message> problem = Optional.empty();

  private TypedPairs() {}

  /**
   * {@return the pairs of the text}
   *
   * @param text as typed
   * @param sign the decimal sign of the one who typed it
   */
  public static Typed read(String text, DecimalSign sign) {
    TypedPairs pairs = new TypedPairs();
    List<List<Token>> lines = withoutNames(lines(text));
    EntryReader reader = EntryReader.of(lines.stream().flatMap(List::stream).toList(), sign);
    if (areRows(lines)) {
      pairs.readRows(lines.get(0), lines.get(1), reader);
    } else {
      lines.forEach(line -> pairs.readLine(text, line, reader));
    }
    try {
      Pairs read = Pairs.of(pairs.x.build(), pairs.y.build());
      return new Typed(pairs.entries, read, pairs.problem);
    } catch (BadInputException e) {
      Values none = Values.of(List.of());
      return new Typed(pairs.entries, Pairs.of(none, none), Optional.of(e.why()));
    }
  }

  /** {@return the names that stand before the numbers of the text, x first; none where none do} */
  public static List<String> names(String text) {
    List<List<Token>> lines = lines(text);
    if (hasNamesFirst(lines)) {
      return lines.get(0).stream().map(Token::text).toList();
    }
    return areNamedRows(lines)
        ? lines.stream().map(line -> line.get(0).text()).toList()
        : List.of();
  }

  /**
   * {@return the entries of x and y of a pair that is whole}; none where there are not so many
   *
   * @param entries those of a text of pairs
   * @param row which of the pairs that are whole, from 0
   */
  public static List<Entry> ofPair(List<Entry> entries, int row) {
    int whole = -1;
    for (int i = 0; i + 1 < entries.size(); ) {
      if (isLineThatIsNoPair(entries.get(i))) {
        i++;
        continue;
      }
      List<Entry> pair = entries.subList(i, i + PAIR);
      whole += pair.stream().allMatch(each -> each.content() instanceof Entry.Figure) ? 1 : 0;
      if (whole == row) {
        return pair;
      }
      i += PAIR;
    }
    return List.of();
  }

  private static boolean isLineThatIsNoPair(Entry entry) {
    return entry.content() instanceof Entry.Unreadable unreadable
        && unreadable.why().key().equals(NOT_TWO);
  }

  private static List<List<Token>> lines(String text) {
    List<List<Token>> lines = new ArrayList<>();
    for (int start = 0; start <= text.length(); ) {
      int found = text.indexOf('\n', start);
      int end = found < 0 ? text.length() : found;
      List<Token> line = Tokens.of(text, start, end);
      if (!line.isEmpty()) {
        lines.add(line);
      }
      start = end + 1;
    }
    return lines;
  }

  private static List<List<Token>> withoutNames(List<List<Token>> lines) {
    if (hasNamesFirst(lines)) {
      return lines.subList(1, lines.size());
    }
    return areNamedRows(lines)
        ? lines.stream().map(line -> line.subList(1, line.size())).toList()
        : lines;
  }

  private static boolean hasNamesFirst(List<List<Token>> lines) {
    return !lines.isEmpty()
        && lines.get(0).size() == PAIR
        && lines.get(0).stream().allMatch(TypedPairs::isName);
  }

  /** Two lines of numbers, each with a name before it. */
  private static boolean areNamedRows(List<List<Token>> lines) {
    return lines.size() == PAIR
        && lines.stream().allMatch(line -> line.size() > PAIR && isName(line.get(0)));
  }

  private static boolean areRows(List<List<Token>> lines) {
    return lines.size() == PAIR && lines.stream().allMatch(line -> line.size() > PAIR);
  }

  private static boolean isName(Token token) {
    return !MissingSigns.matches(token.text())
        && NumberText.read(token.text(), DecimalSign.POINT) instanceof Reading.Unreadable
        && Character.isLetter(token.text().codePointAt(0));
  }

  private void readRows(List<Token> first, List<Token> second, EntryReader reader) {
    if (first.size() != second.size()) {
      problem =
          Optional.of(
              Message.of(
                  "pairs.ragged", String.valueOf(first.size()), String.valueOf(second.size())));
      return;
    }
    for (int i = 0; i < first.size(); i++) {
      add(reader.readOne(first.get(i)), reader.readOne(second.get(i)));
    }
  }

  /** A line of two entries is a pair; any other is marked whole. */
  private void readLine(String text, List<Token> tokens, EntryReader reader) {
    int start = tokens.get(0).start();
    int end = tokens.get(tokens.size() - 1).end();
    if (tokens.size() != PAIR) {
      Message why = Message.of(NOT_TWO, text.substring(start, end));
      entries.add(new Entry(start, end, new Entry.Unreadable(why)));
      return;
    }
    add(reader.readOne(tokens.get(0)), reader.readOne(tokens.get(1)));
  }

  /** A pair of which one is no number is left out until it is mended. */
  private void add(Entry first, Entry second) {
    entries.add(first);
    entries.add(second);
    boolean readable =
        !(first.content() instanceof Entry.Unreadable)
            && !(second.content() instanceof Entry.Unreadable);
    if (readable) {
      add(x, first);
      add(y, second);
    }
  }

  private static void add(ValuesBuilder values, Entry entry) {
    if (entry.content() instanceof Entry.Figure figure) {
      values.add(figure.value());
    } else {
      values.addMissing();
    }
  }
}
