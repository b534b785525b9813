package promedio.core.rules;

/** Whether χ² of a 2 × 2 table takes ½ off each distance (Yates 1934). */
public enum Yates implements Coded {
  /** It does not. */
  OFF("off"),
  /** It does. */
  ON("on");

  private final String code;

  Yates(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
