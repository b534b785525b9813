package promedio.core.calculation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.calculation.Token.Kind;

/**
 * Cuts a formula into its pieces. The names of columns are known, so they need no marks around
 * them, even with blanks in them; the longest name wins.
 */
final class Lexer {

  private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,]\\d+)?");
  private static final Pattern WORD = Pattern.compile("[\\p{L}_][\\p{L}\\p{N}_]*");
  private static final Pattern QUOTED = Pattern.compile("[\"“„«]([^\"”“»]*)[\"”“»]");
  private static final Pattern SIGN = Pattern.compile("<=|>=|<>|!=|[-+−×·*÷/^²³√|()=≠<>≤≥;,]");

  private final String text;
  private final List<String> names;

  private Lexer(String text, List<String> names) {
    this.text = text;
    this.names = names.stream().sorted(Comparator.comparingInt(String::length).reversed()).toList();
  }

  /** {@return the pieces of the formula, the last of which is its end} */
  static List<Token> cut(String text, List<String> columns) throws CalculationException {
    return new Lexer(text, columns).cut();
  }

  private List<Token> cut() throws CalculationException {
    List<Token> tokens = new ArrayList<>();
    int at = 0;
    while (at < text.length()) {
      if (Character.isWhitespace(text.charAt(at)) || text.charAt(at) == '\u00A0') {
        at++;
        continue;
      }
      Token token = next(at);
      tokens.add(token);
      at = token.start() + length(token, at);
    }
    tokens.add(new Token(Kind.END, "", text.length()));
    return tokens;
  }

  private int length(Token token, int at) {
    if (token.kind() != Kind.QUOTED) {
      return token.text().length();
    }
    Matcher quoted = QUOTED.matcher(text).region(at, text.length());
    return quoted.lookingAt() ? quoted.end() - at : token.text().length();
  }

  private Token next(int at) throws CalculationException {
    for (String name : names) {
      if (text.startsWith(name, at) && endsAt(at, at + name.length())) {
        return new Token(Kind.COLUMN, name, at);
      }
    }
    Matcher quoted = QUOTED.matcher(text).region(at, text.length());
    if (quoted.lookingAt()) {
      return new Token(Kind.QUOTED, quoted.group(1), at);
    }
    for (Kind kind : List.of(Kind.NUMBER, Kind.WORD, Kind.SIGN)) {
      Pattern pattern = kind == Kind.NUMBER ? NUMBER : kind == Kind.WORD ? WORD : SIGN;
      Matcher matcher = pattern.matcher(text).region(at, text.length());
      if (matcher.lookingAt()) {
        return new Token(kind, matcher.group(), at);
      }
    }
    throw new CalculationException(
        at, "formula.character", new String(Character.toChars(text.codePointAt(at))));
  }

  /** A name ends where no letter or digit goes on, so that "x" is not found in "xy" or "x2". */
  private boolean endsAt(int start, int end) {
    boolean starts = start == 0 || !goesOn(text.charAt(start - 1), text.charAt(start));
    return starts && (end >= text.length() || !goesOn(text.charAt(end - 1), text.charAt(end)));
  }

  private static boolean goesOn(char left, char right) {
    return isLetter(left) && isLetter(right);
  }

  private static boolean isLetter(char c) {
    return (Character.isLetterOrDigit(c) && c != '²' && c != '³') || c == '_';
  }
}
