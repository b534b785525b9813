package promedio.core.rules;

/** How the mode is found in a class table. */
public enum GroupedMode implements Coded {
  INTERPOLATED("interpolated"),
  MIDPOINT("midpoint"),
  /** 3·median − 2·mean. */
  EMPIRICAL("empirical");

  private final String code;

  GroupedMode(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
