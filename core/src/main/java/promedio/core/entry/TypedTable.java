package promedio.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.entry.Tokens.Token;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.FrequencyTable.Row;

/** Reads a table of values and frequencies, typed as a line for each row: {@code 3 12}. */
public final class TypedTable {

  private TypedTable() {}

  /**
   * {@return the table of the text}
   *
   * @param text as typed, a value and its frequency in each line
   * @param sign the decimal sign of the one who typed it
   */
  public static Typed read(String text, DecimalSign sign) {
    List<Entry> entries = new ArrayList<>();
    List<Row> rows = new ArrayList<>();
    int missing = 0;
    EntryReader reader = EntryReader.of(Tokens.of(text, 0, text.length()), sign);
    for (int start = 0; start <= text.length(); start = lineEnd(text, start) + 1) {
      List<Entry> line = readLine(text, start, reader);
      entries.addAll(line);
      if (line.size() == 2) {
        Optional<Row> row = row(line);
        row.ifPresent(rows::add);
        missing += row.isEmpty() && line.stream().noneMatch(TypedTable::isUnreadable) ? 1 : 0;
      }
    }
    try {
      return new Typed(entries, FrequencyTable.read(rows, missing), Optional.empty());
    } catch (BadInputException e) {
      return new Typed(entries, FrequencyTable.NONE, Optional.of(e.why()));
    }
  }

  private static int lineEnd(String text, int start) {
    int end = text.indexOf('\n', start);
    return end < 0 ? text.length() : end;
  }

  /** A line of two entries is a row; any other is marked whole. */
  private static List<Entry> readLine(String text, int start, EntryReader reader) {
    List<Token> tokens = Tokens.of(text, start, lineEnd(text, start));
    if (tokens.isEmpty()) {
      return List.of();
    }
    if (tokens.size() != 2) {
      String line = text.substring(start, lineEnd(text, start)).strip();
      return List.of(
          new Entry(
              tokens.get(0).start(),
              tokens.get(tokens.size() - 1).end(),
              new Entry.Unreadable(Message.of("table.not-two", line))));
    }
    return checked(tokens.stream().map(reader::readOne).toList());
  }

  /** A negative frequency is marked where it stands. */
  private static List<Entry> checked(List<Entry> line) {
    Entry second = line.get(1);
    boolean negative =
        second.content() instanceof Entry.Figure frequency && frequency.value().signum() < 0;
    if (!negative || !(line.get(0).content() instanceof Entry.Figure value)) {
      return line;
    }
    String written = ((Entry.Figure) second.content()).value().toString();
    Message why = Message.of("table.negative", value.value().toString(), written);
    return List.of(line.get(0), new Entry(second.start(), second.end(), new Entry.Unreadable(why)));
  }

  private static Optional<Row> row(List<Entry> line) {
    return line.get(0).content() instanceof Entry.Figure value
            && line.get(1).content() instanceof Entry.Figure frequency
        ? Optional.of(new Row(value.value(), frequency.value()))
        : Optional.empty();
  }

  private static boolean isUnreadable(Entry entry) {
    return entry.content() instanceof Entry.Unreadable;
  }
}
