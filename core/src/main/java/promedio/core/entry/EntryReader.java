package promedio.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.entry.Tokens.Token;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;

/**
 * Reads tokens as entries.
 *
 * <p>A comma inside a token is a decimal sign where the one who types uses it so, or where a text
 * of several tokens has commas and nowhere a point. It parts numbers where a token is a list
 * without spaces ({@code 8,10,11}). Where it could be either, the entry says so and is left out.
 */
final class EntryReader {

  /** A value and how often it stands there: 12.5×3. */
  private static final Pattern REPEATED = Pattern.compile("(.+)[×xX]([1-9]\\d{0,4})");

  private static final Pattern POINT = Pattern.compile("\\d\\.\\d");

  private final DecimalSign sign;
  private final boolean commasAreDecimal;

  private EntryReader(DecimalSign sign, boolean commasAreDecimal) {
    this.sign = sign;
    this.commasAreDecimal = commasAreDecimal;
  }

  /** {@return a reader that takes what all the tokens show into account} */
  static EntryReader of(List<Token> tokens, DecimalSign sign) {
    boolean evident =
        tokens.size() > 1
            && tokens.stream()
                .noneMatch(t -> POINT.matcher(t.text()).find() || commas(t.text()) > 1);
    return new EntryReader(sign, sign == DecimalSign.COMMA || evident);
  }

  /** {@return the entries in the token: several where it is a list without spaces} */
  List<Entry> read(Token token) {
    int commas = commas(token.text());
    if (commas == 0 || (commas == 1 && commasAreDecimal) || MissingSigns.matches(token.text())) {
      return List.of(readOne(token));
    }
    Reading whole = NumberText.read(token.text(), sign);
    boolean grouped = whole instanceof Reading.Numeral && token.text().indexOf('.') >= 0;
    if (grouped) {
      return List.of(readOne(token));
    }
    // Of 3,5 and 1,234,567 nobody can tell whether it is one number or a list.
    if (commas == 1 || (whole instanceof Reading.Numeral && commas == 2)) {
      return List.of(unreadable(token, Message.of("number.comma", token.text())));
    }
    return pieces(token).stream().map(this::readOne).toList();
  }

  /** {@return the token as one entry} */
  Entry readOne(Token token) {
    if (MissingSigns.matches(token.text())) {
      return new Entry(token.start(), token.end(), new Entry.Missing());
    }
    Matcher repeated = REPEATED.matcher(token.text());
    boolean several = repeated.matches();
    Reading reading = NumberText.read(several ? repeated.group(1) : token.text(), sign);
    if (reading instanceof Reading.Numeral numeral) {
      int times = several ? Integer.parseInt(repeated.group(2)) : 1;
      return new Entry(token.start(), token.end(), new Entry.Figure(numeral.value(), times));
    }
    return unreadable(token, ((Reading.Unreadable) reading).why());
  }

  private static Entry unreadable(Token token, Message why) {
    return new Entry(token.start(), token.end(), new Entry.Unreadable(why));
  }

  private static List<Token> pieces(Token token) {
    List<Token> pieces = new ArrayList<>();
    int start = 0;
    for (String piece : token.text().split(",", -1)) {
      pieces.add(new Token(token.start() + start, piece));
      start += piece.length() + 1;
    }
    return pieces;
  }

  private static int commas(String text) {
    return (int) text.chars().filter(c -> c == ',').count();
  }
}
