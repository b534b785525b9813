package promedio.core.formula;

import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import promedio.core.message.Texts;

/**
 * How a quantity is written. A matter of typesetting: nothing is kept by it. Two symbols are equal
 * where they are so in English; some are written in another way where another language is spoken.
 *
 * @param latex in LaTeX
 * @param plain in plain characters
 */
public record Symbol(String latex, String plain) {

  /** {@return it in LaTeX, as those write it who speak the language} */
  @Override
  public String latex() {
    return Texts.symbol(plain).map(Map.Entry::getValue).orElse(latex);
  }

  /** {@return it in plain characters, as those write it who speak the language} */
  @Override
  public String plain() {
    return Texts.symbol(plain).map(Map.Entry::getKey).orElse(plain);
  }

  /** {@return the number in lowered digits; one that has no digits alone stands in brackets} */
  public static String lowered(String number) {
    return number.chars().allMatch(each -> each >= '0' && each <= '9')
        ? number
            .chars()
            .mapToObj(each -> String.valueOf((char) (each - '0' + '₀')))
            .collect(Collectors.joining())
        : "(" + number + ")";
  }

  // As a record has them, but those of a record are made when they are first called, which a short
  // command would wait for.

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof Symbol symbol
        && latex.equals(symbol.latex)
        && plain.equals(symbol.plain);
  }

  @Override
  public int hashCode() {
    return 31 * latex.hashCode() + plain.hashCode();
  }
}
