package promedio.core.number;

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

  /** {@return the character itself} */
  public char sign() {
    return sign;
  }

  /** {@return the one of point and comma that is not the decimal sign} */
  char other() {
    return other;
  }
}
