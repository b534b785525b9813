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

  /** {@return the character itself} */
  public char sign() {
    return sign;
  }

  /** {@return the one of point and comma that is not the decimal sign} */
  char other() {
    return other;
  }
}
