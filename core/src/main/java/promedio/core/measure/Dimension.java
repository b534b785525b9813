package promedio.core.measure;

/** What a result is measured in, beside the values. */
public enum Dimension {
  /** As the values are. */
  VALUE(""),
  /** In the square of the unit of the values. */
  SQUARE("²"),
  /** In the cube of it. */
  CUBE("³"),
  /** In its fourth power. */
  FOURTH_POWER("⁴"),
  /** In percent. */
  PERCENT("%"),
  /** A bare number that is shown to the places of p-values. */
  PROBABILITY(""),
  /** Degrees of freedom: without decimals where they are whole. */
  DEGREES(""),
  /** A bare number. */
  NONE("");

  private final String after;

  Dimension(String after) {
    this.after = after;
  }

  /** {@return the unit of the result where the values have this unit; none is empty} */
  public String unit(String ofValues) {
    return switch (this) {
      case PERCENT -> after;
      case NONE, PROBABILITY, DEGREES -> "";
      case VALUE, SQUARE, CUBE, FOURTH_POWER -> ofValues.isEmpty() ? "" : ofValues + after;
    };
  }
}
