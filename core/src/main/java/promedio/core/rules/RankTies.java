package promedio.core.rules;

/** What the rank correlation is where values share ranks. */
public enum RankTies implements Coded {
  /** The correlation of the shared ranks. */
  SHARED("shared"),
  /** 1 − 6Σd²/(n(n²−1)) all the same. */
  FORMULA("formula");

  private final String code;

  RankTies(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
