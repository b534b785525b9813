package promedio.core.rules;

/** What data has as its mode when all its values are equally frequent. */
public enum ModeRule implements Coded {
  NONE_WHEN_ALL_EQUAL("none-when-all-equal"),
  LIST_ALL("list-all");

  private final String code;

  ModeRule(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
