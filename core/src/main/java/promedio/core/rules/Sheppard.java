package promedio.core.rules;

/** Whether h²/12 is taken off the variance of a class table. */
public enum Sheppard implements Coded {
  OFF("off"),
  ON("on");

  private final String code;

  Sheppard(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
