package promedio.core.rules;

/** The position that is sought in a class table. */
public enum GroupedPositionRule implements Coded {
  HALF_N("n/2"),
  HALF_N_PLUS_1("(n+1)/2");

  private final String code;

  GroupedPositionRule(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
