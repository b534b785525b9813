package promedio.core.rules;

/** Which end a class keeps when values are grouped. */
public enum ClassEnd implements Coded {
  /** [l, u). */
  LOWER("lower"),
  /** (l, u]. */
  UPPER("upper");

  private final String code;

  ClassEnd(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
