package promedio.core.rules;

/** How the mode is found in a class table. */
public enum GroupedMode implements Coded {
  INTERPOLATED("interpolated"),
  MIDPOINT("midpoint"),
  /** 3·median − 2·mean. */
  EMPIRICAL("empirical"),
  /** L + f₊/(f₋ + f₊)·h, from the frequencies of the classes before and after. */
  NEIGHBOURS("neighbours");

  private final String code;

  GroupedMode(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
