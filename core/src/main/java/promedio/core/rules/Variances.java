package promedio.core.rules;

/** Whether a t test of two samples takes one variance for both. */
public enum Variances implements Coded {
  /** It pools them. */
  EQUAL("equal"),
  /** Each sample has its own (Welch 1947). */
  UNEQUAL("unequal");

  private final String code;

  Variances(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
