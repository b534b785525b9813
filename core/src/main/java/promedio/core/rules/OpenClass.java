package promedio.core.rules;

/** What an open first or last class does to measures that need its midpoint. */
public enum OpenClass implements Coded {
  ABSENT("absent"),
  AS_NEIGHBOUR("as-neighbour");

  private final String code;

  OpenClass(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
