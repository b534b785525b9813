package promedio.core.entry;

import java.util.ArrayList;
import java.util.List;

/**
 * Cuts typed text at white space, at semicolons, and at commas beside white space. Other commas are
 * left in the tokens, for they may be decimal signs. Two semicolons (or such commas) with nothing
 * between them leave an empty token: a value that is not there.
 */
final class Tokens {

  /** A piece of the text. */
  record Token(int start, String text) {
    int end() {
      return start + text.length();
    }
  }

  private Tokens() {}

  /** {@return the tokens of the text from one place to another} */
  static List<Token> of(String text, int from, int to) {
    List<Token> tokens = new ArrayList<>();
    boolean filled = false;
    int at = from;
    while (at < to) {
      if (isMark(text, at, from, to)) {
        if (!filled) {
          tokens.add(new Token(at, ""));
        }
        filled = false;
        at++;
      } else if (isSpace(text.charAt(at))) {
        at++;
      } else {
        int start = at;
        while (at < to && !isSpace(text.charAt(at)) && !isMark(text, at, from, to)) {
          at++;
        }
        tokens.add(new Token(start, text.substring(start, at)));
        filled = true;
      }
    }
    return tokens;
  }

  private static boolean isMark(String text, int at, int from, int to) {
    char c = text.charAt(at);
    return c == ';'
        || (c == ','
            && (at == from
                || at + 1 == to
                || isSpace(text.charAt(at - 1))
                || isSpace(text.charAt(at + 1))));
  }

  /** Narrow and no-break spaces group thousands and so do not part entries. */
  private static boolean isSpace(char c) {
    return c <= ' ' || c == '\u2028' || c == '\u2029';
  }
}
