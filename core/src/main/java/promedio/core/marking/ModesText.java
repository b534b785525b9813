package promedio.core.marking;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import promedio.core.message.TypedWords;
import promedio.core.number.DecimalSign;

/**
 * Several modes as people write them: {@code 3; 4}, {@code 3 and 4}, {@code {3, 4}}, {@code 3 1/2}.
 */
final class ModesText {

  private static final Pattern AND =
      Pattern.compile("(?i)(?:\\s+(?:" + TypedWords.pattern("and") + ")\\s+|\\s*&\\s*)");
  private static final Pattern BRACKETS = Pattern.compile("[{(\\[]\\s*(.*?)\\s*[})\\]]");
  private static final Pattern WHOLE = Pattern.compile("[-+−]?\\d{1,9}");
  private static final Pattern FRACTION = Pattern.compile("(\\d{1,9})[/\u2044](\\d{1,9})");

  private ModesText() {}

  /** {@return the ways to take the text apart into numbers, the likeliest first} */
  static List<List<String>> parts(String written, DecimalSign sign) {
    String text = BRACKETS.matcher(written.strip()).replaceFirst("$1");
    String listed = AND.matcher(text).replaceAll("; ").strip();
    Set<List<String>> ways = new LinkedHashSet<>();
    List<String> pieces = Arrays.asList(listed.split("\\s*;\\s*|,?\\s+", -1));
    ways.add(joined(pieces));
    ways.add(pieces);
    if (sign == DecimalSign.POINT) {
      // 3,4 may be two modes of someone whose decimals have points.
      List<String> apart = Arrays.asList(listed.split("\\s*[;,]\\s*|\\s+", -1));
      ways.add(joined(apart));
      ways.add(apart);
    }
    return List.copyOf(ways);
  }

  /** A whole number before a proper fraction is one mixed number. */
  private static List<String> joined(List<String> pieces) {
    List<String> joined = new ArrayList<>();
    for (String piece : pieces) {
      int last = joined.size() - 1;
      boolean mixed = last >= 0 && isProper(piece) && WHOLE.matcher(joined.get(last)).matches();
      if (mixed) {
        joined.set(last, joined.get(last) + " " + piece);
      } else {
        joined.add(piece);
      }
    }
    return joined;
  }

  private static boolean isProper(String text) {
    var fraction = FRACTION.matcher(text);
    return fraction.matches()
        && Integer.parseInt(fraction.group(1)) < Integer.parseInt(fraction.group(2));
  }
}
