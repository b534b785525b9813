package promedio.core.rules;

/** Which tail a p-value takes of t, z and r. */
public enum Tails implements Coded {
  /** Both. */
  TWO("two"),
  /** That beyond the statistic. */
  UPPER("upper"),
  /** That below it. */
  LOWER("lower");

  private final String code;

  Tails(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
