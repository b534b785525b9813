package promedio.core.rules;

/** Where a quantile lies between the values in order. */
public enum QuantileRule implements Coded {
  /** Medians of the halves; with odd n the middle value is in neither (Moore and McCabe). */
  HALVES_WITHOUT_MEDIAN("halves-without-median"),
  /** Medians of the halves; with odd n the middle value is in both (Tukey). */
  HALVES_WITH_MEDIAN("halves-with-median"),
  /** Definitions 1 to 9 of Hyndman and Fan, The American Statistician 50 (1996). */
  HF1("hf1"),
  HF2("hf2"),
  HF3("hf3"),
  HF4("hf4"),
  HF5("hf5"),
  HF6("hf6"),
  HF7("hf7"),
  HF8("hf8"),
  HF9("hf9");

  private final String code;

  QuantileRule(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
