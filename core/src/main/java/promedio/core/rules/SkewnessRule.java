package promedio.core.rules;

/** Which measure is called the skewness. */
public enum SkewnessRule implements Coded {
  /** √(n(n−1))/(n−2) · m3/m2^(3/2). */
  ADJUSTED("adjusted"),
  /** m3/m2^(3/2). */
  MOMENT("moment"),
  /** m3/s³. */
  MOMENT_S("moment-s"),
  /** 3(mean − median)/sd. */
  PEARSON_MEDIAN("pearson-median"),
  /** (mean − mode)/sd. */
  PEARSON_MODE("pearson-mode"),
  /** (q3 + q1 − 2·median)/(q3 − q1). */
  QUARTILE("quartile");

  private final String code;

  SkewnessRule(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
