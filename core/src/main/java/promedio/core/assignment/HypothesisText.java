package promedio.core.assignment;

/** What is typed about a test of significance. */
public enum HypothesisText {
  /** The mean that the null hypothesis states. */
  MU("mu"),
  /** The standard deviation of the population, where it is known. */
  SIGMA("sigma"),
  /** What is expected of each category; nothing where that is the same of all. */
  EXPECTED("expected");

  private final String code;

  HypothesisText(String code) {
    this.code = code;
  }

  /** {@return its name in files and ids} */
  public String code() {
    return code;
  }
}
