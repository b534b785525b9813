package promedio.core.rules;

/** How a p-value is written for people. */
public enum PStyle implements Coded {
  /** To the places of the course, as any number. */
  PLAIN("plain"),
  /** To three places and without the 0 before the decimal sign, which p never exceeds. */
  LEADING_ZERO_DROPPED("leading-zero-dropped");

  private final String code;

  PStyle(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
