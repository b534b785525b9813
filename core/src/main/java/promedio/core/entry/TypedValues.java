package promedio.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.entry.Tokens.Token;
import promedio.core.limit.Limit;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.sample.ValuesBuilder;

/** Reads a list of values, typed as on paper. */
public final class TypedValues {

  private TypedValues() {}

  /**
   * {@return the values of the text, parted by white space, semicolons or commas}
   *
   * @param text as typed
   * @param sign the decimal sign of the one who typed it
   */
  public static Typed read(String text, DecimalSign sign) {
    List<Token> tokens = joinMixed(Tokens.of(text, 0, text.length()));
    EntryReader reader = EntryReader.of(tokens, sign);
    List<Entry> entries = tokens.stream().flatMap(token -> reader.read(token).stream()).toList();
    long count = entries.stream().mapToLong(TypedValues::count).sum();
    if (count > Limit.TYPED_VALUES.most()) {
      Message why = Limit.TYPED_VALUES.beyond(String.valueOf(count));
      return new Typed(entries, new Sample(Values.of(List.of())), Optional.of(why));
    }
    ValuesBuilder values = new ValuesBuilder();
    for (Entry entry : entries) {
      if (entry.content() instanceof Entry.Figure figure) {
        for (int i = 0; i < figure.times(); i++) {
          values.add(figure.value());
        }
      } else if (entry.content() instanceof Entry.Missing) {
        values.addMissing();
      }
    }
    try {
      return new Typed(entries, new Sample(values.build()), Optional.empty());
    } catch (BadInputException e) {
      return new Typed(entries, new Sample(Values.of(List.of())), Optional.of(e.why()));
    }
  }

  private static int count(Entry entry) {
    return entry.content() instanceof Entry.Figure figure ? figure.times() : 1;
  }

  /** A whole number with a proper fraction right after it is one mixed number: 84 2/3. */
  private static List<Token> joinMixed(List<Token> tokens) {
    List<Token> joined = new ArrayList<>();
    for (Token token : tokens) {
      Token last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
      if (last != null
          && token.start() == last.end() + 1
          && isProperFraction(token.text())
          && last.text().matches("[-−+]?\\d{1,9}")) {
        joined.set(joined.size() - 1, new Token(last.start(), last.text() + " " + token.text()));
      } else {
        joined.add(token);
      }
    }
    return joined;
  }

  private static boolean isProperFraction(String text) {
    if (text.indexOf('/') < 0 || !text.matches("\\d{1,9}/\\d{1,9}")) {
      return false;
    }
    String[] parts = text.split("/", -1);
    return Integer.parseInt(parts[0]) < Integer.parseInt(parts[1]);
  }
}
