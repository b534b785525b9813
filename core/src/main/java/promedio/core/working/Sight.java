package promedio.core.working;

import java.util.Locale;

/** What the hand sees in a table or a position without calculating. */
public enum Sight {
  /** The greatest frequency, and the one value that has it. */
  MODE,
  /** The greatest frequency, and the values that have it. */
  MODES,
  /** All values are equally frequent, so that there is no mode: that frequency. */
  NO_MODE,
  /** The first row whose cumulative frequency reaches a position: position, frequency, value. */
  FIRST_TO_REACH,
  /** The first class whose F reaches a position: position, F, lower and upper boundary. */
  CLASS_TO_REACH,
  /** The class that a value falls into: the value, lower and upper boundary. */
  CLASS_OF_VALUE,
  /** The densest class: its density, lower and upper boundary. */
  MODAL_CLASS,
  /** The most frequent of equally wide classes: its frequency, lower and upper boundary. */
  MOST_FREQUENT_CLASS,
  /** The position is whole: it. */
  WHOLE,
  /** The position is whole, and the rule takes the mean with the next value: it and the next. */
  WHOLE_AVERAGED,
  /** The position is not whole and is taken up: it, and where to. */
  TAKEN_UP,
  /** The position goes to the nearest whole one: it, and where to. */
  NEAREST,
  /** The position lies between two: it, the lower, the share of the way, the upper. */
  BETWEEN,
  /** The position lies beyond the values and is held at the end: it, and where. */
  HELD,
  /** So many values are left out at each end: n·p, and what is left of it. */
  LEFT_OUT,
  /** How many values lie below one, that one, and how many are equal to it. */
  BELOW_AND_EQUAL,
  /** Every p-value is multiplied by the number of comparisons: it. */
  BONFERRONI,
  /**
   * The p-value is multiplied by how many are not before it in order: its position, how many there
   * are, the factor.
   */
  HOLM,
  /** A product above 1 is no p-value; it is 1. */
  AT_MOST_ONE,
  /** The product is below the corrected p-value before it in order, which stands for both. */
  NOT_BELOW_THE_ONE_BEFORE,
  /** The p-value is not above the level of significance, so that H₀ is rejected: the level. */
  REJECTED,
  /** The p-value is above the level of significance, so that H₀ is not rejected: the level. */
  NOT_REJECTED;

  /** {@return its name in files} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
