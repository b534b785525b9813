package promedio.core.rules;

/** How p-values of several comparisons are corrected. */
public enum Correction implements Coded {
  /** Not at all. */
  NONE("none"),
  /** Each times the number of comparisons. */
  BONFERRONI("bonferroni"),
  /** Step by step from the smallest (Holm 1979). */
  HOLM("holm");

  private final String code;

  Correction(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
