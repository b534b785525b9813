package promedio.core.number;

import promedio.core.message.Language;

/** The sign between the whole part and the decimals. */
public enum DecimalSign {
  POINT('.', ','),
  COMMA(',', '.');

  private final char sign;
  private final char other;

  DecimalSign(char sign, char other) {
    this.sign = sign;
    this.other = other;
  }

  /** {@return the sign that those who speak the language write} */
  public static DecimalSign of(Language language) {
    return language.decimalSign() == COMMA.sign ? COMMA : POINT;
  }

  /** {@return the sign of the language that is spoken} */
  public static DecimalSign spoken() {
    return of(Language.current());
  }

  /** {@return a number that is written with a point, with this sign in its place} */
  public String in(String number) {
    return number.replace(POINT.sign, sign);
  }

  /** {@return the character itself} */
  public char sign() {
    return sign;
  }

  /** {@return the one of point and comma that is not the decimal sign} */
  char other() {
    return other;
  }
}
