package promedio.core.rules;

/** What the sum of squared deviations is divided by. */
public enum Divisor implements Coded {
  /** A sample: one degree of freedom went into the mean. */
  N_MINUS_1("n-1"),
  /** A whole population. */
  N("n");

  private final String code;

  Divisor(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
