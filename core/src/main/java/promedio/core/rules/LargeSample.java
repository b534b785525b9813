package promedio.core.rules;

/** Whether the normal distribution stands in for t where the sample is large. */
public enum LargeSample implements Coded {
  /** It does not. */
  T("t"),
  /** It does from 30 values on. */
  Z_FROM_30("z-from-30");

  private final String code;

  LargeSample(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
